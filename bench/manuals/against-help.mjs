// Holds the manual pages of real programs against what the programs' own help says: `npm run manuals -- FOLDER` for a folder of truths, each
// with its help. Every name, argument and list of values that only one of the two has is told with the line of the text in which the other has
// the name; `--list` prints them all, so that somebody can say whether the page, the help or a reader is wrong.
import { readSource } from 'dabbawala';
import { walkCommands } from 'dabbawala/model';
import { buildIfNeeded } from '../../scripts/setup.mjs';
import { truthEntries } from '../truth-files.mjs';
import { installedPage } from './pages.mjs';

buildIfNeeded();
const [folder, ...flags] = process.argv.slice(2);
const isListed = flags.includes('--list');
const counts = { programs: 0, names: 0, alike: 0, 'argument alike': 0, 'values alike': 0 };
const differences = new Map();

for (const { program, help } of roots(truthEntries(folder))) {
  const page = installedPage(program);
  if (page === undefined) continue;
  const fromPage = readSource({ name: page.file, text: page.text }).interface;
  const fromHelp = readSource({ name: program, text: help }, { kind: 'help', program }).interface;
  if (fromPage === undefined || fromHelp === undefined) continue;
  counts.programs++;
  compare(program, optionsOf(fromPage), optionsOf(fromHelp), fromPage.sources[0].source.text, help);
}
for (const [name, count] of Object.entries(counts)) process.stdout.write(`${name}: ${count}\n`);
for (const [kind, count] of [...differences].sort()) process.stdout.write(`${kind}: ${count}\n`);

/** The entries about programs themselves, one of each. */
function roots(entries) {
  const found = new Map();
  for (const entry of entries)
    if (!found.has(entry.program) && !(entry.command?.length > 0)) found.set(entry.program, entry);
  return found.values();
}

/** Every name with its option, of all commands that the text describes. */
function optionsOf(cli) {
  const named = new Map();
  for (const { command } of walkCommands(cli))
    for (const option of command.options.items)
      for (const { text } of [...option.names, ...option.negatedNames]) named.set(text, option);
  return named;
}

function compare(program, page, help, pageText, helpText) {
  for (const name of new Set([...page.keys(), ...help.keys()])) {
    counts.names++;
    const [one, other] = [page.get(name), help.get(name)];
    if (one === undefined) {
      tell(
        program,
        isShown(name, pageText) ? 'not read in the page' : 'not in the page',
        name,
        lineOf(name, pageText),
      );
      continue;
    }
    if (other === undefined) {
      tell(
        program,
        isShown(name, helpText) ? 'not read in the help' : 'not in the help',
        name,
        `${lineOf(name, helpText)} | ${lineOf(name, pageText)}`,
      );
      continue;
    }
    counts.alike++;
    const [a, b] = [one, other].map(({ argument }) => argument?.value.presence ?? 'unknown');
    if (a === b) counts['argument alike']++;
    else
      tell(
        program,
        'argument',
        name,
        `page ${a}, help ${b}: ${lineOf(name, pageText)} | ${lineOf(name, helpText)}`,
      );
    const [v, w] = [one, other].map(valuesOf);
    if (v === w) counts['values alike']++;
    else if (v !== '' && w !== '') tell(program, 'values', name, `page ${v}, help ${w}`);
  }
}

function valuesOf({ argument }) {
  return (argument?.value.words.at(-1)?.values?.value ?? [])
    .map(({ value }) => value)
    .sort()
    .join(' ');
}

function tell(program, kind, name, line) {
  differences.set(kind, (differences.get(kind) ?? 0) + 1);
  if (isListed) process.stdout.write(`${kind}\t${program}\t${name}\t${line}\n`);
}

function isShown(name, text) {
  return lineOf(name, text) !== '';
}

/** The first line of a text that has a name by itself: one that begins with it, where there is one. */
function lineOf(name, text) {
  const lines = text.split('\n').filter((line) => words(line).includes(name));
  const begins = lines.find((line) => words(line)[0]?.startsWith('-') && line.trim().startsWith('-'));
  return (begins ?? lines[0] ?? '').trim().slice(0, 100);
}

function words(line) {
  return (
    line.match(/(?<![\w-])[-+]{1,2}[^\s,=[\]<>|(){}/'"“”‘’;]+/g)?.map((word) => word.replace(/[.:]+$/, '')) ??
    []
  );
}

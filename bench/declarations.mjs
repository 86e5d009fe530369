// Scores what `capture --declared` reads out of real programs against truths about them: `npm run declarations -- FOLDER [NAME...]`, for a folder
// of truths whose programs are installed here. Of each program: names of options, how they take their arguments, allowed values and
// subcommands, each against all that the truth has, also where no help shows it. Allowed values are those of the whole capture.
import { existsSync } from 'node:fs';
import { delimiter, join } from 'node:path';
import { walkCommands } from 'dabbawala/model';
import { captureProgram } from 'dabbawala/node';
import { buildIfNeeded } from '../scripts/setup.mjs';
import { truthEntries } from './truth-files.mjs';

const PRESENCE = { none: 'none', mandatory: 'required', optional: 'optional' };
const MEASURES = ['names', 'true', 'arguments', 'values', 'commands'];

buildIfNeeded();
const [folder, ...names] = process.argv.slice(2);
if (folder === undefined) {
  process.stderr.write('usage: npm run declarations -- FOLDER [NAME...]\n');
  process.exit(2);
}
const programs = new Map();
for (const entry of truthEntries(folder)) {
  const isWanted = entry.truth_source !== null && (names.length === 0 || names.includes(entry.program));
  if (isWanted && isInstalled(entry.program))
    programs.set(entry.program, [...(programs.get(entry.program) ?? []), entry]);
}
const totals = { read: 0, hidden: 0, ...Object.fromEntries(MEASURES.map((key) => [key, [0, 0]])) };
for (const [program, entries] of programs) {
  const score = await scoreOf(program, entries);
  process.stdout.write(`${lineOf(program, score)}\n`);
  if (score.reason !== undefined) continue;
  totals.read++;
  totals.hidden += score.hidden;
  for (const key of MEASURES) for (const i of [0, 1]) totals[key][i] += score[key][i];
}
process.stdout.write(`${lineOf(`all: ${totals.read} of ${programs.size} read`, totals)}\n`);

function isInstalled(program) {
  return (process.env.PATH ?? '').split(delimiter).some((one) => existsSync(join(one, program)));
}

async function scoreOf(program, entries) {
  const { interface: cli, problems } = await captureProgram([program], { declared: true, depthLimit: 2 });
  const declared = cli?.views.find((view) => view.sources[0]?.kind === 'objects');
  if (declared === undefined)
    return { reason: problems.at(-1)?.message ?? 'no interface of its own', dialect: entries[0].dialect };
  const whole = new Map([...walkCommands(cli)].map((at) => [at.path.slice(1).join(' '), at.command]));
  const commands = new Map([...walkCommands(declared)].map((at) => [at.path.slice(1).join(' '), at.command]));
  const score = {
    dialect: entries[0].dialect,
    parser: declared.parser?.value.join(),
    hidden: 0,
    wrong: [],
    ...Object.fromEntries(MEASURES.map((key) => [key, [0, 0]])),
  };
  for (const entry of entries) {
    const path = entry.command_path.slice(1).join(' ');
    const command = commands.get(path);
    if (command === undefined) score.wrong.push(`no command '${path}'`);
    else scoreCommand(entry, command, whole.get(path), score);
  }
  return score;
}

function scoreCommand(entry, command, whole, score) {
  const path = entry.command_path.slice(1).join(' ');
  const count = (key, isRight, what) => {
    score[key][1]++;
    if (isRight) score[key][0]++;
    else score.wrong.push(`${key}: ${[path, what].filter(Boolean).join(' ')}`);
  };
  const mine = new Map();
  for (const option of command.options.items) {
    for (const name of [...option.names, ...option.negatedNames]) mine.set(name.text, { option, name });
    if (option.hidden?.value === true) score.hidden++;
  }
  const known = new Set(entry.inherited_names ?? []);
  for (const { short, long, other, value, choices } of entry.options) {
    const all = [
      ...short.map((one) => `-${one}`),
      ...long.map((one) => `--${one}`),
      ...other.map((one) => `-${one}`),
    ];
    for (const name of all) {
      known.add(name);
      count('names', mine.has(name), name);
    }
    const found = mine.get(all.at(-1));
    if (found === undefined) continue;
    const argument = (found.name.argument ?? found.option.argument)?.value;
    if (value !== 'unknown')
      count('arguments', PRESENCE[argument?.presence] === value, `${all.at(-1)} is ${value}`);
    if (choices !== null) {
      // Parsers of C know no values: those are the help's.
      const joined = whole.options.items.find((one) => one.names.some(({ text }) => text === all.at(-1)));
      const values = joined?.argument?.value.words.at(-1)?.values?.value.map((one) => one.value) ?? [];
      count(
        'values',
        [...values].sort().join() === [...choices].map(String).sort().join(),
        `${all.at(-1)} ${choices}`,
      );
    }
  }
  if (entry.truth_complete !== false)
    for (const name of mine.keys())
      count('true', known.has(name) || known.has(name.replace(/^-+/, '')), name);
  const commands = new Set(command.commands.items.flatMap((one) => one.names.map(({ text }) => text)));
  for (const name of entry.subcommands ?? []) count('commands', commands.has(name), name);
}

function lineOf(program, { reason, dialect, parser, hidden, wrong = [], ...counts }) {
  if (reason !== undefined) return `${program} (${dialect}): not read: ${reason}`;
  const of = parser === undefined ? '' : ` (${dialect}, by ${parser})`;
  const figures = MEASURES.map((key) => `${key} ${counts[key][0]}/${counts[key][1]}`);
  return [
    `${program}${of}: ${figures.join(', ')}, hidden ${hidden}`,
    ...wrong.slice(0, 8).map((one) => `    ${one}`),
  ].join('\n');
}

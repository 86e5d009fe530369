// Reads the shell scripts of a machine: `node bench/scripts/on-machine.mjs FOLDER... [--list] [--findings]`. Tells how many use getopts, getopt or a loop of their own, how many
// of them are read in full, in part and not at all, and whether the letters are those that a plain search finds in the option strings.
import { readdirSync, readFileSync, realpathSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { audit, readSource } from 'dabbawala';
import { buildIfNeeded } from '../../scripts/setup.mjs';

buildIfNeeded();
const {
  values: { list, findings },
  positionals: folders,
} = parseArgs({
  allowPositionals: true,
  options: { list: { type: 'boolean' }, findings: { type: 'boolean' } },
});

const KINDS = {
  getopts: /^[^#\n]*(?<![\w-])getopts[ \t]+["':\w$]/m,
  getopt: /^[^#\n]*(?:\$\(|`)[ \t]*getopt[ \t]/m,
  words:
    /^[^#\n]*\b(?:while|until|for)\b(?:.|\n){0,400}\bcase[ \t]+["']?\$\{?(?:1|arg|opt|option|i|a|key|param|word)\b(?:.|\n){0,400}?^[ \t]*\(?["']?-/m,
};
const SHELL = /^#![ \t]*\S*\/(?:env[ \t]+)?(?:sh|bash|dash|ksh|mksh)(?:[ \t]|$)/;

const scores = Object.fromEntries(
  Object.keys(KINDS).map((kind) => [kind, { scripts: 0, full: 0, part: 0, none: 0, strings: 0, alike: 0 }]),
);
let slowest = { ms: 0, path: '' };
for (const [path, text] of scripts(folders)) {
  const kind = Object.keys(KINDS).find((one) => KINDS[one].test(text));
  if (kind === undefined) continue;
  const score = scores[kind];
  score.scripts++;
  const started = performance.now();
  const { interface: cli, problems } = readSource({ name: path, text }, { kind: 'script' });
  const ms = performance.now() - started;
  if (ms > slowest.ms) slowest = { ms, path };
  const loops = cli?.optionLoops ?? [];
  const ofCode = problems.filter(({ code }) => !code.startsWith('unread-') && code !== 'little-read');
  const isFull = loops.length > 0 && ofCode.length === 0 && loops.some((loop) => loop.kind === kind);
  const how = isFull ? 'full' : loops.length > 0 ? 'part' : 'none';
  score[how]++;
  const searched = kind === 'getopts' ? searchedLetters(text) : [];
  for (const letters of searched) {
    score.strings++;
    const isAlike = loops.some(
      (loop) => loop.kind === 'getopts' && loop.declared !== undefined && lettersOf(loop) === letters,
    );
    if (isAlike) score.alike++;
    else if (list) process.stdout.write(`letters ${path}: ${letters}\n`);
  }
  if (list && how !== 'full')
    process.stdout.write(`${how} ${kind} ${path}: ${ofCode.map(({ message }) => message).join('; ')}\n`);
  if (findings && cli !== undefined)
    for (const { check, level, message } of audit([cli], { selection: { only: ['script'] } }).findings)
      process.stdout.write(`${path}: ${level} [${check}] ${message}\n`);
}
for (const [kind, { scripts: count, full, part, none, strings, alike }] of Object.entries(scores))
  process.stdout.write(
    `${kind}: ${count} scripts, ${full} read in full, ${part} in part, ${none} not${strings === 0 ? '' : `; ${alike} of ${strings} option strings alike`}\n`,
  );
process.stdout.write(`the slowest took ${Math.round(slowest.ms)} ms: ${slowest.path}\n`);

/** The option strings that stand behind `getopts`, their letters sorted. */
function searchedLetters(text) {
  return [...text.matchAll(/^[^#\n]*(?<![\w-])getopts[ \t]+(["']?)([:\w?-]+)\1[ \t]/gm)].map(([, , string]) =>
    [...string.replace(/^:/, '').matchAll(/([^:?-])(:?)/g)]
      .map(([, letter, colon]) => letter + colon)
      .sort()
      .join(''),
  );
}

function lettersOf({ declared }) {
  return declared
    .map(({ name, presence }) => name.slice(1) + (presence === 'none' ? '' : ':'))
    .sort()
    .join('');
}

/** The shell scripts below some folders, each once. */
function* scripts(roots) {
  const seen = new Set();
  const contents = new Set();
  const open = [...roots];
  while (open.length > 0) {
    const folder = open.pop();
    for (const entry of entriesOf(folder)) {
      const path = join(folder, entry.name);
      if (entry.isDirectory()) open.push(path);
      else {
        const text = textOf(path, seen);
        if (text === undefined || contents.has(text)) continue;
        contents.add(text);
        yield [path, text];
      }
    }
  }
}

function entriesOf(folder) {
  try {
    return readdirSync(folder, { withFileTypes: true });
  } catch {
    return [];
  }
}

function textOf(path, seen) {
  try {
    const real = realpathSync(path);
    const { size } = statSync(real);
    if (seen.has(real) || size === 0 || size > 2_000_000 || !statSync(real).isFile()) return undefined;
    seen.add(real);
    const text = readFileSync(real, 'latin1');
    return SHELL.test(text.slice(0, 120).split('\n', 1)[0]) && !/complet/.test(path)
      ? readFileSync(real, 'utf8')
      : undefined;
  } catch {
    return undefined;
  }
}

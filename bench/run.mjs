// Timings of the library and the command, each the median of several runs, and how they grow with the input.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { audit, NameIndex, readHelp } from 'dabbawala';
import { buildIfNeeded, root } from '../scripts/setup.mjs';

buildIfNeeded();

const RUNS = 7;

function median(values) {
  return values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)];
}

function time(run) {
  const times = [];
  for (let i = 0; i < RUNS; i++) {
    const start = performance.now();
    run();
    times.push(performance.now() - start);
  }
  return median(times);
}

function report(what, milliseconds, note = '') {
  process.stdout.write(`${what.padEnd(52)} ${milliseconds.toFixed(0).padStart(7)} ms  ${note}\n`);
}

/** Help-like text of about so many characters: an option with a wrapped text every three lines. */
function helpText(size) {
  const parts = ['Usage: tiffin [OPTION]... BOX...\n\nOptions:\n'];
  let length = 0;
  for (let i = 0; length < size; i++) {
    const name = `--${'abcdefghij'[i % 10]}ox-number-${i}`;
    const part = `      ${name}=VALUE\n                         list the box with number ${i} and the\n                         quay where it landed (default: north)\n`;
    parts.push(part);
    length += part.length;
  }
  return parts.join('');
}

function timeReading(size) {
  const text = helpText(size);
  return time(() => readHelp({ name: 'help', text }));
}

const one = timeReading(1_000_000);
const ten = timeReading(10_000_000);
report('read 1 MB of help-like text', one);
report('read 10 MB of help-like text', ten, `${(ten / one).toFixed(1)} times as long`);

const { interface: large } = readHelp({ name: 'help', text: helpText(1_000_000) });
report(
  'audit the options of 1 MB of help-like text',
  time(() => audit([large])),
);

function timeIndex(count) {
  const names = Array.from({ length: count }, (_, i) => ({
    name: `--${(i * 2654435761).toString(36)}-${i}`,
    target: i,
  }));
  return time(() => {
    const index = new NameIndex(names, { abbreviations: true, spellingsTie: false });
    for (const { name } of names) {
      index.resolve(name);
      index.resolve(name.slice(0, -1));
    }
  });
}

const tenThousand = timeIndex(10_000);
const hundredThousand = timeIndex(100_000);
report('index 10,000 names, resolve each and a prefix', tenThousand);
report(
  'index 100,000 names, resolve each and a prefix',
  hundredThousand,
  `${(hundredThousand / tenThousand).toFixed(1)} times as long`,
);

/** Whole processes in turn, so that a drift of the machine meets all alike. */
const help = readFileSync(join(root, 'demo/tiffin-1.4/help/tiffin-box-list.txt'));
const commands = [
  ['node -e 0', ['-e', '0']],
  ['dabbawala --version', ['dist/cli/bin.js', '--version']],
  ['dabbawala audit of one help', ['dist/cli/bin.js', 'audit', '-']],
];
const PAIRS = 15;
const times = commands.map(() => []);
for (let i = 0; i < PAIRS; i++) {
  for (const [k, [, words]] of commands.entries()) {
    const start = performance.now();
    spawnSync(process.execPath, words, { cwd: root, input: help });
    times[k].push(performance.now() - start);
  }
}
for (const [k, [what]] of commands.entries()) {
  const ratio = median(times[k].map((value, i) => value / times[0][i]));
  report(what, median(times[k]), `${ratio.toFixed(2)} times node -e 0, median of ${PAIRS} pairs`);
}

// Timings of the library and the command, each the median of several runs, and how they grow with the input.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { audit, readHelp } from 'dabbawala';
import { assumeComplete, compareInterfaces, NameIndex } from 'dabbawala/analysis';
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

/** Options of which every tenth has gone, has come, or has another name in the later version. */
function versionText(count, later) {
  const words = ['box', 'quay', 'route', 'kitchen', 'ledger', 'carrier', 'tide'];
  const name = (i) => `--${words[i % 7]}-${words[(i >> 3) % 7]}-${i.toString(36)}`;
  const lines = Array.from({ length: count }, (_, i) => {
    if (i % 10 === 0) return later ? `${name(i)}-now=VALUE` : `${name(i)}-once=VALUE`;
    return i % 10 === 1 && later ? `${name(i)}x=VALUE` : `${name(i)}=VALUE`;
  }).map((shown, i) => `  ${shown.padEnd(40)} keep the ${words[i % 5]} that has number ${i}`);
  return `Usage: tiffin [OPTION]... BOX...\n\nOptions:\n${lines.join('\n')}\n`;
}

function timeComparison(count) {
  const [old, later] = [false, true].map((isLater) => {
    const { interface: cli } = readHelp({ name: 'help', text: versionText(count, isLater) });
    return assumeComplete(cli);
  });
  const before = process.memoryUsage().heapUsed;
  let changes = 0;
  let most = before;
  const milliseconds = time(() => {
    changes = compareInterfaces(old, later).changes.length;
    most = Math.max(most, process.memoryUsage().heapUsed);
  });
  return { milliseconds, changes, megabytes: (most - before) / 1e6 };
}

const fiveHundred = timeComparison(500);
const fiveThousand = timeComparison(5000);
report('compare 500 options with 500', fiveHundred.milliseconds, `${fiveHundred.changes} changes`);
report(
  'compare 5,000 options with 5,000',
  fiveThousand.milliseconds,
  `${fiveThousand.changes} changes, ${fiveThousand.megabytes.toFixed(0)} MB, ` +
    `${(fiveThousand.milliseconds / fiveHundred.milliseconds).toFixed(1)} times as long`,
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

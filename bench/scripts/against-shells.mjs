// Holds what a trace says of scripts against what shells do: `node bench/scripts/against-shells.mjs [--scripts N] [--lines N] [--seed S] [--show N]`. Scripts made by
// chance are run by bash, dash and ksh with command lines made by chance; a trace on the script as source must tell the same options, arguments and
// operands, or that the words are refused.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { readSource } from 'dabbawala';
import { traceWords } from 'dabbawala/analysis';
import { buildIfNeeded } from '../../scripts/setup.mjs';
import { Random } from '../random.mjs';
import { commandLine, generatedScript } from './generated-script.mjs';

buildIfNeeded();
const { values } = parseArgs({
  options: {
    scripts: { type: 'string', default: '500' },
    lines: { type: 'string', default: '4' },
    seed: { type: 'string', default: '1' },
    show: { type: 'string', default: '10' },
  },
});
const SHELLS = ['bash', 'dash', 'ksh'].filter((shell) => spawnSync(shell, ['-c', 'exit 0']).status === 0);

const folder = mkdtempSync(join(tmpdir(), 'dabbawala-scripts-'));
const scores = new Map();
let shown = 0;
try {
  for (let i = 0; i < Number(values.scripts); i++) {
    const random = new Random(Number(values.seed), i);
    const { form, options, text } = generatedScript(random);
    const path = join(folder, 'tiffin');
    writeFileSync(path, text);
    const { interface: cli } = readSource({ name: 'tiffin', text }, { kind: 'script' });
    const score = scores.get(form) ?? { scripts: 0, read: 0, lines: 0, alike: 0 };
    scores.set(form, score);
    score.scripts++;
    if (cli === undefined) {
      show(form, text, [], 'not read', '');
      continue;
    }
    score.read++;
    for (let n = 0; n < Number(values.lines); n++) {
      const words = commandLine(options, random);
      const told = toldBy(cli, words);
      for (const shell of SHELLS) {
        if (answersItself(shell, form, words)) continue;
        const run = spawnSync(shell, [path, ...words], { encoding: 'utf8', timeout: 5000 });
        const done = run.stdout.includes('refused') || run.status === 2 ? 'refused' : run.stdout;
        score.lines++;
        if (told === done) score.alike++;
        else show(`${form} in ${shell}`, text, words, told, done);
      }
    }
  }
} finally {
  rmSync(folder, { recursive: true, force: true });
}

let lines = 0;
let alike = 0;
for (const [form, score] of [...scores].sort()) {
  process.stdout.write(
    `${form}: ${score.read} of ${score.scripts} scripts read, ${score.alike} of ${score.lines} runs as traced\n`,
  );
  lines += score.lines;
  alike += score.alike;
}
process.stdout.write(
  `all: ${alike} of ${lines} runs as traced (${((100 * alike) / lines).toFixed(2)} %), by ${SHELLS.join(', ')}\n`,
);
process.exitCode = alike === lines ? 0 : 1;

/** Whether a shell takes words for options of its own: `getopts` of ksh93 answers every `--word` with a usage of its making, and ends the script. */
function answersItself(shell, form, words) {
  return shell === 'ksh' && form.startsWith('getopts') && words.some((word) => /^--\w/.test(word));
}

/** What a trace tells of a command line, in the words in which the scripts tell it. */
function toldBy(cli, words) {
  const trace = traceWords(cli, words);
  if (trace.problems.length > 0) return 'refused';
  const options = trace.options.map(({ name, values: given }) => ({
    at: undefined,
    text: `option ${name}${given.length > 0 ? ` ${given[0]}` : ''}\n`,
  }));
  const operands = trace.operands.map((word) => `operand ${word}\n`);
  // Options and operands each in their order; where they are mixed, the scripts print both as they come.
  return [...options.map(({ text }) => text), ...operands].join('');
}

function show(what, text, words, told, done) {
  if (shown++ >= Number(values.show)) return;
  process.stdout.write(
    `--- ${what}: ${JSON.stringify(words)}\n${text}told: ${JSON.stringify(told)}\ndone: ${JSON.stringify(done)}\n`,
  );
}

// How long real shells take to tell what a written script offers, and how that grows with the program: `node bench/completion.mjs`.
import { readDocument } from 'dabbawala';
import { completionQuestions, coverage, shellTotals } from 'dabbawala/analysis';
import { SHELLS } from 'dabbawala/model';
import { observeCompletion } from 'dabbawala/node';
import { bashCompletion, fishCompletion, zshCompletion } from 'dabbawala/writers';
import { buildIfNeeded } from '../scripts/setup.mjs';

buildIfNeeded();

const WRITERS = { bash: bashCompletion, fish: fishCompletion, zsh: zshCompletion };
const SIZES = [
  [15, 200],
  [50, 700],
  [150, 2000],
];

/** A program with so many commands and options, every fourth of which takes one of two values. */
function program(commands, options) {
  const lines = ['dabbawala: 1', 'program: tiffin', 'complete: true', 'commands:'];
  for (let c = 0; c < commands; c++) {
    lines.push(`  box-${c}:`, `    summary: handle box ${c}`, '    options:');
    const count = Math.round((options * (c + 1)) / commands) - Math.round((options * c) / commands);
    for (let o = 0; o < count; o++) {
      lines.push(
        o % 4 === 0
          ? `      --sort-${o}=KEY: {help: sort by key ${o}, argument: {values: [owner, quay]}}`
          : `      --option-${o}: say ${o} of box ${c}`,
      );
    }
  }
  return readDocument({ name: 'tiffin.yaml', text: `${lines.join('\n')}\n` }).interface;
}

for (const [commands, options] of SIZES) {
  const from = program(commands, options);
  const questions = completionQuestions(from).length;
  for (const shell of SHELLS) {
    const script = { name: 'script', text: WRITERS[shell](from) };
    const start = performance.now();
    const found = await observeCompletion(shell, script, from);
    const milliseconds = performance.now() - start;
    if (found.commands === undefined) {
      process.stdout.write(`${shell}: ${found.reason}\n`);
      continue;
    }
    const [covered] = coverage(from, [found]);
    const shares = Object.values(shellTotals(covered)).map(({ share }) => `${Math.round(share * 100)} %`);
    process.stdout.write(
      `${String(commands).padStart(4)} commands ${String(options).padStart(5)} options  ${shell.padEnd(5)}` +
        `${String(questions).padStart(6)} questions ${(milliseconds / 1000).toFixed(1).padStart(6)} s ` +
        `${(milliseconds / questions).toFixed(1).padStart(6)} ms each  offered ${shares.join(', ')}\n`,
    );
  }
}

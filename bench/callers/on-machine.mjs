// Finds the calls of programs in the files of a machine: `node bench/callers/on-machine.mjs PROGRAM... [--folders FOLDER...] [--list]`. Each program is asked for its help. Tells how many calls a
// plain search for lines finds that begin a command with the name, how many of these lines the scanner has, and the words that it says are wrong.
import { spawnSync } from 'node:child_process';
import { parseArgs } from 'node:util';
import { inFile, LineIndex, readSource } from 'dabbawala';
import { callerKind, findCallers } from 'dabbawala/analysis';
import { callerFiles } from 'dabbawala/node';
import { buildIfNeeded } from '../../scripts/setup.mjs';

buildIfNeeded();
const { values, positionals: programs } = parseArgs({
  allowPositionals: true,
  options: {
    folder: {
      type: 'string',
      multiple: true,
      default: ['/usr/bin', '/usr/sbin', '/etc', '/lib/systemd/system'],
    },
    list: { type: 'boolean' },
  },
});

const interfaces = programs.flatMap((program) => {
  const { stdout } = spawnSync(program, ['--help'], { encoding: 'utf8', timeout: 10_000 });
  const { interface: cli } = readSource({ name: `${program}.help`, text: stdout }, { kind: 'help', program });
  return cli === undefined ? [] : [cli];
});
const scores = new Map(
  interfaces.map(({ program }) => [program.value, { searched: 0, missed: 0, calls: 0, wrong: 0, short: 0 }]),
);
let files = 0;
let bytes = 0;
const started = performance.now();
for await (const { source } of callerFiles(values.folder)) {
  if (source === undefined || callerKind(source) === undefined) continue;
  files++;
  bytes += source.text.length;
  for (const cli of interfaces) look(source, cli);
}
for (const [program, { searched, missed, calls, wrong, short }] of scores)
  process.stdout.write(
    `${program}: ${calls} calls, ${wrong} with something wrong, ${short} abbreviated; ${searched - missed} of ${searched} lines that a search finds\n`,
  );
process.stdout.write(
  `${files} files, ${(bytes / 1e6).toFixed(1)} MB, ${Math.round(performance.now() - started)} ms\n`,
);

function look(source, cli) {
  const program = cli.program.value;
  const score = scores.get(program);
  const { invocations } = findCallers([source], cli);
  const index = new LineIndex(source.text);
  const lines = new Set();
  for (const { place, problems, abbreviations } of invocations) {
    score.calls++;
    if (problems.length > 0) score.wrong++;
    if (abbreviations.length > 0) score.short++;
    const { line } = index.position(inFile(place).start);
    lines.add(line);
    if (values.list)
      for (const { message } of problems) process.stdout.write(`wrong ${source.name}:${line}: ${message}\n`);
  }
  // In source code a name at the beginning of a line is anything.
  if (callerKind(source)?.endsWith('-source')) return;
  for (const [i, text] of source.text.split('\n').entries()) {
    if (!beginsCommand(program).test(text) || /^\s*#/.test(text)) continue;
    score.searched++;
    if (lines.has(i + 1)) continue;
    score.missed++;
    if (values.list) process.stdout.write(`missed ${source.name}:${i + 1}: ${text.trim().slice(0, 120)}\n`);
  }
}

/** The name at the beginning of a line, or behind what parts commands. */
function beginsCommand(program) {
  return new RegExp(`(?:^\\s*|[;&|(\`]\\s*|\\$\\(\\s*|\\b(?:if|then|do|else|while)\\s+)${program}[ \\t]+\\S`);
}

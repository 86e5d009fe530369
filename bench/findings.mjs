// Audits the help outputs of many programs and tells what was found, by check, with time and memory: to read every error and warning
// (docs/accuracy.md). Words are programs to capture, whole with --tree, and folders of truths (npm run truth); --all tells notes too.
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { audit, isAtLeast, joinInterfaces, LineIndexes, placeText, readHelp } from 'dabbawala';
import { captureProgram } from 'dabbawala/node';
import { buildIfNeeded } from '../scripts/setup.mjs';

buildIfNeeded();

const words = process.argv.slice(2).filter((word) => !word.startsWith('--'));
const isTree = process.argv.includes('--tree');
const least = process.argv.includes('--all') ? 'note' : 'warning';

const programs = [];
for (const word of words) {
  if (word.includes('/')) programs.push(...helpsIn(word));
  else programs.push(await captured(word));
}

const counts = new Map();
let helps = 0;
let milliseconds = 0;
for (const { read, texts } of programs) {
  const start = performance.now();
  const interfaces = read();
  const { findings } = audit(interfaces);
  milliseconds += performance.now() - start;
  helps += texts;
  const indexes = new LineIndexes();
  for (const { check, level, message, place, evidence } of findings) {
    counts.set(`${level} ${check}`, (counts.get(`${level} ${check}`) ?? 0) + 1);
    if (isAtLeast(level, least))
      process.stdout.write(
        `${placeText(place, indexes)}${level}: ${message} [${check}]\n    | ${evidence}\n`,
      );
  }
}
const rows = [...counts].sort(([a, m], [b, n]) => n - m || (a < b ? -1 : 1));
process.stdout.write(`\n${rows.map(([name, count]) => `${String(count).padStart(6)} ${name}`).join('\n')}\n`);
const { maxRSS } = process.resourceUsage();
process.stdout.write(
  `\n${helps} help outputs of ${programs.length} programs, read and audited in ${(milliseconds / 1000).toFixed(1)} s, ` +
    `with ${Math.round(maxRSS / 1024)} MB at the most\n`,
);

/** The help outputs below a folder of truths, each by itself. */
function helpsIn(path) {
  if (statSync(path).isDirectory())
    return readdirSync(path)
      .sort()
      .flatMap((name) => helpsIn(join(path, name)));
  if (!path.endsWith('.json') || path.endsWith('index.json')) return [];
  return JSON.parse(readFileSync(path, 'utf8')).flatMap(({ help, program, command_path }) =>
    help === undefined
      ? []
      : [
          {
            texts: 1,
            read: () =>
              [readHelp({ name: command_path.join(' '), text: help }, { program }).interface].filter(Boolean),
          },
        ],
  );
}

/** The help outputs of a program on this machine. */
async function captured(program) {
  const capture = await captureProgram([program], { width: 80, keepHome: true, depthLimit: isTree ? 8 : 0 });
  const sources = capture.interface?.sources ?? [];
  return {
    texts: sources.length,
    read: () =>
      joinInterfaces(
        sources.flatMap(
          ({ source, command }) =>
            readHelp(source, { program, command: command.slice(1), width: 80 }).interface ?? [],
        ),
      ),
  };
}

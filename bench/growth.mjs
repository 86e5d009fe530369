// How the time of every reader, and of what is done with an interface, grows with its input: `npm run growth [-- WORD]`. For twice the input no
// more than 2.5 times as long is wanted; times too short to tell are left out. WORD limits it to units whose kind or name has it.
import {
  audit,
  auditText,
  bashCompletion,
  compareInterfaces,
  coverage,
  documentYaml,
  fishCompletion,
  manualPage,
  nameScopes,
  readCompletion,
  readDocument,
  readHelp,
  readSettings,
  referenceMarkdown,
  resolveWords,
  traceWords,
  zshCompletion,
} from 'dabbawala';
import { buildIfNeeded } from '../scripts/setup.mjs';
import { repeated, UNITS } from './growth-units.mjs';

buildIfNeeded();

/** The sizes, in characters; each is looked at only where the one before took less than so many milliseconds. */
const SIZES = [62_500, 125_000, 250_000, 500_000, 1_000_000];
const PATIENCE = 20_000;

/** The most that twice the input may cost. */
const RATIO = 2.5;

/** Shorter times, in milliseconds, are mostly noise. */
const NOISE = 40;

const wanted = process.argv.slice(2);
const wrong = [];
let measured = 0;

for (const one of UNITS) {
  if (wanted.length > 0 && !wanted.some((word) => `${one.kind}: ${one.what}`.includes(word))) continue;
  for (const [what, prepare] of Object.entries(measurements(one.kind)))
    grow(`${one.kind}: ${one.what}: ${what}`, one, prepare);
}
process.stdout.write(
  `\n${measured} ratios, ${wrong.length} over ${RATIO}\n${wrong.map((line) => `  ${line}\n`).join('')}`,
);
if (wrong.length > 0) process.exitCode = 1;

/** Measures one thing at every size, and tells each ratio. */
function grow(what, unit, prepare) {
  let before;
  const cells = [];
  for (const size of SIZES) {
    const run = prepare(repeated(unit, size));
    if (run === undefined) break;
    const milliseconds = time(run, before);
    const ratio = before === undefined || before < NOISE ? undefined : milliseconds / before;
    cells.push(`${milliseconds.toFixed(0)}${ratio === undefined ? '' : ` (${ratio.toFixed(1)})`}`);
    if (ratio !== undefined) {
      measured++;
      if (ratio > RATIO)
        wrong.push(`${what}: ${before.toFixed(0)} to ${milliseconds.toFixed(0)} ms at ${size}`);
    }
    before = milliseconds;
    if (milliseconds > PATIENCE) break;
  }
  process.stdout.write(`${what.padEnd(60)} ${cells.join(' ')}\n`);
}

/** CPU time of a run in milliseconds: the least of some, fewer where it is long or nothing is gained. */
function time(run, before) {
  let least = Number.POSITIVE_INFINITY;
  for (let i = 0; i < 4; i++) {
    const start = process.cpuUsage();
    run();
    const { user, system } = process.cpuUsage(start);
    least = Math.min(least, (user + system) / 1000);
    if (i > 0 && (least > 2000 || before === undefined || least < before * 2.2)) break;
  }
  return least;
}

/** What is measured of a text of each kind: `prepare` takes the text and gives what is run. */
function measurements(kind) {
  switch (kind) {
    case 'help':
      return {
        read: (text) => () => readHelp({ name: 'help', text }),
        ...analyses((text) => readHelp({ name: 'help', text })),
      };
    case 'document':
      return {
        read: (text) => () => readDocument({ name: 'document', text }),
        ...analyses((text) => readDocument({ name: 'document', text })),
      };
    case 'settings':
      return { read: (text) => () => readSettings({ name: 'settings', text }) };
    default:
      return {
        read: (text) => () => readCompletion({ name: 'script', text }, kind, 'tiffin'),
        coverage: (text) => {
          const inventory = readCompletion({ name: 'script', text }, kind, 'tiffin');
          const { interface: from } = readHelp({
            name: 'help',
            text: 'Usage: tiffin [--late]\n\n  --late  only late ones\n',
          });
          return () => coverage(from, [inventory]);
        },
      };
  }
}

/** What is done with an interface, each part by itself. */
function analyses(read) {
  const withInterface = (run) => (text) => {
    const { interface: from } = read(text);
    return from === undefined ? undefined : () => run(from);
  };
  const words = ['--late', '--la', '-a', 'box', '--', 'x'];
  return {
    audit: withInterface((from) => audit([from])),
    'audit as text': withInterface((from) => auditText(audit([from]), { width: 80, colour: false })),
    'compare with itself': withInterface((from) => compareInterfaces(from, from)),
    abbreviations: withInterface((from) => resolveWords(nameScopes(from), words)),
    trace: withInterface((from) =>
      traceWords(
        from,
        Array.from({ length: 200 }, (_, i) => words[i % words.length]),
      ),
    ),
    'write YAML': withInterface((from) => documentYaml(from)),
    'write pages': withInterface((from) => referenceMarkdown(from) + manualPage(from, '2026-11-24')),
    'write scripts': withInterface(
      (from) => bashCompletion(from) + zshCompletion(from) + fishCompletion(from),
    ),
  };
}

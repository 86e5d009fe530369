// How the time of every reader, and of what is done with an interface, grows with its input: `npm run growth [-- WORD]`. For twice the input no
// more than 2.5 times as long is wanted; times too short to tell are left out. WORD limits it to units whose kind or name has it.
// The script gives the collector a young generation of a gigabyte: where what one run holds outgrows it, the time of the collector makes a step.
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import {
  ANNOTATION_REPORTS,
  AUDIT_REPORTS,
  annotateHelp,
  audit,
  joinInterfaces,
  readCompletion,
  readDocument,
  readHelp,
  readSettings,
} from 'dabbawala';
import {
  ABBREVIATION_REPORTS,
  COMPARISON_REPORTS,
  COVERAGE_REPORTS,
  compareInterfaces,
  coverage,
  freeLetters,
  judgeRelations,
  nameScopes,
  resolveWords,
  TRACE_REPORTS,
  traceWords,
  whatIf,
} from 'dabbawala/analysis';
import { walkCommands } from 'dabbawala/model';
import {
  bashCompletion,
  completionProblems,
  documentYaml,
  fishCompletion,
  manualPage,
  missingLines,
  referenceMarkdown,
  updateDocument,
  zshCompletion,
} from 'dabbawala/writers';
import { buildIfNeeded } from '../scripts/setup.mjs';
import { LISTS } from './growth-lists.mjs';
import { repeated, UNITS } from './growth-units.mjs';

buildIfNeeded();

/** The sizes of the texts, in characters; each is looked at only where the one before took less than so many milliseconds. */
const SIZES = [250_000, 500_000, 1_000_000];

/** The same for texts that are one list: what is told of one thing is more work than as much in many pieces. */
const LIST_SIZES = [125_000, 250_000, 500_000];
const PATIENCE = 20_000;

/** The most that twice the input may cost. */
const RATIO = 2.5;

/** Shorter times, in milliseconds, are mostly noise. */
const NOISE = 60;

setFlagsFromString('--expose-gc');
const collectGarbage = runInNewContext('gc');

const wanted = process.argv.slice(2);
const wrong = [];
let measured = 0;

for (const one of [...UNITS, ...LISTS]) {
  if (wanted.length > 0 && !wanted.some((word) => `${one.kind}: ${one.what}`.includes(word))) continue;
  for (const [what, prepare] of Object.entries(measurements(one.kind)))
    grow(`${one.kind}: ${one.what}: ${what}`, one, prepare, LISTS.includes(one) ? LIST_SIZES : SIZES);
}
process.stdout.write(
  `\n${measured} ratios, ${wrong.length} over ${RATIO}\n${wrong.map((line) => `  ${line}\n`).join('')}`,
);
if (wrong.length > 0) process.exitCode = 1;

/** Measures one thing at every size, and tells each ratio. */
function grow(what, unit, prepare, sizes) {
  let before;
  const cells = [];
  for (const size of sizes) {
    const run = prepare(repeated(unit, size));
    if (run === undefined) break;
    const now = { run, milliseconds: time(run, 1) };
    const ratio = before === undefined || before.milliseconds < NOISE ? undefined : ratioOf(before, now);
    cells.push(`${now.milliseconds.toFixed(0)}${ratio === undefined ? '' : ` (${ratio.toFixed(1)})`}`);
    if (ratio !== undefined) {
      measured++;
      if (ratio > RATIO)
        wrong.push(
          `${what}: ${before.milliseconds.toFixed(0)} to ${now.milliseconds.toFixed(0)} ms at ${size}`,
        );
    }
    before = now;
    if (now.milliseconds > PATIENCE) break;
  }
  process.stdout.write(`${what.padEnd(60)} ${cells.join(' ')}\n`);
}

/** How many times as long the second of two takes. A ratio that is too large is measured again, both sides in turn. */
function ratioOf(before, now) {
  for (let i = 0; i < 4 && now.milliseconds > before.milliseconds * RATIO; i++) {
    if (now.milliseconds > PATIENCE) break;
    before.milliseconds = Math.max(before.milliseconds, median([1, 2, 3].map(() => time(before.run, 1))));
    now.milliseconds = Math.min(now.milliseconds, time(now.run, 2));
  }
  return now.milliseconds / before.milliseconds;
}

function median(values) {
  return values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)];
}

/** CPU time of a run in milliseconds: the least of some. */
function time(run, times) {
  let least = Number.POSITIVE_INFINITY;
  for (let i = 0; i < times; i++) {
    // What earlier runs left behind is none of this one's work.
    collectGarbage();
    const start = process.cpuUsage();
    run();
    const { user, system } = process.cpuUsage(start);
    least = Math.min(least, (user + system) / 1000);
    if (least > 2000) break;
  }
  return least;
}

/** What is measured of a text of each kind: `prepare` takes the text and gives what is run. */
function measurements(kind) {
  switch (kind) {
    case 'help':
      return {
        read: (text) => () => readHelp({ name: 'help', text }),
        annotate: (text) => () => reported(ANNOTATION_REPORTS, annotateHelp({ name: 'help', text })),
        ...analyses((text) => readHelp({ name: 'help', text })),
      };
    case 'document':
      return {
        read: (text) => () => readDocument({ name: 'document', text }),
        'update the document': (text) => () => {
          const { interface: to } = readDocument({ name: 'document', text: renamed(text) });
          return to === undefined ? undefined : updateDocument({ name: 'document', text }, to);
        },
        ...analyses((text) => readDocument({ name: 'document', text })),
      };
    case 'settings':
      return { read: (text) => () => readSettings({ name: 'settings', text }) };
    default:
      return {
        read: (text) => () => readCompletion({ name: 'script', text }, kind, 'tiffin'),
        coverage: (text) => {
          const inventory = readCompletion({ name: 'script', text }, kind, 'tiffin');
          const { interface: cli } = readHelp({
            name: 'help',
            text: 'Usage: tiffin [--late]\n\n  --late  only late ones\n',
          });
          return () => coverage(cli, [inventory]);
        },
      };
  }
}

/** All reports of a thing. */
function reported(reports, subject) {
  const context = { tool: { name: 'growth', version: '1' }, text: { width: 80, colour: true } };
  return Object.values(reports).map((report) => report(subject, context));
}

/** The same text with other names, as many and as long. */
function renamed(text) {
  return text.replace(/late|box|BOX|n(?=\d)|b(?=\d)/g, (name) => `${name.charAt(0)}z${name.slice(1)}`);
}

/** What is done with an interface, each part by itself. */
function analyses(readAnew) {
  const read = once(readAnew);
  const withInterface = (run) => (text) => {
    const { interface: cli } = read(text);
    return cli === undefined ? undefined : () => run(cli);
  };
  const words = ['--late', '--la', '-a', 'box', '--', 'x'];
  return {
    audit: withInterface((cli) => reported(AUDIT_REPORTS, audit([cli]))),
    'compare with itself': withInterface((cli) => compareInterfaces(cli, cli)),
    'compare with all renamed': (text) => {
      const [before, after] = [read(text), read(renamed(text))].map(({ interface: cli }) => cli);
      if (before === undefined || after === undefined) return undefined;
      return () => {
        const comparison = compareInterfaces(before, after);
        return reported(COMPARISON_REPORTS, { title: 'renamed', comparison, clashes: undefined });
      };
    },
    'join with all renamed': (text) => {
      const views = [read(text), read(renamed(text))].flatMap(({ interface: cli }) => cli ?? []);
      return views.length < 2 ? undefined : () => joinInterfaces(views);
    },
    'add an option': withInterface((cli) => whatIf(cli, 'tiffin --late-9')),
    'letters and relations': withInterface((cli) =>
      [...walkCommands(cli)].map((at) => [freeLetters(at), judgeRelations(at)]),
    ),
    'coverage and missing lines': withInterface((cli) => {
      const script = { name: 'script', text: bashCompletion(cli) };
      const [shell] = coverage(cli, [readCompletion(script, 'bash', cli.program.value)]);
      const [none] = coverage(cli, [readCompletion({ name: 'none', text: '' }, 'bash', 'tiffin')]);
      const all = reported(COVERAGE_REPORTS, [shell, none]);
      return [all, missingLines(cli, shell), missingLines(cli, none), completionProblems(cli)];
    }),
    abbreviations: withInterface((cli) => {
      const scopes = nameScopes(cli);
      const resolved = resolveWords(scopes, words);
      return [false, true].map((isAsked) => reported(ABBREVIATION_REPORTS, { scopes, resolved, isAsked }));
    }),
    trace: withInterface((cli) => {
      const line = Array.from({ length: 200 }, (_, i) => words[i % words.length]);
      return reported(TRACE_REPORTS, traceWords(cli, line));
    }),
    'write YAML': withInterface((cli) => documentYaml(cli)),
    'write pages': withInterface((cli) => referenceMarkdown(cli) + manualPage(cli, '2026-11-24')),
    'write scripts': withInterface((cli) => bashCompletion(cli) + zshCompletion(cli) + fishCompletion(cli)),
  };
}

/** The same function, which answers from memory what it was asked before: each text of a unit is read for many measurements. */
function once(read) {
  const known = new Map();
  return (text) => {
    if (!known.has(text)) known.set(text, read(text));
    return known.get(text);
  };
}

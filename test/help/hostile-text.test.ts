import assert from 'node:assert/strict';
import { once } from 'node:events';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { Worker } from 'node:worker_threads';
import {
  AUDIT_REPORTS,
  audit,
  detectKind,
  type Place,
  readCompletion,
  readDocument,
  readHelp,
  readSource,
} from 'dabbawala';
import { COVERAGE_REPORTS, coverage } from 'dabbawala/analysis';
import { type Interface, walkCommands } from 'dabbawala/model';
import { documentYaml } from 'dabbawala/writers';
import fc from 'fast-check';
import { ROOT } from '../support/run-dabbawala.ts';

const TOOL = { name: 'dabbawala', version: '0.0.0' };
const HELP = join(ROOT, 'demo/tiffin-1.4/help');
const SEEDS = readdirSync(HELP).map((name) => readFileSync(join(HELP, name), 'utf8'));

/** Every place in a value, however deep. */
function* placesIn(value: unknown, seen = new Set<unknown>()): Generator<NonNullable<Place>> {
  if (typeof value !== 'object' || value === null || seen.has(value)) return;
  seen.add(value);
  if ('source' in value && 'start' in value && 'end' in value) yield value as NonNullable<Place>;
  for (const inner of value instanceof Map ? value.values() : Object.values(value))
    yield* placesIn(inner, seen);
}

/** Reads and audits a text, and checks what must hold of any text. */
function checkAnyText(text: string): void {
  const source = { name: 'any', text };
  detectKind(text);
  const { interface: cli, problems } = readHelp(source);
  for (const place of placesIn([cli, problems])) {
    if (place.source !== source) continue;
    assert.ok(
      place.start >= 0 && place.start <= place.end && place.end <= text.length,
      'a span leaves its source',
    );
  }
  if (cli === undefined) {
    assert.ok(problems.some(({ consequence }) => consequence === 'unusable'));
    return;
  }
  const result = audit([cli]);
  const plain = AUDIT_REPORTS.text(result, { tool: TOOL, text: { width: 80, colour: false } });
  assert.doesNotMatch(
    plain,
    /[\x00-\x08\x0b-\x1f\x7f-\x9f\u202a-\u202e\u2066-\u2069]/,
    'an escape gets through',
  );
  JSON.parse(AUDIT_REPORTS.json(result, { tool: TOOL, text: { width: 80, colour: false }, problems }));
}

const mutation = fc.record({
  seed: fc.constantFrom(...SEEDS),
  cut: fc.nat(400),
  from: fc.nat(400),
  length: fc.nat(60),
  insert: fc.oneof(
    fc.string(),
    fc.string({ unit: 'binary' }),
    fc.constantFrom(
      '\x1b[31m',
      '\x1b]0;title\x07',
      '\x9b1m',
      '_\b',
      '\r\n',
      '\t',
      '\u202e',
      '[',
      '<',
      '{',
      '|',
      '--',
      '...',
      '\n\n',
    ),
  ),
  repeat: fc.nat(3),
});

test('mutated, truncated and repeated help texts never throw, and every span lies in its source', () => {
  fc.assert(
    fc.property(mutation, ({ seed, cut, from, length, insert, repeat }) => {
      const text = (seed.slice(0, from) + insert + seed.slice(from + length)).slice(
        0,
        Math.max(1, seed.length - cut),
      );
      checkAnyText(text + `\n${text}`.repeat(repeat));
    }),
    { numRuns: 400 },
  );
});

test('shuffled lines and arbitrary text never throw', () => {
  const lines = SEEDS.flatMap((text) => text.split('\n'));
  fc.assert(
    fc.property(fc.shuffledSubarray(lines), (some) => checkAnyText(some.join('\n'))),
    { numRuns: 150 },
  );
  fc.assert(fc.property(fc.string({ unit: 'binary', maxLength: 400 }), checkAnyText), { numRuns: 150 });
  fc.assert(fc.property(fc.stringMatching(/^[-+ \n\t[\]<>{}|=.,a-cA-C]{0,200}$/), checkAnyText), {
    numRuns: 300,
  });
});

/** Pieces of the notations that the reader knows, joined without regard to what they mean. */
const PIECES = [
  ...[
    '-a',
    '--box',
    '-sort',
    '--[no-]map',
    '--colo[u]r',
    '-follow[-links]',
    '-NUM',
    '+x',
    '/?',
    ' [ --lid ]',
    '-vv',
  ],
  ...[
    '=FILE',
    '[=WHEN]',
    ' <day>',
    ' [TYPE:]PATH',
    ' {a,b}',
    '=',
    '[N][FILE]',
    ':{x,y}',
    ',<opts>',
    ' arg (=9)',
  ],
  ...[
    '  ',
    '      ',
    '\t',
    '\n',
    '\n\n',
    '\n    \t',
    ', ',
    ' | ',
    ' - ',
    ' : ',
    ' or  ',
    ' = ',
    '...',
    ' (',
    ')',
  ],
  ...[
    'say less',
    'List of quays',
    '[boolean] [default: 1]',
    '(default: 8080)',
    'Usage of x:',
    'Usage:',
    'Options:',
  ],
];

test('notations in any order never throw, and what is read from them survives a document', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...PIECES), { minLength: 5, maxLength: 60 }), (pieces) => {
      const text = `Usage: tiffin\n\n  ${pieces.join('')}\n`;
      checkAnyText(text);
      const { interface: cli } = readHelp({ name: 'any', text });
      if (cli === undefined) return;
      const { interface: back, problems } = readDocument({ name: 'any.yaml', text: documentYaml(cli) });
      assert.deepEqual(problems, [], text);
      assert.deepEqual(namesIn(back), namesIn(cli), text);
    }),
    { numRuns: 800 },
  );
});

/** All names of options with what they take. */
function namesIn(cli: Interface | undefined): string[] {
  return [...(cli === undefined ? [] : walkCommands(cli))].flatMap(({ command }) =>
    command.options.items.flatMap(({ names, negatedNames, argument }) =>
      [...names, ...negatedNames].map(({ text }) => `${text} ${argument?.value.presence}`),
    ),
  );
}

test('texts made to cost much time are read like others', () => {
  for (const text of [
    `Usage: tiffin ${'['.repeat(25_000)}`,
    `Usage: tiffin ${'[-a|'.repeat(20_000)}`,
    `--a${'='.repeat(50_000)}`,
    `  -a, ${'-b, '.repeat(25_000)}`,
    `  --a ${'<x '.repeat(12_500)}`,
    `  --a  (choices: ${'a, '.repeat(25_000)}`,
    `  --a  ${'(a|'.repeat(12_500)}`,
    `  --a  ${'default is '.repeat(12_500)}`,
    `${' '.repeat(50_000)}-a`,
    `  -a  ${'x'.repeat(250_000)}`,
    `${'  -a  x\n'.repeat(20_000)}`,
    `Usage: tiffin\n${'\n'.repeat(125_000)}  -a  x`,
    `Usage: tiffin${' ...'.repeat(25_000)}x`,
    `Usage: tiffin\n\n${'--a\n'.repeat(15_000)}  --b  a text\n`,
    `Usage: tiffin\n${'|'.repeat(125_000)}x\n| a |`,
    `Usage: tiffin [-q]${' '.repeat(50_000)}x\n`,
    `Usage: tiffin [x] ${'Aa aa '.repeat(12_500)}`,
    `  -a  x${' '.repeat(25_000)}-b  y\n  -c${'\t'.repeat(25_000)}NAME  text\n`,
    `Commands:\n${'  a, '.repeat(12_500)}`,
    `\x1b]${'x'.repeat(125_000)}`,
    // Entries side by side, brackets around names, and what may stand behind them, without end.
    `Usage: tiffin\n\n${`  -a   x${'   -b  y'.repeat(30)}\n`.repeat(500)}`,
    `Usage: tiffin\n\n${'  -a   do this      -b   do that\n'.repeat(5000)}`,
    `  -a${' [ --b ]'.repeat(12_000)}  text`,
    `  -a${' [--b'.repeat(15_000)}`,
    `  --a${'[-b]'.repeat(15_000)}  text`,
    `  -a arg${' (=1)'.repeat(15_000)}`,
    `  -a${',/b'.repeat(20_000)}  text`,
    `  -a  ${'or  '.repeat(20_000)}--b`,
    `  -a${'=,'.repeat(20_000)}  text`,
    `  -V${'[N]'.repeat(20_000)}  text`,
    `  -a  x\n  ${'[array] [default: '.repeat(20_000)}]`,
    `Usage: tiffin\n\n${'  -quay\n  --word  see --quay and -word\n'.repeat(1000)}`,
    `a${'\b'.repeat(125_000)}`,
  ]) {
    checkAnyText(text);
  }
});

test('texts that are no help output are refused with a reason', () => {
  const refusals: [string, string][] = [
    ['', 'text-empty'],
    [' \n\t\n', 'text-empty'],
    ['The carriers meet at noon.\nThey bring boxes.\n', 'not-help'],
    [
      '--help(0) : fatal error 100: cannot read from file: "--help"\n\nCompilation aborted.\n1 Error.\n',
      'not-help',
    ],
    ['It failed on:\n--help\n\nRESULT: 127\n\ntiffin: line 15: --help: command not found\n', 'not-help'],
    ['x'.repeat(16 * 1024 * 1024 + 1), 'text-too-long'],
  ];
  for (const [text, code] of refusals) {
    const { interface: cli, problems } = readHelp({ name: 'any', text });
    assert.equal(cli, undefined);
    assert.deepEqual(
      problems.map((problem) => [problem.code, problem.consequence]),
      [[code, 'unusable']],
    );
  }
});

test('a synopsis of many words makes no command so deep that its document could not be read', () => {
  const text = `usage: tiffin ${'or: '.repeat(500)}[-q]\n\n  -q  say nothing\n`;
  const { interface: cli } = readHelp({ name: 'help', text });
  assert.ok(cli !== undefined);
  assert.deepEqual(readDocument({ name: 'document', text: documentYaml(cli) }).problems, []);
});

test('names, addresses and announcements again and again are read to an end', () => {
  for (const text of [
    `Usage: t\n\n${'--constructor '.repeat(3000)}x\n`,
    `Usage: t\n\n${`${'@.'.repeat(199)} x\n`.repeat(500)}`,
    `Usage: t\n  --opt=X  y\n\n${'the --opt values:\n'.repeat(5000)}`,
    `usage: t ${'?a '.repeat(5000)}\n`,
    `Usage: t\n\n  -q  quiet\n${'\n'.repeat(50_000)}  -v  more\n`,
  ])
    checkAnyText(text);
});

test('long lists of each kind are read, or their end is told, without an overflow of the stack', async () => {
  // On this stack a list of 40,000 that is spread into a call is one too many; on the usual one it takes 120,000.
  const resourceLimits = { stackSizeMb: 0.5 };
  const code = `
    const { parentPort, workerData } = require('node:worker_threads');
    import('dabbawala').then(({ readHelp }) =>
      parentPort.postMessage(workerData.map((text) => readHelp({ name: 'help', text }).interface !== undefined)));`;
  const texts = ['Commands:', 'Keeping:', 'Environment:', 'Arguments:', 'Exit status:'].map((heading) =>
    [
      ...['Usage: tiffin COMMAND', '', heading],
      ...Array.from(
        { length: 40_000 },
        (_, i) => `  ${heading === 'Exit status:' ? i % 255 : `c${i}`}  does it`,
      ),
    ].join('\n'),
  );
  const worker = new Worker(code, { eval: true, workerData: texts, resourceLimits });
  const [read] = await once(worker, 'message');
  assert.deepEqual(read, [true, true, true, true, true]);
});

test('what is told of a choice of 5,000 words does not repeat all of them for each', () => {
  const words = Array.from({ length: 5000 }, (_, i) => `box${i}`);
  const text = `Usage: tiffin {${words.join('|')}}\n`;
  const { interface: cli } = readHelp({ name: 'help', text });
  assert.ok(cli !== undefined);
  const offered = readCompletion({ name: 'script', text: '' }, 'bash', 'tiffin');
  const report = COVERAGE_REPORTS.json(coverage(cli, [offered]), {
    tool: TOOL,
    text: { width: 80, colour: false },
  });
  assert.equal(cli.root.forms[0]?.operands[0]?.word.values?.value.length, 5000);
  assert.ok(report.length < text.length * 100, `${report.length} for ${text.length}`);
});

test('a setting that there is not is told, and not passed over', () => {
  const source = { name: 'help', text: 'Usage: tiffin [--late]\n' };
  // @ts-expect-error: the setting is called program
  assert.throws(() => readHelp(source, { programme: 'tiffin' }), {
    name: 'MisuseError',
    message: /^readHelp: expected one of program, command, width, found 'programme'; .*'program'/,
  });
  // @ts-expect-error: there is no such kind
  assert.throws(() => readSource(source, { kind: 'halp' }), {
    name: 'MisuseError',
    message: /^readSource: kind: expected one of document, script, help, manual, markdown, found 'halp'/,
  });
  assert.equal(readSource(source, { kind: 'help', program: 'box' }).interface?.program.value, 'box');
});

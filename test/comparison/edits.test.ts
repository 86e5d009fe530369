import assert from 'node:assert/strict';
import { test } from 'node:test';
import { assumeComplete, compareExtensions, compareInterfaces, whatIf } from 'dabbawala/analysis';
import { type Interface, stated } from 'dabbawala/model';
import { overrideParser } from 'dabbawala/parsers';
import fc from 'fast-check';
import { readText } from '../support/read-text.ts';
import { readYaml } from '../support/read-yaml.ts';

const LINES = [
  'complete: true',
  'parsing: {option-abbreviations: true, command-abbreviations: false, grouping: true, operand-order: mixed, unknown-options: refused}',
  'options:',
  '  -c, --config=FILE: {help: read settings from FILE, inheritance: anywhere-below}',
  'exit-statuses: {0: all was done, 1: nothing was found}',
  'commands:',
  '  box, b:',
  '    summary: list the boxes of a day',
  '    usage: tiffin box [OPTION]... DAY [QUAY]',
  '    options:',
  '      -a, --all: show boxes that came back too',
  '      -s, --sort=KEY: {help: sort by KEY, argument: {values: [owner, quay, weight], default: owner}}',
  '      -m, --most=NUMBER: {help: stop after NUMBER boxes, argument: {type: integer, range: 1..40}}',
  '      --late: {help: only what came after noon}',
  '      --map: {help: draw where each one is}',
  '    operands:',
  '      DAY: {help: the day, count: 1}',
  '      QUAY: {help: the quay, count: 0..1}',
  '    relations:',
  '      - at-most-one: [--late, --map]',
  '  route:',
  '    summary: plan the way of a carrier',
  '    options:',
  '      --tide: {help: wait for the ebb}',
];

type Edit = readonly [from: string, to: string, change: string];

/** Each edit of a line, with the only change that there is then: level, kind, command and subject. */
const EDITS: readonly Edit[] = [
  ['-a, --all:', '-a, --everything, --all:', 'note option-name-added tiffin box --everything'],
  ['-a, --all:', '--all:', 'error option-name-removed tiffin box -a'],
  ['-a, --all:', '-a, --returned:', 'error option-renamed tiffin box --all'],
  ['too', 'as well', 'note option-text tiffin box --all'],
  ['-s, --sort=KEY:', '-s, --order=KEY:', 'error option-renamed tiffin box --sort'],
  ['quay, weight]', 'quay]', 'error value-removed tiffin box --sort'],
  ['quay, weight]', 'quay, weight, litres]', 'note value-added tiffin box --sort'],
  ['default: owner', 'default: quay', 'error default-changed tiffin box --sort'],
  [', default: owner', '', 'note default-unsaid tiffin box --sort'],
  ['values: [owner, quay, weight], ', '', 'note values-unsaid tiffin box --sort'],
  ['1..40', '1..20', 'error range-changed tiffin box --most'],
  ['1..40', '0..60', 'note range-changed tiffin box --most'],
  ['type: integer, ', 'type: number, ', 'note type-changed tiffin box --most'],
  ['type: integer, ', 'type: date, ', 'error type-changed tiffin box --most'],
  ['-c, --config=FILE:', '-c[FILE], --config[=FILE]:', 'error argument-changed tiffin --config'],
  ['-a, --all:', '-a, --all=DAY:', 'error argument-changed tiffin box --all'],
  ['{help: only what', '{required: true, help: only what', 'error required-changed tiffin box --late'],
  ['{help: only what', '{environment: LATE, help: only what', 'note option-variable-added tiffin box --late'],
  ['{help: only what', '{deprecated: true, help: only what', 'note deprecated tiffin box --late'],
  ['{help: only what', '{hidden: true, help: only what', 'note hidden tiffin box --late'],
  ['{help: only what', '{repetition: refused, help: only what', 'note repetition-changed tiffin box --late'],
  [
    ', inheritance: anywhere-below',
    ', inheritance: not-inherited',
    'error inheritance-changed tiffin --config',
  ],
  ['      --tide:', '      --fog: only in fog\n      --tide:', 'note option-added tiffin route --fog'],
  [
    '      --tide: {help: wait for the ebb}',
    '      -t: {help: wait for the ebb}',
    'error option-renamed tiffin route --tide',
  ],
  ['box, b:', 'box:', 'error command-name-removed tiffin box b'],
  ['  box, b:', '  boxes, b:', 'error command-renamed tiffin box box'],
  ['summary: plan', 'summary: find', 'note command-summary tiffin route route'],
  ['  route:', '  quay:\n    summary: tell who is there\n  route:', 'note command-added tiffin quay quay'],
  ['count: 0..1', 'count: 0..', 'note operand-count-changed tiffin box QUAY'],
  ['      - at-most-one', '      - exactly-one', 'error relation-changed tiffin box --late'],
  ['    relations:\n      - at-most-one: [--late, --map]\n', '', 'note relation-removed tiffin box --late'],
  [
    'option-abbreviations: true',
    'option-abbreviations: false',
    'error rule-changed tiffin option-abbreviations',
  ],
  ['grouping: true', 'grouping: false', 'error rule-changed tiffin grouping'],
  [
    'operand-order: mixed',
    'operand-order: first-operand-ends-options',
    'error rule-changed tiffin operand-order',
  ],
  [', 1: nothing was found', '', 'warning exit-status-removed tiffin 1'],
  [', 1: nothing was found', ', 1: nothing was found, 2: it failed', 'note exit-status-added tiffin 2'],
];

function summary(old: Interface, fresh: Interface): string[] {
  return compareInterfaces(old, fresh).changes.map(
    ({ level, kind, command, subject }) => `${level} ${kind} ${command.join(' ')} ${subject}`,
  );
}

test('one edit of a document is one change, and that one', () => {
  const text = LINES.join('\n');
  const old = readYaml(text);
  for (const [from, to, change] of EDITS) {
    const edited = text.replace(from, () => to);
    assert.notEqual(edited, text, from);
    const found = summary(old, readYaml(edited));
    assert.deepEqual(found, [change], `${from} -> ${to}`);
  }
});

/** Those of the edits that touch lines of their own, and no relation to another one. */
const APART = [1, 3, 5, 10, 16, 22, 26, 29, 32, 34];

test('several edits are those changes and no others, in both directions', () => {
  const text = LINES.join('\n');
  const old = readYaml(text);
  fc.assert(
    fc.property(fc.subarray(APART), (picks) => {
      const edits = picks.map((at) => EDITS[at] as Edit);
      const fresh = readYaml(edits.reduce((all, [from, to]) => all.replace(from, () => to), text));
      assert.deepEqual(summary(old, fresh).sort(), edits.map(([, , change]) => change).sort());
      assert.equal(summary(fresh, old).length, edits.length);
    }),
    { numRuns: 200 },
  );
});

test('what is renamed, moved or given to another option is told as that', () => {
  const before = readYaml(
    'complete: true\nparsing: {option-abbreviations: true, unknown-options: refused}\ncommands:\n  box:\n    usage: tiffin box [OPTION]... FROM TO\n    options:\n' +
      '      -n, --note=TEXT: write TEXT into the book\n      -q, --quiet: print nothing\n      --dish_size=N: reckon with N grams\n',
  );
  const after = readYaml(
    'complete: true\nparsing: {option-abbreviations: true, unknown-options: refused}\noptions:\n  -q, --quiet: {help: print nothing, inheritance: anywhere-below}\ncommands:\n' +
      '  box:\n    usage: tiffin box [OPTION]... TO FROM\n    options:\n      -n, --nearest: only boxes that stand close by\n' +
      '      --remark=TEXT: write TEXT into the book\n      --dish-size=N: reckon with N grams each\n',
  );
  assert.deepEqual(summary(before, after), [
    'error abbreviation-taken-over tiffin box --note',
    'error name-taken-over tiffin box -n',
    'error operands-reordered tiffin box FROM',
    'error option-renamed tiffin box --note',
    'error option-renamed tiffin box --dish_size',
    'note option-moved tiffin box --quiet',
    'note option-added tiffin box --nearest',
    'note usage-text tiffin box usage',
    'note option-text tiffin box --dish_size',
  ]);
});

test('what a list that may be a part does not show is not compared', () => {
  const old = readText('Usage: tiffin [OPTION]...\n\n  -a, --all   list all\n  -b, --box   list boxes\n');
  const fresh = readText('Usage: tiffin [OPTION]...\n\n  -a, --all   list all\n');
  const { changes, notCompared, release } = compareInterfaces(old, fresh);
  assert.deepEqual([changes, release], [[], 'none']);
  assert.deepEqual(
    notCompared.map(({ what, names }) => [what, names]),
    [['options', ['--box']]],
  );
  assert.deepEqual(summary(assumeComplete(old), assumeComplete(fresh)), [
    'warning option-removed tiffin --box',
  ]);
  const partial = readText(
    'Usage: tiffin [OPTION]...\n\n  -a, --all   list all\n\nThis is not the full list of options.\n',
  );
  assert.deepEqual(summary(assumeComplete(old), assumeComplete(partial)), []);
});

test('a name that is gone and begins a new one is an error, also where lists may be parts, and is told once', () => {
  const help = (lines: string) => `Usage: tiffin [OPTION]...\n\n  -a, --all   list all\n${lines}`;
  const told = (fresh: string, rules: string) => {
    const read = (text: string) =>
      rules === '' ? readText(text) : overrideParser(readText(text), stated([rules], null));
    const { changes, notCompared, release } = compareInterfaces(
      read(help('  --word=TEXT   the word\n')),
      read(help(fresh)),
    );
    const lines = changes.map(({ level, effect, kind, words }) => {
      const [first] = words;
      return `${level} ${effect} ${kind}${first === undefined ? '' : ` ${first.from} ${first.to}`}`;
    });
    return [release, ...lines, ...notCompared.flatMap(({ names }) => names)];
  };
  const file = '  --word-file=FILE   read the word from FILE\n';
  const added = 'note compatible option-added';
  assert.deepEqual(told(file, ''), ['major', 'error refused name-taken-over --w --word', added]);
  assert.deepEqual(told(file, 'getopt-long'), [
    'major',
    'error other-meaning name-taken-over --w --word',
    added,
  ]);
  assert.deepEqual(told(file, 'commander'), ['minor', added, '--word']);
  assert.deepEqual(told(`${file}  --word-fd=FD   read it from FD\n`, ''), [
    'major',
    'error refused abbreviation-ambiguous --w --word',
    added,
    added,
  ]);
  assert.deepEqual(told('  --weight=GRAMS   the weight\n', ''), ['minor', added, '--word']);
});

test('exit statuses whose meanings change places are another meaning, and no change of texts', () => {
  const document = (one: string, two: string) => readYaml(`exit-statuses: {1: ${one}, 2: ${two}}\n`);
  assert.deepEqual(summary(document('no box', 'failed'), document('failed', 'no box')), [
    'error exit-status-text tiffin 1',
    'error exit-status-text tiffin 2',
  ]);
  assert.deepEqual(summary(document('no box', 'failed'), document('no box there', 'failed')), [
    'note exit-status-text tiffin 1',
  ]);
});

test('a parser that no longer takes one hyphen or two loses the spellings that are not listed', () => {
  const version = (hyphens: string) =>
    readYaml(
      `complete: true\nparsing: {long-hyphens: ${hyphens}}\noptions:\n  -sort: {help: put in order}\n  --map: {help: draw it}\n`,
    );
  const lost = compareInterfaces(version('one-or-two'), version('as-listed'));
  assert.deepEqual(
    lost.changes.map(({ level, kind, subject, words }) => [level, kind, subject, words.at(-1)?.to]),
    [
      ['error', 'rule-changed', 'long-hyphens', undefined],
      ['warning', 'abbreviation-refused', '--sort', '--sort'],
    ],
  );
  assert.deepEqual(compareInterfaces(version('as-listed'), version('one-or-two')).release, 'minor');
});

test('an option that is listed twice in one version and once in the other is the same', () => {
  const twice = readText(
    'Usage: tiffin [OPTION]...\n\n  --colour[=WHEN]  colour it\n  --map  draw it\n\nMore options:\n  --colour=always  colour it in any case\n',
  );
  const once = readText('Usage: tiffin [OPTION]...\n\n  --map  draw it\n  --colour[=WHEN]  colour it\n');
  for (const [old, fresh] of [
    [twice, once],
    [once, twice],
  ] as const) {
    const { changes, notCompared } = compareInterfaces(old, fresh);
    assert.deepEqual(notCompared, []);
    for (const { effect, message } of changes)
      assert.ok(effect === 'wording' || effect === 'compatible', message);
  }
});

test('two extensions that do no harm alone may clash', () => {
  const base = readYaml(
    'complete: true\nparsing: {option-abbreviations: true}\noptions:\n  --all: list all\n',
  );
  const extension = (name: string, option: string) =>
    readYaml(`extends: tiffin\ncomplete: true\noptions:\n  ${option}: ${name}\n`);
  const [tide, time, moon] = [
    { ...extension('wait for the ebb', '--tide'), program: { value: 'tide', basis: 'stated', place: null } },
    { ...extension('tell when it is', '--time'), program: { value: 'time', basis: 'stated', place: null } },
    {
      ...extension('tell how full it is', '--moon'),
      program: { value: 'moon', basis: 'stated', place: null },
    },
  ] as const;
  const { comparison, clashes } = compareExtensions(base, [tide, time, moon]);
  assert.equal(comparison.release, 'minor');
  assert.deepEqual(
    clashes.map(({ extensions, changes }) => [
      extensions,
      changes.map(({ kind, subject }) => `${kind} ${subject}`),
    ]),
    [
      [
        ['tide', 'time'],
        ['abbreviation-ambiguous --tide', 'abbreviation-ambiguous --time'],
      ],
    ],
  );
});

test('what a new name would break is told, with names that would not', () => {
  const cli = readYaml(LINES.join('\n'));
  const asked = whatIf(cli, 'box --late-fee');
  assert.ok('comparison' in asked);
  assert.deepEqual(
    asked.comparison.changes.map(({ kind }) => kind),
    ['abbreviation-ambiguous', 'option-added'],
  );
  assert.ok(asked.harmless.includes('--fee-late'), String(asked.harmless));
  for (const name of asked.harmless) {
    const other = whatIf(cli, `box ${name}`);
    assert.ok('comparison' in other);
    assert.equal(other.comparison.release, 'minor', name);
  }
  for (const wrong of ['box --late', 'box -x', 'sea --x', '', '--'])
    assert.ok('reason' in whatIf(cli, wrong), wrong);
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { audit, joinInterfaces } from 'dabbawala';
import { readText } from '../support/read-text.ts';

/** What two sources of one program are told to differ in, as `level check subject`. */
function differences(document: string, help: string): string[] {
  const joined = joinInterfaces([
    readText(`dabbawala: 1\nprogram: tiffin\n${document}`),
    readText(`Usage: tiffin [OPTION]...\n\n${help}`),
  ]);
  return audit(joined, { selection: { only: ['sources'] } }).findings.map(
    ({ level, check, subject }) => `${level} ${check.replace('sources/', '')} ${subject}`,
  );
}

const CASES: readonly (readonly [why: string, document: string, help: string, found: readonly string[]])[] = [
  [
    'a help that is not known to be complete lacks nothing',
    'options:\n  --late: a\n  --map: b\n',
    '  --late  a\n',
    [],
  ],
  [
    'what a document hides, its help need not show',
    'complete: true\noptions:\n  --late: a\n  --map: {help: b, hidden: true}\n',
    '  --late  a\n',
    [],
  ],
  [
    'one option under another letter is the same option',
    'complete: true\noptions:\n  -l, --late: a\n',
    '  -L, --late  a\n',
    [],
  ],
  [
    'several options that a complete document lacks are one finding',
    'complete: true\noptions:\n  --late: a\n',
    '  --late  a\n  --map   b\n  --lid   c\n',
    ['warning option-missing --map'],
  ],
  [
    'an argument that may be left out is often not shown',
    'options:\n  --map[=FILE]: a\n',
    '  --map  a\n',
    ['note argument-differs --map'],
  ],
  [
    'a letter for one value of another option takes none itself',
    'options:\n  -p: a\n  --style=WORD: b\n',
    '      --style=WORD   b\n  -p, --style=slash  a\n',
    [],
  ],
  [
    'a default that a text describes is not compared with one that is named',
    'options:\n  --to=DIR: {help: a, argument: {default: /srv/boxes}}\n',
    '  --to=DIR  a (default: the folder of the round)\n',
    [],
  ],
  [
    'a list with nearly all that another has means to have all of it',
    'options:\n  --late: a\n  --map: b\n  --lid: c\n  --day: d\n',
    '  --late  a\n  --map   b\n  --lid   c\n',
    ['warning option-missing --day'],
  ],
  [
    'a list with few of them does not',
    'options:\n  --late: a\n  --map: b\n  --lid: c\n  --day: d\n  --box: e\n',
    '  --late  a\n  --map   b\n  --lid   c\n',
    [],
  ],
  [
    'of several entries the one with most names is held against an option',
    'options:\n  -a, -b, --style=WORD: a\n',
    '  -a                b\n  -b, --style=WORD  a\n',
    [],
  ],
  [
    'a letter that the other source gives to something else is no missing name',
    'options:\n  -l, --late: a\n  -m, --map: b\n',
    '      --late  a\n  -l, --list  c\n  -m, --map   b\n',
    [],
  ],
  [
    'a source that shows no letters at all leaves them out on purpose',
    'options:\n  -l, --late: a\n  -m, --map: b\n',
    '  --late  a\n  --map   b\n',
    [],
  ],
  [
    "the text of two options at once is nobody's own",
    'options:\n  --late: a box\n  --map: a box\n  --lid: a lid\n',
    '  --late  a box\n  --map   a box\n  --lid   a box\n',
    [],
  ],
  [
    'texts that were swapped are two findings',
    'options:\n  --late: late boxes\n  --map: a map\n',
    '  --late  a map\n  --map   late boxes\n',
    ['warning text-of-another --late', 'warning text-of-another --map'],
  ],
  [
    'a status within a range of the other is listed there',
    'exit-statuses: {0: well, 1: lost, 2: wrong}\noptions:\n  --late: a\n',
    '  --late  a\n\nExit status:\n  0  well\n  1-125  not well\n',
    [],
  ],
  [
    'a default with a unit is the same number',
    'options:\n  --wait=SECONDS: {help: a, argument: {default: 3}}\n',
    '  --wait=SECONDS  a (default: 3s)\n',
    [],
  ],
  [
    'a default that is written with its option is the same word',
    'options:\n  --sort=KEY: {help: a, argument: {default: day}}\n',
    '  --sort=KEY  a (default: --sort=day)\n',
    [],
  ],
  [
    'values in another order are the same values',
    'options:\n  --sort=KEY: {help: a, argument: {values: [quay, day]}}\n',
    '  --sort=KEY  a (one of: day, quay)\n',
    [],
  ],
];

for (const [why, document, help, found] of CASES)
  test(`two sources are held against each other: ${why}`, () =>
    assert.deepEqual(differences(document, help), found));

test('what the help of a program lacks is found also where a document tells it', () => {
  const joined = joinInterfaces([
    readText('dabbawala: 1\nprogram: tiffin\noptions:\n  --late: late boxes\n  --map: draw a map\n'),
    readText('Usage: tiffin [OPTION]...\n\n  --late  late boxes\n  --map\n'),
  ]);
  const found = audit(joined, { selection: { only: ['help/option-undescribed'] } }).findings;
  assert.deepEqual(
    found.map(({ subject }) => subject),
    ['--map'],
  );
});

test('the source that is trusted most is gone by, and what differs stands at the other', () => {
  const document = readText(
    'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY: {help: sort, argument: {default: day}}\n',
  );
  const help = readText('Usage: tiffin [OPTION]...\n\n  --sort=KEY  sort (default: quay)\n');
  const told = (trusted?: 'help') => {
    const joined = joinInterfaces([document, help], trusted);
    const [finding] = audit(joined, { selection: { only: ['sources/default-differs'] } }).findings;
    const byDefault = joined[0]?.root.options.items[0]?.argument?.value.words[0]?.default?.value;
    return [byDefault, finding?.place?.source === help.sources[0]?.source];
  };
  assert.deepEqual(told(), ['day', true]);
  assert.deepEqual(told('help'), ['quay', false]);
});

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

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { LineIndexes, readDocument } from 'dabbawala';
import { dabbawala } from '../support/run-dabbawala.ts';

const MISTAKEN = `dabbawala: 1
program: tiffin
verison: 1.4
parsing:
  option-abbreviations: perhaps
  prefix-tie: first
options:
  --sort=KEY:
    help: sort by KEY
    argument: {values: [owner], defualt: owner}
  late-boxes: list late boxes
  --: nothing
  -a, --all:
    help: all
    help: twice
operands:
  BOX: {count: many}
relations:
  - requires: [--all]
commands: [list, {summary: no name}]
`;

const EXPECTED: readonly [number, number, RegExp][] = [
  [3, 1, /^unknown key 'verison'; did you mean 'version'\?$/],
  [5, 25, /^expected true or false, found 'perhaps'$/],
  [6, 15, /^expected one of 'refused', 'first-declared', found 'first'/],
  [10, 33, /^unknown key 'defualt'; did you mean 'default'\?$/],
  [11, 3, /^expected a name that begins with '-' or '\+', or a heading over such names$/],
  [12, 3, /^expected an option in synopsis notation such as '-c, --config=FILE', found '--'$/],
  [15, 5, /^'help' is given twice in one mapping; keep one of them$/],
  [17, 16, /^expected a count such as 2, 0\.\.1 or 1\.\., found 'many'$/],
  [19, 5, /^'requires' needs the key 'subject'/],
  [20, 18, /^expected the key 'command' in this mapping$/],
];

test('ten mistakes are ten problems, each at its place, and the rest is read', () => {
  const { interface: cli, problems } = readDocument({ name: 'tiffin.yaml', text: MISTAKEN });
  const indexes = new LineIndexes();
  assert.equal(problems.length, EXPECTED.length);
  for (const [i, [line, column, message]] of EXPECTED.entries()) {
    const { place, message: found } = problems[i] ?? assert.fail();
    assert.ok(place !== null);
    const start = indexes.start(place);
    assert.deepEqual([start.line, start.column], [line, column], found);
    assert.match(found, message);
  }
  assert.deepEqual(
    cli?.root.options.items.map(({ names }) => names.at(-1)?.text),
    ['--sort', '--all'],
  );
});

test('the command tells all mistakes of a document, does the rest, and ends with status 2', async () => {
  const ended = await dabbawala(['audit', '--fail-on=never', '-'], MISTAKEN);
  assert.equal(ended.status, 2);
  assert.equal(ended.stderr.trimEnd().split('\n').length, EXPECTED.length);
  assert.match(ended.stderr, /^dabbawala:-:3:1: unknown key 'verison'/);
  assert.match(ended.stdout, /tiffin: 2 options in 1 command read/);
});

test('documents that are none get a message', () => {
  const cases: [string, string, RegExp][] = [
    ['dabbawala: 1\n', 'key-missing', /expected the key 'program'/],
    [
      '- dabbawala: 1\n',
      'wrong-kind',
      /expected a mapping with the keys dabbawala and program, found a list/,
    ],
    ['dabbawala: 1\nprogram: [a\n', 'not-yaml', /expected YAML or JSON: /],
    ['dabbawala: 1\nprogram: tiffin\n---\nx: 1\n', 'several-documents', /expected one document, found more/],
    ['dabbawala: 1\nprogram: tiffin\noptions: *gone\n', 'not-yaml', /expected YAML or JSON: /],
    ['', 'document-empty', /expected a document/],
  ];
  for (const [text, code, message] of cases) {
    const { interface: cli, problems } = readDocument({ name: 'x', text });
    assert.equal(cli, undefined, text);
    assert.equal(problems[0]?.code, code, text);
    assert.match(problems[0]?.message ?? '', message);
  }
});

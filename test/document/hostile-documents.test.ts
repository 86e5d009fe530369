import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readDocument } from 'dabbawala';
import fc from 'fast-check';
import { dabbawala } from '../support/run-dabbawala.ts';

const HEAD = 'dabbawala: 1\nprogram: tiffin\n';

/** Nine lists, each of nine times the one before: a billion nodes. */
function aliasBomb(): string {
  const lines = ['a0: &a0 [x, x, x, x, x, x, x, x, x]'];
  for (let i = 1; i <= 9; i++)
    lines.push(
      `a${i}: &a${i} [${Array(9)
        .fill(`*a${i - 1}`)
        .join(', ')}]`,
    );
  return `${HEAD}${lines.join('\n')}\n`;
}

test('documents that would take all time or memory are refused with a message', async () => {
  const cases: [string, string, RegExp][] = [
    ['an alias bomb', aliasBomb(), /at most 300000 parts and 100 levels/],
    ['an alias within itself', `${HEAD}options: &o\n  a: *o\n`, /at most .*100 levels/],
    ['10,000 flow lists', `${HEAD}a: ${'['.repeat(10_000)}`, /nested at most 100 levels deep/],
    ['10,000 block lists', `${HEAD}a:\n  ${'- '.repeat(10_000)}x\n`, /nested at most 100 levels deep/],
    ['100,000 keys in a line', `${HEAD}a: ${'b: '.repeat(100_000)}x\n`, /nested at most 100 levels deep/],
    ['100,000 keys in a bracket', `${HEAD}[ ${'a: '.repeat(100_000)}]\n`, /nested at most 100 levels deep/],
    [
      '100,000 lines of keys in a bracket',
      `${HEAD}[ a: b\n${' b: c\n'.repeat(100_000)}]\n`,
      /100 levels deep/,
    ],
    ['10,000 explicit keys', `${HEAD}${'? '.repeat(10_000)}x\n`, /nested at most 100 levels deep/],
    [
      '10,000 levels of indent',
      `${HEAD}${Array.from({ length: 1000 }, (_, i) => `${' '.repeat(i)}a:`).join('\n')}\n`,
      /nested at most 100 levels deep/,
    ],
    ['50 megabytes', `${HEAD}summary: ${'x'.repeat(50_000_000)}\n`, /at most 33554432 bytes/],
    ['5 megabytes', `${HEAD}summary: ${'x'.repeat(5_000_000)}\n`, /at most 4194304 characters/],
  ];
  for (const [what, text, message] of cases) {
    const ended = await dabbawala(['audit', '--kind=document', '-'], text);
    assert.equal(ended.status, 2, what);
    assert.match(ended.stderr, message, what);
    assert.doesNotMatch(ended.stderr, /\n\s+at /, what);
  }
});

test('keys called like members of every object are ordinary', () => {
  const text = `${HEAD}options:\n  --__proto__: odd\n  --constructor: odd too\nenvironment: {__proto__: a, toString: b}\n__proto__: {}\nconstructor: x\n`;
  const { interface: cli, problems } = readDocument({ name: 'x', text });
  assert.deepEqual(
    problems.map(({ code }) => code),
    ['unknown-key', 'unknown-key'],
  );
  assert.deepEqual(
    cli?.root.options.items.map(({ names }) => names[0]?.text),
    ['--__proto__', '--constructor'],
  );
  assert.deepEqual(
    cli?.environment.map(({ name }) => name),
    ['__proto__', 'toString'],
  );
});

test('no text makes the reader throw, and every place lies in the text', () => {
  const piece = fc.oneof(
    fc.constantFrom(
      'dabbawala: 1\n',
      'program: tiffin\n',
      'options:\n',
      '  -a, --all: x\n',
      '  --late[=DAY]:\n',
      '    argument: {values: [a]}\n',
      'commands:\n',
      '  box: {',
      '}\n',
      '- ',
      '&a ',
      '*a\n',
      '? ',
      '"',
      "'",
      '|\n',
      '!!set ',
      '%YAML 1.1\n---\n',
      '\t',
      'relations: [{requires: [-a]}]\n',
    ),
    fc.string({ maxLength: 8 }),
  );
  fc.assert(
    fc.property(fc.array(piece, { maxLength: 30 }), (pieces) => {
      const text = `${HEAD}${pieces.join('')}`;
      const { problems } = readDocument({ name: 'x', text });
      for (const { place } of problems) {
        if (place !== null)
          assert.ok(place.start >= 0 && place.start <= place.end && place.end <= text.length + 1);
      }
    }),
    { numRuns: 2000 },
  );
});

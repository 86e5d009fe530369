import assert from 'node:assert/strict';
import { test } from 'node:test';
import { type IndexRules, NameIndex, type Resolution } from 'dabbawala';
import fc from 'fast-check';

/** The rules of `getopt_long` written down naively: every name is looked at. */
function bruteForce(names: ReadonlyMap<string, number>, word: string, rules: IndexRules): Resolution<number> {
  const exact = names.get(word);
  if (exact !== undefined) return { verdict: 'exact', names: [word], count: 1, target: exact };
  const begun = rules.abbreviations ? [...names.keys()].filter((name) => name.startsWith(word)).sort() : [];
  const targets = new Set(begun.map((name) => names.get(name)));
  const target = targets.size === 1 ? [...targets][0] : undefined;
  const base = { names: begun, count: begun.length };
  if (begun.length === 0) return { verdict: 'unknown', ...base, target: undefined };
  if (begun.length === 1) return { verdict: 'unique', ...base, target };
  const isOne = target !== undefined && !rules.spellingsTie;
  return isOne
    ? { verdict: 'same-option', ...base, target }
    : { verdict: 'ambiguous', ...base, target: undefined };
}

// Few letters, so that names share prefixes; few targets, so that some are spellings of one option.
const nameSets = fc
  .uniqueArray(fc.tuple(fc.stringMatching(/^--[ab]{1,4}(-[ab]{1,2})?$/), fc.nat(5)), {
    selector: ([name]) => name,
    maxLength: 14,
  })
  .map((pairs) => new Map(pairs));
const ruleSets = fc.record({ abbreviations: fc.boolean(), spellingsTie: fc.boolean() });
const toIndex = (names: ReadonlyMap<string, number>, rules: IndexRules) =>
  new NameIndex(
    [...names].map(([name, target]) => ({ name, target })),
    rules,
  );

test('the index resolves every word as looking at every name does', () => {
  fc.assert(
    fc.property(nameSets, ruleSets, fc.stringMatching(/^--[abc]{0,5}$/), (names, rules, word) => {
      const index = toIndex(names, rules);
      const prefixes = [...names.keys()].flatMap((name) => [...name].map((_, i) => name.slice(0, i + 1)));
      for (const one of [word, ...prefixes]) {
        assert.deepEqual(index.resolve(one, Number.MAX_SAFE_INTEGER), bruteForce(names, one, rules), one);
      }
    }),
    { numRuns: 500 },
  );
});

test('the index lists every proper prefix once, in order', () => {
  fc.assert(
    fc.property(nameSets, fc.integer({ min: 1, max: 5 }), (names, from) => {
      const all = new Set(
        [...names.keys()].flatMap((name) => [...name].map((_, i) => name.slice(0, i)).slice(from)),
      );
      assert.deepEqual(
        [...toIndex(names, { abbreviations: true, spellingsTie: false }).prefixes(from)],
        [...all].sort(),
      );
    }),
  );
});

test('the shortest form of a name means what the name does, and one letter less does not', () => {
  fc.assert(
    fc.property(nameSets, ruleSets, (names, rules) => {
      const index = toIndex(names, rules);
      for (const [name, target] of names) {
        const shortest = index.shortest(name);
        assert.equal(bruteForce(names, shortest, rules).target, target);
        for (let length = 1; length < shortest.length; length++) {
          const shorter = bruteForce(names, name.slice(0, length), rules);
          assert.ok(shorter.target !== target || names.has(name.slice(0, length)), `${name}: ${shortest}`);
        }
      }
    }),
  );
});

test('names called like members of every object are ordinary names', () => {
  const index = new NameIndex(
    ['--__proto__', '--constructor', '--toString'].map((name, target) => ({ name, target })),
    { abbreviations: true, spellingsTie: false },
  );
  assert.deepEqual(index.resolve('--__p'), {
    verdict: 'unique',
    names: ['--__proto__'],
    count: 1,
    target: 0,
  });
  assert.equal(index.resolve('--hasOwn').verdict, 'unknown');
});

test('an ambiguous word lists twenty names and counts them all', () => {
  const names = Array.from({ length: 50 }, (_, i) => ({
    name: `--box${String(i).padStart(2, '0')}`,
    target: i,
  }));
  const { names: listed, count } = new NameIndex(names, { abbreviations: true, spellingsTie: false }).resolve(
    '--b',
  );
  assert.equal(listed.length, 20);
  assert.equal(count, 50);
});

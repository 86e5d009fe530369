import assert from 'node:assert/strict';
import { test } from 'node:test';
import { type IndexRules, NameIndex, type Resolution } from 'dabbawala/analysis';
import fc from 'fast-check';

/** The rules written down naively: every name is looked at, in the order in which they are declared. */
function bruteForce(names: ReadonlyMap<string, number>, word: string, rules: IndexRules): Resolution<number> {
  const fold = (text: string) => (rules.foldCase ? text.toLowerCase() : text);
  const known = [...names].filter(([name], i, all) => all.findIndex(([n]) => fold(n) === fold(name)) === i);
  const exact = known.find(([name]) => fold(name) === fold(word));
  if (exact !== undefined) return { verdict: 'exact', names: [exact[0]], count: 1, target: exact[1] };
  const isPrefix = rules.abbreviations && word.length >= (rules.least ?? 1);
  const begun = isPrefix ? known.filter(([name]) => fold(name).startsWith(fold(word))) : [];
  const sorted = begun.map(([name]) => name).sort((a, b) => (fold(a) < fold(b) ? -1 : 1));
  const targets = new Set(begun.map(([, target]) => target));
  const target = begun[0]?.[1];
  const base = { names: sorted, count: begun.length };
  if (begun.length === 0) return { verdict: 'unknown', ...base, target: undefined };
  if (begun.length === 1) return { verdict: 'unique', ...base, target };
  if (targets.size === 1 && !rules.spellingsTie) return { verdict: 'same-option', ...base, target };
  return rules.tie === 'first-declared'
    ? { verdict: 'unique', names: [begun[0]?.[0] ?? ''], count: begun.length, target }
    : { verdict: 'ambiguous', ...base, target: undefined };
}

// Few letters, so that names share prefixes; few targets, so that some are spellings of one option.
const nameSets = fc
  .uniqueArray(fc.tuple(fc.stringMatching(/^--[abAB]{1,4}(-[ab]{1,2})?$/), fc.nat(5)), {
    selector: ([name]) => name,
    maxLength: 14,
  })
  .map((pairs) => new Map(pairs));
const ruleSets: fc.Arbitrary<IndexRules> = fc.record({
  abbreviations: fc.boolean(),
  spellingsTie: fc.boolean(),
  tie: fc.constantFrom('refused', 'first-declared'),
  foldCase: fc.boolean(),
  least: fc.constantFrom(1, 3),
});
const toIndex = (names: ReadonlyMap<string, number>, rules: IndexRules) =>
  new NameIndex(
    [...names].map(([name, target]) => ({ name, target })),
    rules,
  );

test('the index resolves every word as looking at every name does', () => {
  fc.assert(
    fc.property(nameSets, ruleSets, fc.stringMatching(/^--[abAc]{0,5}$/), (names, rules, word) => {
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
        // Where case does not count, two names may be one, which then is the first.
        if (bruteForce(names, name, rules).target !== target) continue;
        assert.equal(bruteForce(names, shortest, rules).target, target);
        for (let length = 1; length < shortest.length; length++) {
          const shorter = bruteForce(names, name.slice(0, length), rules);
          assert.ok(shorter.target !== target || shorter.verdict === 'exact', `${name}: ${shortest}`);
        }
      }
    }),
  );
});

test('the ambiguous prefixes lie in ranges, each once, and every prefix of a range begins the same names', () => {
  fc.assert(
    fc.property(nameSets, ruleSets, (names, rules) => {
      const index = toIndex(names, rules);
      const ambiguous = [...index.prefixes(1)].filter(
        (prefix) => bruteForce(names, prefix, rules).verdict === 'ambiguous',
      );
      const ranged = index.ambiguousRanges().flatMap((range) => {
        const lengths = Array.from(range.to, (_, i) => i + 1).slice(range.from.length - 1);
        return lengths.map((length) => {
          const prefix = range.to.slice(0, length);
          assert.deepEqual(range.names, bruteForce(names, prefix, rules).names);
          return prefix;
        });
      });
      const fold = (text: string) => (rules.foldCase ? text.toLowerCase() : text);
      assert.deepEqual(ranged.map(fold).sort(), [...new Set(ambiguous.map(fold))].sort());
      assert.equal(new Set(ranged.map(fold)).size, ranged.length);
    }),
    { numRuns: 500 },
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

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { SegmentIndex } from 'dabbawala/analysis';
import fc from 'fast-check';

const RULES = { abbreviations: true, spellingsTie: false };

// Few letters, so that names share segments; few targets, so that some are aliases of one command.
const nameSets = fc
  .uniqueArray(fc.tuple(fc.stringMatching(/^[ab]{1,3}(:[ab]{1,3}){0,2}$/), fc.nat(6)), {
    selector: ([name]) => name,
    minLength: 1,
    maxLength: 8,
  })
  .map((pairs) => new Map(pairs));

function toIndex(names: ReadonlyMap<string, number>): SegmentIndex<number> {
  return new SegmentIndex(
    [...names].map(([name, target]) => ({ name, target })),
    ':',
    RULES,
  );
}

/**
 * The target of a word by the definition: exact first, then every name whose first segments begin with the given ones, provided that one of them has
 * no more segments.
 */
function bruteForce(names: ReadonlyMap<string, number>, word: string) {
  const exact = names.get(word);
  if (exact !== undefined) return { verdict: 'exact', names: [word], target: exact };
  const given = word.split(':');
  const beginning = [...names.keys()].filter((name) => {
    const segments = name.split(':');
    return given[0] !== '' && given.every((part, i) => segments[i]?.startsWith(part) === true);
  });
  const isReached = beginning.some((name) => name.split(':').length === given.length);
  const begun = isReached ? beginning : [];
  const targets = new Set(begun.map((name) => names.get(name)));
  const target = targets.size === 1 ? [...targets][0] : undefined;
  const verdict =
    begun.length === 0
      ? 'unknown'
      : begun.length === 1
        ? 'unique'
        : target === undefined
          ? 'ambiguous'
          : 'same-option';
  return { verdict, names: begun.sort(), target };
}

/** Every way to cut a name: each segment to each length, the last ones left out or not. */
function allForms(name: string): string[] {
  const cut = (segments: readonly string[]): string[] => {
    const [first, ...others] = segments;
    if (first === undefined) return [];
    const heads = [...first].map((_, i) => first.slice(0, i + 1));
    const tails = cut(others);
    return heads.flatMap((head) => [head, ...tails.map((tail) => `${head}:${tail}`)]);
  };
  return cut(name.split(':'));
}

test('segments resolve as by the definition, whatever the names', () => {
  fc.assert(
    fc.property(nameSets, fc.stringMatching(/^[abc]{0,3}(:[abc]{0,2}){0,3}$/), (names, word) => {
      const index = toIndex(names);
      for (const one of [word, ...[...names.keys()].flatMap(allForms)]) {
        const { verdict, names: found, target } = index.resolve(one, Number.MAX_SAFE_INTEGER);
        assert.deepEqual({ verdict, names: [...found], target }, bruteForce(names, one), one);
      }
    }),
    { numRuns: 500 },
  );
});

test('the minimal forms of a name are accepted, and every accepted form is one of them or longer', () => {
  fc.assert(
    fc.property(nameSets, (names) => {
      const index = toIndex(names);
      const covers = (minimal: string, form: string) => {
        const parts = form.split(':');
        return minimal.split(':').every((part, i) => parts[i]?.startsWith(part));
      };
      for (const [name, target] of names) {
        const minimal = index.minimalForms(name);
        const accepted = allForms(name).filter(
          (form) => form !== name && bruteForce(names, form).target === target,
        );
        for (const form of minimal) {
          assert.ok(accepted.includes(form), `${form} for ${name}`);
          assert.ok(!minimal.some((other) => other !== form && covers(other, form)), `${form} for ${name}`);
        }
        for (const form of accepted) {
          assert.ok(
            minimal.some((one) => covers(one, form)),
            `${form} for ${name}: ${minimal}`,
          );
        }
      }
    }),
    { numRuns: 500 },
  );
});

test('ambiguous forms are told in ranges, with the commands that they may be', () => {
  const names = ['route:plan', 'route:print', 'round:open'];
  const index = new SegmentIndex(
    names.map((name, target) => ({ name, target })),
    ':',
    RULES,
  );
  assert.deepEqual(
    index.ambiguousRanges().map((range) => [range.from, range.to, range.names.length]),
    [['r:p', 'route:p', 2]],
  );
  assert.deepEqual(index.minimalForms('route:plan'), ['r:pl']);
  assert.deepEqual(index.minimalForms('round:open'), ['r:o']);
  assert.equal(index.resolve('round').verdict, 'unknown');
  assert.equal(index.resolve('round:').verdict, 'unique');
  assert.equal(index.oneLetterForm('route:plan'), 'r:p');
});

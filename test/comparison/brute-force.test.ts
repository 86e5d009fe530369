import assert from 'node:assert/strict';
import { test } from 'node:test';
import { compareInterfaces, type WordRange } from 'dabbawala/analysis';
import fc from 'fast-check';
import { readYaml } from '../support/read-yaml.ts';

/** A thing with the names that it has in the one version and in the other; none where a version lacks it. */
interface Thing {
  readonly id: string;
  readonly old: readonly string[];
  readonly fresh: readonly string[];
}

interface Versions {
  readonly options: readonly (Thing & { readonly inherited: boolean })[];
  readonly boxOptions: readonly Thing[];
  readonly commands: readonly Thing[];
  readonly values: readonly Thing[];
  readonly accepted: readonly [boolean | undefined, boolean | undefined];
}

/** Things with texts that have no word in common, so that each can be known by its text alone. */
function things(name: fc.Arbitrary<string>, prefix: string): fc.Arbitrary<Thing[]> {
  return fc
    .uniqueArray(name, { minLength: 1, maxLength: 9 })
    .chain((names) =>
      fc
        .array(fc.tuple(fc.nat(4), fc.constantFrom('both', 'both', 'old', 'new')), {
          minLength: names.length,
          maxLength: names.length,
        })
        .map((picks) => ({ names, picks })),
    )
    .map(({ names, picks }) =>
      [0, 1, 2, 3, 4].map((at) => {
        const own = names.flatMap((one, i) => (picks[i]?.[0] === at ? [[one, picks[i]?.[1]] as const] : []));
        const of = (version: string) =>
          own.flatMap(([one, when]) => (when === version || when === 'both' ? [one] : []));
        return {
          id: `${prefix}${'vwxyz'[at]}one ${prefix}${'vwxyz'[at]}two ${prefix}${'vwxyz'[at]}three`,
          old: of('old'),
          fresh: of('new'),
        };
      }),
    );
}

const long = fc.stringMatching(/^--[ab]{1,4}(-[ab]{1,2})?$/);
const word = fc.stringMatching(/^[ab]{1,4}$/);

const versions: fc.Arbitrary<Versions> = fc.record({
  options: things(
    long.map((name) => `${name}r`),
    'r',
  ).chain((all) =>
    fc
      .array(fc.boolean(), { minLength: all.length, maxLength: all.length })
      .map((flags) => all.map((thing, i) => ({ ...thing, inherited: flags[i] === true }))),
  ),
  boxOptions: things(long, 'b'),
  commands: things(word, 'c'),
  values: things(word, 'v').map((all) => all.map(({ id, old, fresh }) => one(id, old, fresh))),
  accepted: fc.constantFrom(
    [true, true],
    [true, false],
    [undefined, undefined],
    [false, false],
    [false, true],
  ),
});

/** A value has one name, and is another value where it has another. */
function one(id: string, old: readonly string[], fresh: readonly string[]): Thing {
  const [name] = old;
  return {
    id,
    old: old.slice(0, 1),
    fresh: name === undefined ? fresh.slice(0, 1) : fresh.filter((other) => other === name),
  };
}

type Side = 'old' | 'fresh';

function document({ options, boxOptions, commands, values, accepted }: Versions, side: Side): string {
  const listed = (all: readonly Thing[]) => all.filter((thing) => thing[side].length > 0);
  const option = (thing: Thing & { inherited?: boolean }) =>
    `{help: ${thing.id}${thing.inherited === true ? ', inheritance: anywhere-below' : ''}}`;
  const rule = accepted[side === 'old' ? 0 : 1];
  const own = (all: readonly Thing[]) =>
    listed(all).map((thing) => `"${thing[side].join(', ')}": ${option(thing)}`);
  const allowed = listed(values).map((thing) => thing[side][0]);
  return [
    'complete: true',
    `parsing: {command-abbreviations: true, value-abbreviations: true${rule === undefined ? '' : `, option-abbreviations: ${rule}`}}`,
    `options: {${own(options).join(', ')}}`,
    'commands:',
    `  zbox: {summary: list the boxes, options: {${[...own(boxOptions), ...(allowed.length > 0 ? [`"--zz=Z": {help: zone, argument: {values: [${allowed.join(', ')}]}}`] : [])].join(', ')}}}`,
    ...listed(commands).map((thing) => `  "${thing[side].join(', ')}": {summary: ${thing.id}}`),
  ].join('\n');
}

/** What a word comes to among some things, by looking at every name. */
function meaning(word: string, all: readonly Thing[], side: Side, accepted: boolean, least: number) {
  const exact = all.find((thing) => thing[side].includes(word));
  if (exact !== undefined) return exact.id;
  if (!accepted || word.length < least) return undefined;
  const begun = all.filter((thing) => thing[side].some((name) => name.startsWith(word)));
  return begun.length === 1 ? begun[0]?.id : undefined;
}

test('every word of the old version whose meaning differs is in exactly one entry, and no other word is', () => {
  fc.assert(
    fc.property(versions, (given) => {
      const [old, fresh] = [document(given, 'old'), document(given, 'fresh')];
      const { changes } = compareInterfaces(readYaml(old), readYaml(fresh));
      const ranges = changes.flatMap(({ words }) => words);
      const check = (
        command: string,
        scope: WordRange['scope'],
        all: readonly Thing[],
        accepted: readonly [boolean, boolean],
        least: number,
      ) => {
        const names = all.flatMap((thing) => thing.old);
        const words = new Set(names.flatMap((name) => [...name].map((_, i) => name.slice(0, i + 1))));
        for (const typed of words) {
          const was = meaning(typed, all, 'old', accepted[0], least);
          if (was === undefined) continue;
          const is = meaning(typed, all, 'fresh', accepted[1], least);
          const count = ranges.filter(
            (range) =>
              range.command.join(' ') === command &&
              range.scope === scope &&
              typed.startsWith(range.from) &&
              range.to.startsWith(typed),
          ).length;
          assert.equal(
            count,
            was === is ? 0 : 1,
            `${command} ${typed}: ${was} -> ${is}\n${old}\n\n${fresh}\n${JSON.stringify(changes, null, 1)}`,
          );
        }
      };
      const [was, is] = given.accepted.map((rule) => rule !== false) as [boolean, boolean];
      const zbox = { id: 'zbox', old: ['zbox'], fresh: ['zbox'] };
      const hasValues = (side: Side) => given.values.some((thing) => thing[side].length > 0);
      const zz = {
        id: 'zz',
        old: hasValues('old') ? ['--zz'] : [],
        fresh: hasValues('fresh') ? ['--zz'] : [],
      };
      const inherited = given.options.filter((thing) => thing.inherited);
      check('tiffin', 'options', given.options, [was, is], 3);
      check('tiffin zbox', 'options', [...given.boxOptions, zz, ...inherited], [was, is], 3);
      check('tiffin', 'commands', [...given.commands, zbox], [true, true], 1);
      if (hasValues('old') && hasValues('fresh'))
        check('tiffin zbox', 'values', given.values, [true, true], 1);
    }),
    { numRuns: 500 },
  );
});

test('a new name is that of the option with its text, before that of one with its words in another order', () => {
  const options = (names: string) => readYaml(`complete: true\noptions: {${names}}`);
  const old = options(
    '"--box-late": {help: the boxes that came late}, "--late-one": {help: only one of them}',
  );
  const newer = options('"--late-box": {help: only one of them}');
  const renamed = compareInterfaces(old, newer).changes.filter(({ kind }) => kind === 'option-renamed');
  assert.deepEqual(
    renamed.map(({ before, after }) => [before, after]),
    [[['--late-one'], ['--late-box']]],
  );
});

test('the words of a name in another order are the same option only where the texts do not speak against it', () => {
  const renamed = (text: string) => {
    const options = (names: string) => readYaml(`complete: true\noptions: {${names}}`);
    const old = options('"--box-late": {help: the boxes that came late}');
    const newer = options(`"--late-box": {help: ${text}}`);
    return compareInterfaces(old, newer).changes.some(({ kind }) => kind === 'option-renamed');
  };
  assert.equal(renamed('paint the lid of each one'), false);
  assert.equal(renamed('the boxes which came late'), true);
});

import { groupedBy } from '../../collections/grouped.ts';
import { listNames, quoteName } from '../../messages/wording.ts';
import { mainName } from '../../model/option.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

type Mixed =
  | { readonly kind: 'case'; readonly name: string; readonly values: readonly string[] }
  | { readonly kind: 'capital'; readonly name: string; readonly values: readonly string[] }
  | { readonly kind: 'separators'; readonly name: string; readonly values: readonly string[] }
  | { readonly kind: 'plural'; readonly name: string; readonly values: readonly string[] }
  | {
      readonly kind: 'commands';
      readonly name: string;
      readonly values: readonly string[];
      readonly command: string;
    };

/** One finding for each option or operand whose allowed values are written in different ways, among themselves or from command to command. */
export const valuesMixed = defineCheck({
  name: 'names/values-mixed',
  level: 'note',
  title: 'Allowed values are written in different ways',
  why: 'Values are typed from memory. Where one is in capitals and the next is not, or one joins its words otherwise, people try the wrong one first.',
  standard: 'practice',
  needs: ['allowed values'],
  since: 7,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --sort={by-owner,by_size,none}  how to sort\n',
    right: 'Usage: tiffin [OPTION]...\n\n  --sort={by-owner,by-size,none}  how to sort\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --sort={by-owner,size,none}  how to sort\n  --code={utf-8,iso_8859,UTF8}  which\n',
  },
  judge(view, report) {
    const seen = new Map<string, { values: readonly string[]; command: string; place: Place }>();
    for (const { command, path } of view.described) {
      const lists = [
        ...command.options.items.flatMap((option) =>
          (option.argument?.value.words ?? []).map((word) => ({
            name: mainName(option).text,
            word,
            place: option.place,
          })),
        ),
        ...command.operands.items.map(({ name, word, place }) => ({ name, word, place })),
      ];
      for (const { name, word, place } of lists) {
        const values = word.values?.value.map(({ value }) => value) ?? [];
        if (values.length === 0) continue;
        report.judged();
        const before = seen.get(name);
        const data: Mixed | undefined =
          mixedAmong(name, values) ?? (before === undefined ? undefined : mixedBetween(name, values, before));
        if (before === undefined) seen.set(name, { values, command: path.join(' '), place });
        if (data === undefined) continue;
        report.finding({
          command: path,
          subject: name,
          data,
          place: word.values?.place ?? place,
          // Who types the one gets the other, or an error that shows no difference.
          level:
            data.kind === 'separators' || data.kind === 'capital' || data.kind === 'plural'
              ? 'note'
              : 'warning',
          related:
            data.kind === 'commands' && before !== undefined
              ? [{ place: before.place, note: 'the other list' }]
              : [],
        });
      }
    }
  },
  message: (data: Mixed) =>
    data.kind === 'case' && data.values[0] === data.values[1]
      ? `a value of ${quoteName(data.name)} is listed twice: ${quoteName(data.values[0] ?? '')}`
      : data.kind === 'case'
        ? `values of ${quoteName(data.name)} differ in capitals only: ${listNames(data.values)}`
        : data.kind === 'capital'
          ? `a value of ${quoteName(data.name)} begins with a capital, and the others do not: ${listNames(data.values)}`
          : data.kind === 'plural'
            ? `two values of ${quoteName(data.name)} are a word and its plural: ${listNames(data.values)}`
            : data.kind === 'separators'
              ? `values of ${quoteName(data.name)} join their words in different ways: ${listNames(data.values)}`
              : `a value of ${quoteName(data.name)} is ${quoteName(data.values[0] ?? '')} here and ${quoteName(data.values[1] ?? '')} in ${quoteName(data.command)}`,
  fix: () => 'write all values in one way, and keep accepting the others',
});

/** What is written in different ways within one list. Names of standards have capitals, hyphens and underscores of their own. */
function mixedAmong(name: string, values: readonly string[]): Mixed | undefined {
  const byLetters = groupedBy(values, (value) => value.toLowerCase());
  // Single letters are told apart by their case on purpose, and where most come in both, both are meant.
  const twice = [...byLetters.values()].filter(
    ([first = '', ...more]) => more.length > 0 && first.length > 1,
  );
  if (twice.length === 1) return { kind: 'case', name, values: twice[0] ?? [] };
  const plural = values.find((value) => /^[a-z]{3,}$/.test(value) && values.includes(`${value}s`));
  if (plural !== undefined) return { kind: 'plural', name, values: [plural, `${plural}s`] };
  const odd = oddCapital(values);
  if (odd !== undefined) return { kind: 'capital', name, values: odd };
  const plain = values.filter((value) => /^[a-z]+(?:[-_][a-z]+)+$/.test(value));
  const [hyphens, underscores] = [
    plain.filter((value) => value.includes('-')),
    plain.filter((value) => value.includes('_')),
  ];
  const [hyphen, underscore] = [hyphens[0], underscores[0]];
  return hyphen === undefined || underscore === undefined
    ? undefined
    : { kind: 'separators', name, values: [hyphen, underscore] };
}

/** Words that are no names and no shortenings: in capitals they only look otherwise. */
const NO_SHORTENING = /^(?:ALL|ALWAYS|ANY|AUTO|BOTH|DEFAULT|FIRST|FULL|LAST|NEVER|NONE|OFF|ON)$/;

/** A word that begins with a capital, or is one of the commonest in capitals, among at least two that do not, and one of those. */
function oddCapital(values: readonly string[]): readonly [string, string] | undefined {
  const words = values.filter(
    (value) => /^[A-Za-z][a-z]+(?:[-_][a-z]+)*$/.test(value) || NO_SHORTENING.test(value),
  );
  const capitals = words.filter((value) => /^[A-Z]/.test(value));
  const [capital] = capitals;
  const small = words.find((value) => /^[a-z]/.test(value));
  const isOdd = words.length === values.length && capitals.length === 1 && words.length > 2;
  return isOdd && capital !== undefined && small !== undefined ? [capital, small] : undefined;
}

function mixedBetween(
  name: string,
  values: readonly string[],
  before: { values: readonly string[]; command: string },
): Mixed | undefined {
  const byLetters = groupedBy(before.values, (value) => value.toLowerCase());
  const [own, others] = [new Set(values), new Set(before.values)];
  for (const value of values) {
    const other = byLetters.get(value.toLowerCase())?.find((one) => one !== value);
    if (other !== undefined && !others.has(value) && !own.has(other))
      return { kind: 'commands', name, values: [value, other], command: before.command };
  }
  return undefined;
}

import { flatMapped } from '../../collections/flat-mapped.ts';
import { addTo } from '../../collections/grouped.ts';
import { bareValue, makeValueWord, NO_ARGUMENT, type OptionArgument } from '../../model/argument.ts';
import { inferred, stated } from '../../model/fact.ts';
import { argumentOf, makeOption, type Option, type OptionName } from '../../model/option.ts';
import type { Place } from '../../source/source.ts';

/** A value as it may be shown behind a name, where no placeholder could stand. */
const LITERAL = /^[a-z][a-z0-9-]*(?:,[a-z][a-z0-9-]*)*$/;
/** A number, with a unit or without: `128`, `0.5s`. */
const NUMBER = /^\d{1,12}(?:\.\d{1,12})?[a-z%]{0,3}$/;
/** A value that has capitals, or a placeholder. */
const WORD = /^[A-Za-z][\w-]*$/;

/** So many words behind one name, each in an entry of its own, are values, whatever they look like. */
const MIN_WORDS = 3;

/** One entry that shows a name with a given value. */
interface Given {
  readonly option: Option;
  readonly name: OptionName;
  readonly value: string;
  readonly place: Place;
}

/**
 * Entries that show one long name with different values (`-O, --format=roff` and `-T, --format=tex`) describe one option with these
 * allowed values, and letters that stand for it with a value. Gives the options with such entries joined.
 */
export function joinGivenValues(options: readonly Option[]): Option[] {
  const groups = new Map<string, Given[]>();
  for (const option of options) {
    for (const given of givenIn(option)) addTo(groups, given.name.text, given);
  }
  const joined = new Map<Option, { readonly given: Given; readonly group: readonly Given[] }>();
  for (const shown of groups.values()) {
    const group = givenOf(shown);
    for (const given of group) joined.set(given.option, { given, group });
  }
  if (joined.size === 0) return [...options];
  const made = new Set<string>();
  return flatMapped(options, (option) => {
    const found = joined.get(option);
    if (found === undefined) return [option];
    const { given, group } = found;
    const letters = lettersOf(option, given);
    if (made.has(given.name.text)) return letters;
    made.add(given.name.text);
    return [wholeOption(group), ...letters];
  });
}

/** Those of the entries with one name that show values of it. */
function givenOf(group: readonly Given[]): readonly Given[] {
  const literals = group.filter(({ value }) => LITERAL.test(value) || NUMBER.test(value));
  if (new Set(literals.map(({ value }) => value)).size > 1) return literals;
  const areWords =
    new Set(group.map(({ value }) => value)).size >= MIN_WORDS &&
    group.every(({ option }) => option.names.length === 1);
  return areWords ? group : [];
}

/** A name behind one hyphen with a number joined to it: `-o2`, `-zc1-9`. */
const WITH_NUMBER = /^(-[A-Za-z]+)\d[\d.,-]*$/;

/** Options without the entries that show one with a number as its argument: `-o2` in a list that has `-o LEVEL`. */
export function withoutGivenNumbers(options: readonly Option[]): readonly Option[] {
  const takers = new Set<string>();
  for (const option of options)
    for (const name of option.names) {
      const argument = argumentOf(option, name);
      if (argument?.basis === 'stated' && argument.value.presence !== 'none') takers.add(name.text);
    }
  const given = new Set(
    options.filter((option) =>
      option.names.every(
        (name) =>
          takers.has(WITH_NUMBER.exec(name.text)?.[1] ?? '') &&
          (argumentOf(option, name)?.value.presence ?? 'none') === 'none',
      ),
    ),
  );
  return given.size < MIN_NUMBERS ? options : options.filter((option) => !given.has(option));
}

/** One such name may be an option of its own: `-key2` beside `-key FILE`. */
const MIN_NUMBERS = 2;

function givenIn(option: Option): Given[] {
  return flatMapped(option.names, (name) => {
    const argument = argumentOf(option, name)?.value;
    const [word, ...others] = argument?.words ?? [];
    // A number in place of a placeholder is taken for the default, until the same name stands there with another one.
    const { value = '', place = null } = word?.placeholder ?? word?.default ?? {};
    if (others.length > 0 || name.form === 'short') return [];
    const mayBeWord = name.form === 'long' && (LITERAL.test(value) || WORD.test(value));
    return mayBeWord || NUMBER.test(value) ? [{ option, name, value, place }] : [];
  });
}

/** The option that all these entries are about. */
function wholeOption(group: readonly Given[]): Option {
  const [first] = group;
  if (first === undefined) throw new TypeError('a group has entries');
  const { option, name } = first;
  const values = [...new Map(group.map(({ value, place }) => [value, place])).entries()];
  const isList = values.some(([value]) => value.includes(','));
  const isOptional = group.some(
    (given) => argumentOf(given.option, given.name)?.value.presence === 'optional',
  );
  const argument: OptionArgument = {
    presence: isOptional ? 'optional' : 'mandatory',
    words: [
      makeValueWord(
        isList
          ? { placeholder: stated(first.value, first.place) }
          : {
              values: stated(
                values.map(([value, place]) => bareValue(value, place)),
                first.place,
              ),
            },
      ),
    ],
    count: undefined,
    place: first.place,
  };
  const help = group.find((given) => given.option.help !== undefined)?.option.help;
  return {
    ...option,
    help,
    names: [{ ...name, argument: undefined }],
    argument: stated(argument, first.place),
  };
}

/** The other names of the entry, which stand for the option with the entry's value. */
function lettersOf(option: Option, given: Given): Option[] {
  const names = option.names.filter((name) => name !== given.name && name.form !== 'long');
  if (names.length === 0) return [];
  return [
    makeOption({
      names: names.map((name) => ({ ...name, argument: undefined })),
      argument: inferred(NO_ARGUMENT, null),
      sameAs: stated({ option: given.name.text, value: given.value }, given.place),
      help: option.help,
      listed: true,
      heading: option.heading,
      place: names[0]?.place ?? option.place,
    }),
  ];
}

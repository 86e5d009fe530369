import { NO_ARGUMENT } from '../../model/argument.ts';
import { inferred } from '../../model/fact.ts';
import { argumentOf, type Option, type OptionName } from '../../model/option.ts';
import { nameFormOf } from '../../notation/option-name.ts';
import type { Place } from '../../source/source.ts';

/** So many names of two letters that begin alike make a family, to which one with a capital belongs too. */
const MIN_FAMILY = 2;

/** A letter with a capital joined to it, as an argument would be. */
interface Joined {
  readonly option: Option;
  readonly letter: OptionName;
  readonly capital: string;
  readonly place: Place;
}

/**
 * `-kM` beside `-kb` and `-kc`, or beside `-kD`: names of two letters, not a letter with its argument. What the text of an option speaks of by its capital is
 * an argument all the same: `-lN  show N lines`.
 */
export function withTwoLetterNames(options: readonly Option[]): readonly Option[] {
  const joined = options.flatMap((option) => joinedCapital(option) ?? []);
  if (joined.length === 0) return options;
  const families = new Map<string, Set<string>>();
  const add = (name: string) => {
    const family = families.get(name.slice(0, 2)) ?? new Set();
    families.set(name.slice(0, 2), family.add(name));
  };
  for (const { names } of options)
    for (const { text } of names) if (/^-[A-Za-z][a-z]$/.test(text) && text[1] !== text[2]) add(text);
  for (const { letter, capital } of joined) add(letter.text + capital);
  const replaced = new Map(
    joined
      .filter(({ letter }) => (families.get(letter.text)?.size ?? 0) > MIN_FAMILY)
      .map((one) => [one.option, asName(one)] as const),
  );
  return options.map((option) => replaced.get(option) ?? option);
}

function joinedCapital(option: Option): Joined | undefined {
  const [letter] = option.names.filter(({ form }) => form === 'short');
  const argument = letter && argumentOf(option, letter)?.value;
  const [word, ...others] = argument?.words ?? [];
  const capital = word?.placeholder?.value ?? '';
  const place = word?.placeholder?.place;
  if (letter === undefined || others.length > 0 || !/^[A-Z]$/.test(capital) || !place) return undefined;
  const isJoined = letter.place !== null && letter.place.end === place.start;
  const isSpokenOf = new RegExp(`\\b${capital}\\b`).test(option.help?.value ?? '');
  return isJoined && !isSpokenOf ? { option, letter, capital, place } : undefined;
}

function asName({ option, letter, capital, place }: Joined): Option {
  const text = letter.text + capital;
  const name: OptionName = {
    text,
    form: nameFormOf(text) ?? 'single-hyphen-long',
    argument: undefined,
    place: letter.place && place && { ...letter.place, end: place.end },
  };
  return {
    ...option,
    names: option.names.map((one) => (one === letter ? name : one)),
    argument: inferred(NO_ARGUMENT, null),
  };
}

import { bareValue, makeValueWord, type OptionArgument, type ValueWord } from '../model/argument.ts';
import { stated } from '../model/fact.ts';
import type { Span } from '../source/source.ts';
import type { ScannedArgument } from './argument-notation.ts';
import { rangeOf } from './range-notation.ts';
import type { ScannedWord } from './scanned-word.ts';

/** Turns indexes of the text that was scanned into a span of the source. */
export type ToSpan = (start: number, end: number) => Span;

/** Makes the model's argument of one that was scanned. */
export function makeArgument(scanned: ScannedArgument, toSpan: ToSpan): OptionArgument {
  const place = toSpan(scanned.start, scanned.end);
  return {
    presence: scanned.presence,
    words: scanned.words.map((word) => makeArgumentWord(word, toSpan)),
    count: scanned.repeats
      ? stated({ least: scanned.presence === 'optional' ? 0 : 1, most: null }, place)
      : undefined,
    place,
  };
}

function makeArgumentWord(word: ScannedWord, toSpan: ToSpan): ValueWord {
  const place = toSpan(word.start, word.end);
  return makeValueWord({
    placeholder: word.placeholder === undefined ? undefined : stated(word.placeholder, place),
    values: valuesAt(word.values, place),
    default:
      word.default === undefined
        ? undefined
        : stated(word.default.value, toSpan(word.default.start, word.default.end)),
    range: rangeShown(word.placeholder, place),
    separator: word.separator === undefined ? undefined : stated(word.separator, place),
  });
}

/** Allowed values that a notation lists, all at its place; undefined where it lists none. */
export function valuesAt(values: readonly string[] | undefined, place: Span): ValueWord['values'] {
  return values?.length
    ? stated(
        values.map((value) => bareValue(value, place)),
        place,
      )
    : undefined;
}

/** `<0..10>`, `1-9`: two numbers in the place of a placeholder are the bounds of what may be given. */
function rangeShown(placeholder: string | undefined, place: Span): ValueWord['range'] {
  const [, bounds] =
    /^[<[(]?(-?\d{1,9}(?:\.\d{1,9})?(?:\.{2,3}|-|–)\d{1,9}(?:\.\d{1,9})?)[>\])]?$/.exec(placeholder ?? '') ??
    [];
  const range = bounds === undefined ? undefined : rangeOf(bounds);
  return range === undefined ? undefined : stated(range, place);
}

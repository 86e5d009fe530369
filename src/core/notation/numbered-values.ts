import { matches } from '../source/matches.ts';
import type { ListedValue } from './listed-values.ts';

/** A number, and what tells what it means: `0=none`, `1: some`, `2 for all`; with a plus (`4+=all`), all from there on. */
const NUMBER = /(^|[,;:.()[]\s*|\s)(-?\d{1,2})(\+?)(?:\s?([=:])\s?(?=[A-Za-z"'<])| for (?=[a-z"']))/g;

/** One number may be the number of anything. */
const MIN_NUMBERS = 2;

/** `>1=so many boxes`: what all numbers beyond one mean. */
const ALL_BEYOND = /(?:^|[\s,;:(])[<>]=?\s?-?\d{1,2}\s?[=:]/;

/** Where a word may be given as well, the numbers are not all. */
const NAMES_TOO = /\bor (?:a )?(?:numbers?|names?|words?)\b/i;

/**
 * Values that are numbers, each with what it means, counted up by one from one at the most: `kind: 0=none, 1=some (slow), 2=all`. Undefined where
 * there are none, or these are not all.
 */
export function numberedValues(
  text: string,
): { values: readonly ListedValue[]; start: number; end: number } | undefined {
  if (!/[=:]|\d for /.test(text)) return undefined;
  const values: ListedValue[] = [];
  for (const match of matches(text, NUMBER)) {
    const [, before = '', value = '', plus, mark] = match;
    // `Example 1: ...`: a colon behind a word with its number.
    if (mark === ':' && /^\s?$/.test(before) && match.index > 0) continue;
    if (plus !== '') return undefined;
    const last = values.at(-1);
    const start = match.index + before.length;
    const isNext = last === undefined ? Number(value) <= 1 : Number(value) === Number(last.value) + 1;
    if (!isNext) return undefined;
    values.push({ value, start, end: start + value.length });
  }
  const [first] = values;
  if (first === undefined || values.length < MIN_NUMBERS || NAMES_TOO.test(text) || ALL_BEYOND.test(text))
    return undefined;
  return { values, start: first.start, end: text.length };
}

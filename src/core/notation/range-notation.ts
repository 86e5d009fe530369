import type { Range } from '../model/argument.ts';
import { LEAST_WORDS, MOST_WORDS } from './note-words.ts';

const NUMBER = '-?\\d+(?:\\.\\d+)?';
const BETWEEN = new RegExp(`(${NUMBER})\\s*<=?\\s*\\w+\\s*<=?\\s*(${NUMBER})`);
const FROM_TO = new RegExp(`(${NUMBER})\\s*(?:\\.{2,3}=?|-|–|to|through|and|,)\\s*(${NUMBER})`);
/** `min: 1, max: 9`, `>= 1, <= 9`, `at least 1 and at most 9` */
const LEAST_AND_MOST = new RegExp(`${LEAST_WORDS}(${NUMBER}),?\\s(?:and )?${MOST_WORDS}(${NUMBER})`, 'i');
const AT_LEAST = new RegExp(
  `\\w*\\s*>=?\\s*(${NUMBER})|(${NUMBER})\\s*<=?\\s*\\w+$|${LEAST_WORDS}(${NUMBER})`,
  'i',
);
const AT_MOST = new RegExp(`\\w*\\s*<=?\\s*(${NUMBER})|${MOST_WORDS}(${NUMBER})`, 'i');

/** What says that a range follows: `range:`, `within`, `must be between`, `valid values: `. */
const RANGE_AHEAD =
  '(?:(?:(?:valid|allowed|accepted|legal|permitted) )?(?:range|values?|bounds|limits)(?: is| are| of)?\\s?[:=]?\\s?|(?:(?:value |number )?(?:must be |should be |has to be )?(?:in|within|from|between)(?: the)?(?: (?:range|interval))?(?: of)?:?\\s?))';

/** A text that is a range and nothing else. */
const RANGE = new RegExp(
  `^(?:${[
    `(?:${RANGE_AHEAD})?${NUMBER}\\s*(?:\\.{2,3}=?|-|–|to|through)\\s*${NUMBER}`,
    `${RANGE_AHEAD}[\\[(]?${NUMBER}\\s*(?:\\.{2,3}=?|-|–|,|to|and)\\s*${NUMBER}[\\])]?`,
    `${LEAST_WORDS}${NUMBER}(?:,?\\s(?:and )?${MOST_WORDS}${NUMBER})?`,
    `${MOST_WORDS}${NUMBER}`,
    '-?[\\d.]+\\s*<=?\\s*\\w+(?:\\s*<=?\\s*-?[\\d.]+)?',
    '\\w+\\s*[<>]=?\\s*-?[\\d.]+',
  ].join('|')})$`,
  'i',
);

/** Whether a text is a range and nothing else: `1-9`, `between 1 and 9`, `min: 1, max: 9`. */
export function isRange(text: string): boolean {
  return RANGE.test(text);
}

/** The bounds that a note tells: `1<=x<=9`, `x>=1`, `1-9`, `1..9`, `[1, 9]`; undefined where it tells none. */
export function rangeOf(text: string): Range | undefined {
  const both = BETWEEN.exec(text) ?? LEAST_AND_MOST.exec(text) ?? FROM_TO.exec(text);
  if (both !== null) return { least: Number(both[1]), most: Number(both[2]) };
  const least = AT_LEAST.exec(text);
  if (least !== null) return { least: Number(least[1] ?? least[2] ?? least[3]), most: undefined };
  const most = AT_MOST.exec(text);
  return most === null ? undefined : { least: undefined, most: Number(most[1] ?? most[2]) };
}

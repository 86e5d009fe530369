import type { Range } from '../model/argument.ts';

const NUMBER = '-?\\d+(?:\\.\\d+)?';
const BETWEEN = new RegExp(`(${NUMBER})\\s*<=?\\s*\\w+\\s*<=?\\s*(${NUMBER})`);
const FROM_TO = new RegExp(`(${NUMBER})\\s*(?:\\.{2,3}=?|-|–|to|and|,)\\s*(${NUMBER})`);
const LEAST_AND_MOST = new RegExp(
  `\\bmin(?:imum)?\\s?[:= ]\\s?(${NUMBER}),?\\s(?:and )?max(?:imum)?\\s?[:= ]\\s?(${NUMBER})`,
  'i',
);
/** `>= 1, <= 9`, `at least 1 and at most 9` */
const FROM_AND_TO = new RegExp(
  `(?:>=\\s?|\\bat least )(${NUMBER}),? (?:and )?(?:<=\\s?|at most )(${NUMBER})`,
  'i',
);
const AT_LEAST = new RegExp(
  `\\w*\\s*>=?\\s*(${NUMBER})|(${NUMBER})\\s*<=?\\s*\\w+$|\\b(?:min(?:imum)?\\s?[:= ]|at least)\\s?(${NUMBER})`,
  'i',
);
const AT_MOST = new RegExp(
  `\\w*\\s*<=?\\s*(${NUMBER})|\\b(?:max(?:imum)?\\s?[:= ]|at most)\\s?(${NUMBER})`,
  'i',
);

/** A text that is a range and nothing else. */
const RANGE = new RegExp(
  `^(?:${[
    `(?:range\\s?[:=]?\\s?|in )?${NUMBER}\\s*(?:\\.{2,3}=?|-|–)\\s*${NUMBER}`,
    `(?:>=\\s?|at least )${NUMBER},? (?:and )?(?:<=\\s?|at most )${NUMBER}`,
    `[<>]=\\s?${NUMBER}`,
    `range\\s?[:=]?\\s?\\[?${NUMBER}\\s*(?:,|to)\\s*${NUMBER}\\]?`,
    `(?:from )?${NUMBER} to ${NUMBER}`,
    `between ${NUMBER} and ${NUMBER}`,
    `min(?:imum)?\\s?[:= ]\\s?${NUMBER}(?:,?\\s(?:and )?max(?:imum)?\\s?[:= ]\\s?${NUMBER})?`,
    `max(?:imum)?\\s?[:= ]\\s?${NUMBER}`,
    `at (?:least|most) ${NUMBER}`,
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
  const both =
    BETWEEN.exec(text) ?? LEAST_AND_MOST.exec(text) ?? FROM_AND_TO.exec(text) ?? FROM_TO.exec(text);
  if (both !== null) return { least: Number(both[1]), most: Number(both[2]) };
  const least = AT_LEAST.exec(text);
  if (least !== null) return { least: Number(least[1] ?? least[2] ?? least[3]), most: undefined };
  const most = AT_MOST.exec(text);
  return most === null ? undefined : { least: undefined, most: Number(most[1] ?? most[2]) };
}

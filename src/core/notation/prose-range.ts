import type { Range } from '../model/argument.ts';

const NUMBER = String.raw`(-?\d+(?:\.\d+)?)`;
const BEFORE = '(?:^|[,;(] ?)';
const BEHIND = String.raw`(?=$|[,;)]|\. |\.$| \[| \()`;

/** The whole of a clause: `from 0 to 9`, `1 to 8`, `between 1 and 8`, `0..9`, `1-8`. */
const BOTH = new RegExp(
  `${BEFORE}(?:(?:a |an )?(?:whole |integer )?(?:number |value )?(?:from |in the range |range:? ?)?${NUMBER} ?(?:to|-|–|\\.{2,3}) ?${NUMBER}|between ${NUMBER} and ${NUMBER}|from ${NUMBER} to ${NUMBER})${BEHIND}`,
  'gi',
);
/** `how hard to press, from 0 to 9`: with a word in front, these need no comma. */
const WITH_WORD = new RegExp(
  `\\b(?:from ${NUMBER} to|between ${NUMBER} and|range:? ${NUMBER} ?(?:to|-|\\.{2})) ?${NUMBER}${BEHIND}`,
  'gi',
);
/** `1 is the finest, 5 the coarsest`: both ends, each with what it means. */
const ENDS = new RegExp(
  `(?<![\\w.-])${NUMBER} (?:is |= ?|means )?(?:the )?(?:\\w{2,20}est|least|most)(?: \\w+)?(?:,| and|, and) ${NUMBER} (?:is |= ?|means )?(?:the )?(?:\\w{2,20}est|least|most)\\b`,
  'gi',
);
const MOST = new RegExp(`\\b(?:at most|no more than|maximum:?) ${NUMBER}${BEHIND}`, 'gi');
const LEAST = new RegExp(`\\b(?:at least|no less than|minimum:?) ${NUMBER}${BEHIND}`, 'gi');

/** The bounds that a text tells of its value, each as often as it tells some; a bound that is not told is undefined. */
export function rangesInProse(text: string): Range[] {
  const both = [BOTH, WITH_WORD, ENDS].flatMap((pattern) =>
    [...text.matchAll(pattern)].map((match): Range => {
      const [least, most] = match.slice(1).filter((one) => one !== undefined);
      return { least: Number(least), most: Number(most) };
    }),
  );
  const least = [...text.matchAll(LEAST)].map(
    ([, bound]): Range => ({ least: Number(bound), most: undefined }),
  );
  const most = [...text.matchAll(MOST)].map(
    ([, bound]): Range => ({ least: undefined, most: Number(bound) }),
  );
  return [...both, ...least, ...most];
}

/** The bounds that a sentence tells of its value; undefined where it tells none. A bound that is not told is undefined. */
export function rangeInProse(text: string): Range | undefined {
  const ranges = rangesInProse(text);
  const whole = ranges.find(({ least, most }) => least !== undefined && most !== undefined);
  if (whole !== undefined || ranges.length === 0) return whole;
  return {
    least: ranges.find(({ least }) => least !== undefined)?.least,
    most: ranges.find(({ most }) => most !== undefined)?.most,
  };
}

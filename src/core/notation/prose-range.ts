import type { Range } from '../model/argument.ts';

const NUMBER = String.raw`(-?\d+(?:\.\d+)?)`;
const BEFORE = '(?:^|[,;(] ?)';
const BEHIND = String.raw`(?=$|[,;)]|\. |\.$| \[| \()`;

/** The whole of a clause: `from 0 to 9`, `1 to 8`, `between 1 and 8`, `0..9`, `1-8`. */
const BOTH = new RegExp(
  `${BEFORE}(?:(?:a |an )?(?:whole |integer )?(?:number |value )?(?:from |in the range |range:? ?)?${NUMBER} ?(?:to|-|–|\\.{2,3}) ?${NUMBER}|between ${NUMBER} and ${NUMBER}|from ${NUMBER} to ${NUMBER})${BEHIND}`,
  'i',
);
/** `how hard to press, from 0 to 9`: with a word in front, these need no comma. */
const WITH_WORD = new RegExp(
  `\\b(?:from ${NUMBER} to|between ${NUMBER} and|range:? ${NUMBER} ?(?:to|-|\\.{2})) ?${NUMBER}${BEHIND}`,
  'i',
);
const MOST = new RegExp(`\\b(?:at most|no more than|maximum:?) ${NUMBER}${BEHIND}`, 'i');
const LEAST = new RegExp(`\\b(?:at least|no less than|minimum:?) ${NUMBER}${BEHIND}`, 'i');

/** The bounds that a sentence tells of its value; undefined where it tells none. A bound that is not told is undefined. */
export function rangeInProse(text: string): Range | undefined {
  const match = BOTH.exec(text) ?? WITH_WORD.exec(text);
  if (match !== null) {
    const [least, most] = match.slice(1).filter((one) => one !== undefined);
    return { least: Number(least), most: Number(most) };
  }
  const [least, most] = [LEAST.exec(text)?.[1], MOST.exec(text)?.[1]];
  if (least === undefined && most === undefined) return undefined;
  return {
    least: least === undefined ? undefined : Number(least),
    most: most === undefined ? undefined : Number(most),
  };
}

import { distance } from 'fastest-levenshtein';
import { isSwapped } from './swapped-letters.ts';

/** Shorter words are a letter away from many others. */
const LEAST_LENGTH = 4;

/**
 * Whether a word is another with a slip inside it: two letters exchanged, one left out or one doubled, and the first and last ones as they should be. Names of
 * programs that belong together differ at their ends.
 */
export function isSlipInside(word: string, meant: string): boolean {
  if (word === meant || meant.length < LEAST_LENGTH || word[0] !== meant[0] || word.at(-1) !== meant.at(-1))
    return false;
  return isSwapped(word, meant) || isWithout(word, meant) || isDoubled(word, meant);
}

/** Whether a word is another but for one letter inside it, whatever that is: a weaker sign than a slip, for words that stand where the other is expected. */
export function isLetterAway(word: string, meant: string): boolean {
  return (
    meant.length >= LEAST_LENGTH &&
    /^[a-z]+$/.test(word) &&
    word[0] === meant[0] &&
    word.at(-1) === meant.at(-1) &&
    distance(word, meant) === 1
  );
}

/** Whether one letter is left out. */
function isWithout(word: string, meant: string): boolean {
  if (word.length !== meant.length - 1 || !/^[a-z-]+$/.test(meant)) return false;
  return [...meant].some((_, i) => meant.slice(0, i) + meant.slice(i + 1) === word);
}

/** Whether one letter stands twice. */
function isDoubled(word: string, meant: string): boolean {
  if (word.length !== meant.length + 1) return false;
  return [...meant].some((letter, i) => i > 0 && meant.slice(0, i) + letter + meant.slice(i) === word);
}

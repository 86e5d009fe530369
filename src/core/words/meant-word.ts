import { COMMON_WORDS } from './common-words.ts';
import { withoutCountry } from './country-spellings.ts';
import { NEAR_WORDS } from './near-words.ts';
import { SHORT_WORDS } from './short-words.ts';

/** Shorter words are a letter away from many others. */
const LEAST_LENGTH = 6;

/** So many letters at the end of a word may be an inflection. */
const ENDING = 2;

const VOWELS = 'aeiou';

/**
 * The common word that a word in small letters is with one slip of the pen: two letters exchanged, one left out, one too many, or one vowel for another,
 * and the first letter as it should be. Undefined where it is a word of its own, or none that looks like one.
 */
export function meantWord(word: string): string | undefined {
  if (!/^[a-z]+$/.test(word)) return undefined;
  const short = bySwappedLetters().get(word);
  if (short !== undefined || word.length < LEAST_LENGTH) return short;
  if (COMMON_WORDS.has(word) || NEAR_WORDS.has(word)) return undefined;
  for (const meant of withoutSlip(word))
    if (COMMON_WORDS.has(meant) && withoutCountry(word) !== withoutCountry(meant)) return meant;
  return undefined;
}

/** Words that a word may be without a slip, the likeliest first. */
function* withoutSlip(word: string): Generator<string> {
  for (let i = 1; i < word.length - 1; i++)
    yield word.slice(0, i) + word[i + 1] + word[i] + word.slice(i + 2);
  for (let i = 1; i < word.length - ENDING; i++) yield word.slice(0, i) + word.slice(i + 1);
  yield byLetterLeftOut().get(word) ?? word;
  for (let i = 1; i < word.length - ENDING; i++) {
    if (!VOWELS.includes(word[i] ?? '')) continue;
    for (const vowel of VOWELS) yield word.slice(0, i) + vowel + word.slice(i + 1);
  }
}

/** Words and shortenings that are a short word with two letters exchanged, and no slip. */
const WORDS_OF_THEIR_OWN: ReadonlySet<string> = new Set(
  'dose filed form from lien mots pares prot quite roto strat three uints'.split(' '),
);

let swapped: ReadonlyMap<string, string> | undefined;

/** The short words by what is left of them where two of their inner letters, or the last two, are exchanged. */
function bySwappedLetters(): ReadonlyMap<string, string> {
  swapped ??= new Map(
    SHORT_WORDS.flatMap((word) =>
      Array.from(
        { length: word.length - 2 },
        (_, i) => [word.slice(0, i + 1) + word[i + 2] + word[i + 1] + word.slice(i + 3), word] as const,
      ).filter(
        ([slip]) => !SHORT_WORDS.includes(slip) && !WORDS_OF_THEIR_OWN.has(slip) && !COMMON_WORDS.has(slip),
      ),
    ),
  );
  return swapped;
}

let leftOut: ReadonlyMap<string, string> | undefined;

/** The common words by what is left of them without one of their inner letters. */
function byLetterLeftOut(): ReadonlyMap<string, string> {
  leftOut ??= new Map(
    [...COMMON_WORDS].flatMap((word) =>
      Array.from(
        { length: word.length - 2 },
        (_, i) => [word.slice(0, i + 1) + word.slice(i + 2), word] as const,
      ),
    ),
  );
  return leftOut;
}

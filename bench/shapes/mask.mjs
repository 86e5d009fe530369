// Replaces the words of a help text by made-up ones of the same length and class, so that its shape stays and nothing of it is quoted.
import { createHash } from 'node:crypto';
import { KEPT_WORDS } from './kept-words.mjs';

const CONSONANTS = 'bdfgklmnprstvz';
const VOWELS = 'aeiou';
/** A word of letters; digits, marks and blanks stay. */
const WORD = /[\p{L}\p{M}]+/gu;

/** So many words are tried for another. */
const SALTS_TRIED = 200;

/** `-abc`, letters behind one hyphen. */
const GROUP = /(?<![\p{L}\p{N}_-])-\p{L}{2,}(?![\p{L}\p{N}_-])/gu;

/**
 * A function that masks strings of one text, each word alike wherever it stands. Two words never become one. Groups of the options that `letters`
 * holds are no words, and stay as they are.
 */
export function masker(letters = new Set()) {
  const made = new Map();
  const taken = new Set();
  const replacement = (word) => {
    const known = made.get(word);
    if (known !== undefined) return known;
    for (let salt = 0; salt < SALTS_TRIED; salt++) {
      const other = madeUp(`${word} ${salt}`, [...word].length);
      if (taken.has(other) || KEPT_WORDS.has(other)) continue;
      taken.add(other);
      made.set(word, other);
      return other;
    }
    // Of two letters there are not enough words.
    return word;
  };
  const maskWords = (text) =>
    text.replace(WORD, (word) => {
      const lower = word.toLowerCase();
      // A letter alone is an option, a placeholder or a mark, and says nothing of whose it is.
      if ([...word].length === 1 || KEPT_WORDS.has(lower)) return word;
      // In `--noColour` and `FILENAMEs` the parts keep their cases.
      return withCaseOf(word, replacement(lower));
    });
  const isGroup = (word) => [...word].slice(1).every((letter) => letters.has(letter));
  return (text) => {
    let masked = '';
    let from = 0;
    for (const { 0: word, index } of text.matchAll(GROUP)) {
      if (!isGroup(word)) continue;
      masked += maskWords(text.slice(from, index)) + word;
      from = index + word.length;
    }
    return masked + maskWords(text.slice(from));
  };
}

function madeUp(seed, length) {
  const bytes = createHash('sha256').update(seed).digest();
  let word = '';
  for (let i = 0; word.length < length; i++) {
    const byte = bytes[i % bytes.length];
    const letters = i % 2 === 0 ? CONSONANTS : VOWELS;
    word += letters[(byte + i) % letters.length];
  }
  return word;
}

function withCaseOf(word, other) {
  const letters = [...word];
  return [...other].map((letter, i) => (isUpper(letters[i]) ? letter.toUpperCase() : letter)).join('');
}

function isUpper(letter) {
  return letter !== letter.toLowerCase();
}

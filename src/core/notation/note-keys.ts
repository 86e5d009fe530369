import type { NoteKind } from './mark-note.ts';
import {
  DEFAULT_WORDS,
  ENVIRONMENT_WORDS,
  VALUES_WORDS,
  VALUES_WORDS_WITH_SIGN,
  WHEN_NOT_GIVEN,
} from './note-words.ts';

const WITH_SIGN = '(?=\\s?[:=])';

/** The words that a note begins with. Longer ones first. */
const KEYS: readonly (readonly [NoteKind, readonly string[]])[] = [
  [
    'default',
    [
      'default [a-z]{2,20}(?=:)',
      `${DEFAULT_WORDS}(?: (?:value|setting))(?: is)?`,
      'default(?:s|ed)?(?: is| to)?',
      `${DEFAULT_WORDS}${WITH_SIGN}`,
      'def(?=:)',
      'by default',
      'absent(?==)',
      WHEN_NOT_GIVEN,
      'par d[ée]faut|vorgabe|voreinstellung|standard(?=:)|por defecto|predeterminado|predefinito|padr[ãa]o',
    ],
  ],
  ['environment', [ENVIRONMENT_WORDS, `variable${WITH_SIGN}`]],
  ['values', [...VALUES_WORDS, ...VALUES_WORDS_WITH_SIGN.map((words) => words + WITH_SIGN)]],
  ['aliases', ['alias(?:es)?', 'also', 'synonyms?']],
  ['inverse', ['inverse', 'opposite', 'negation']],
  ['required', ['required', 'mandatory']],
  ['range', ['range']],
  ['deprecated', ['deprecated', 'obsolete']],
];

// What must follow a word, `absent=`, is no part of it.
const KINDS = KEYS.map(
  ([kind, words]) =>
    [
      kind,
      new RegExp(
        `^(?:${words.join('|').replace(/\(\?=(?:\\s\?)?\[?[:=]{1,2}\]?\)|\(\?= \?\\\{\)/g, '')})$`,
        'i',
      ),
    ] as const,
);

/** The words that a note begins with, and the sign behind them. */
export const NOTE_KEY = new RegExp(
  `^(?:the )?(${KEYS.flatMap(([, words]) => words).join('|')})(?!\\w)\\s*([-=]>|[:=]?)\\s*`,
  'i',
);

/** What a note is about that begins with some words. */
export function kindOfKey(words: string): NoteKind | undefined {
  return KINDS.find(([, known]) => known.test(words))?.[0];
}

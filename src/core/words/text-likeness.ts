const FILLERS: ReadonlySet<string> = new Set([
  'the',
  'and',
  'for',
  'with',
  'from',
  'that',
  'this',
  'are',
  'all',
  'not',
  'use',
  'set',
  'only',
  'each',
  'its',
  'into',
  'when',
  'will',
  'you',
  'your',
  'can',
  'any',
  'has',
  'have',
  'was',
  'but',
  'out',
  'one',
  'default',
]);

/** The words of a text that carry meaning, in lower case. */
export function wordsOf(text: string): Set<string> {
  const words = text.toLowerCase().match(/[\p{L}\d]{3,40}/gu) ?? [];
  return new Set(words.filter((word) => !FILLERS.has(word)));
}

/** The words of a text without the endings that verbs and plurals have: `explains` and `explain` are one. */
export function stemsOf(text: string): Set<string> {
  return new Set([...wordsOf(text)].map((word) => word.replace(/(?<=...)(?:ies|es|s|ed|ing|e|y)$/, '')));
}

/** A text without what a copy may differ in: blanks, punctuation, and case but for that of the options that it names. */
export function normalisedText(text: string): string {
  return text
    .replace(/(?<![\w-])[^\s-]\S*/g, (word) => word.toLowerCase())
    .replace(/[\s.;:,]+/g, ' ')
    .trim();
}

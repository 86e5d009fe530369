/** A list of words as one text to look things up by, such as a command path: two lists have the same where they are the same. Words may hold blanks. */
export function listKey(words: readonly string[]): string {
  return words.join('\0');
}

/** Whether two lists hold the same words in the same order. */
export function isSameList(a: readonly string[], b: readonly string[]): boolean {
  return a.length === b.length && a.every((word, i) => word === b[i]);
}

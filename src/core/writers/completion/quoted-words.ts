/** A word in single quotes, as bash and zsh take it. */
export function singleQuoted(word: string): string {
  return `'${word.replaceAll("'", "'\\''")}'`;
}

/** A word for bash or zsh: without quotes where it needs none. */
export function shellWord(word: string): string {
  return /^[\w@%+,./-]+$/.test(word) ? word : singleQuoted(word);
}

/** A word for fish: without quotes where it needs none. */
export function fishWord(word: string): string {
  return /^[\w@+,./-]+$/.test(word) ? word : fishQuoted(word);
}

/** A word in single quotes, as fish takes it: in them a backslash escapes itself and the quote. */
export function fishQuoted(word: string): string {
  return `'${word.replace(/[\\']/g, '\\$&')}'`;
}

import { isKindOfValue } from './scanned-word.ts';

/** What a word for a thing ends in, whatever stands before it: `user name`, `path name`, `ip address`, `port number`. */
const NAME = /^(?:(?:file)?name|address|number|path|id)$/;

/** `input file name`; what is longer is a text. */
const MAX_WORDS = 3;

/**
 * Whether words are one placeholder between them, as `log file` and `user name` are: all in small letters, of which the last says what kind of
 * value it is, and those before it which one. `width height` are two.
 */
export function nameOneValue(words: readonly (string | undefined)[]): boolean {
  const last = words.at(-1);
  const before = words.slice(0, -1);
  if (last === undefined || before.length === 0 || words.length > MAX_WORDS) return false;
  if (!words.every((word) => word !== undefined && /^[a-z]+$/.test(word))) return false;
  if (!isKindOfValue(last.toUpperCase())) return false;
  return NAME.test(last) || !before.some((word) => word !== undefined && isKindOfValue(word.toUpperCase()));
}

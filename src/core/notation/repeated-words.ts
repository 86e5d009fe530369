import { matches } from '../source/matches.ts';
import type { ScannedArgument } from './argument-notation.ts';
import { scanOptionName } from './option-name.ts';
import { makeScannedWord } from './scanned-word.ts';

/** What stands behind two names of an option is no longer. */
const REPEATED_LIMIT = 80;

/**
 * The words behind a name that stand behind the next one too, `--lid LID file, -l LID file`: one placeholder, of one word or several. Undefined where
 * there are none, or all are in capitals throughout, which are words of their own anyway.
 */
export function repeatedWords(text: string, nameEnd: number, to: number): string | undefined {
  // No farther, so that a line of many names is not looked through for each of them.
  const length = text[nameEnd] === ' ' ? text.slice(nameEnd, nameEnd + REPEATED_LIMIT).indexOf(', -') : -1;
  if (length < 0) return undefined;
  const comma = nameEnd + length;
  const words = text.slice(nameEnd, comma);
  // `-t secs, --timeout secs`: a word in small letters that comes again is no text.
  if (
    !/^ (?:[^\s[({<-]\S* [^\s-]|[a-z][\w-]*$)/.test(words) ||
    !/(?:^| )[A-Z]?[a-z]/.test(words) ||
    words.includes('  ')
  )
    return undefined;
  const next = scanOptionName(text, comma + 2, to);
  const end = (next?.end ?? to) + words.length;
  const isRepeated = next !== undefined && text.startsWith(words, next.end) && end <= to;
  return isRepeated && (end === to || /^(?:,| {2}|\t)/.test(text.slice(end, end + 2))) ? words : undefined;
}

const CAPITALISED = /^[A-Z]\w*(?: [A-Z]\w*)+$/;

/** The words behind a name as one placeholder, if they are these; in `LID file [LID file ...]` the dots mean more of the same. */
export function wordsInOne(
  text: string,
  nameEnd: number,
  words: string | undefined,
): { readonly argument: ScannedArgument; readonly end: number } | undefined {
  if (words === undefined || !text.startsWith(words, nameEnd)) return undefined;
  const [, one = '', more] = /^ (.+?)( \[\1 \.{3}\])?$/.exec(words) ?? [];
  const end = nameEnd + words.length;
  const from = nameEnd + 1;
  // `-b Left Top, --box Left Top`: each word with a capital is one of its own.
  const parts = CAPITALISED.test(one) ? matches(one, /\S+/g) : [{ 0: one, index: 0 }];
  const argument: ScannedArgument = {
    presence: 'mandatory',
    words: parts.map(({ 0: part, index }) => makeScannedWord(text, from + index, from + index + part.length)),
    repeats: more !== undefined,
    separate: true,
    loose: false,
    start: nameEnd,
    end,
  };
  return { argument, end };
}

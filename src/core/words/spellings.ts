import { isWithin } from './letters-within.ts';
import { nameWords } from './name-words.ts';

/**
 * Whether two names of options are likely spellings of one: the same words in any order, in the singular or plural, joined or apart
 * (`--fd-safe`, `--safe-fd`; `--log-format`, `--logformat`); or a part of the letters of the other, from its first one, where it is short (`-pp`, `-prettyprint`).
 */
export function areSpellings(one: string, other: string): boolean {
  const [first, second] = [one, other].map((name) => nameWords(name).map(singular));
  if (first === undefined || second === undefined) return false;
  if (first.join('') === second.join('')) return true;
  if ([...first].sort().join(' ') === [...second].sort().join(' ')) return true;
  const [short = '', long = ''] = [first.join(''), second.join('')].sort((a, b) => a.length - b.length);
  return short.length > 1 && short.length <= ABBREVIATED && short[0] === long[0] && isWithin(short, long);
}

/** A name of more letters is a word of its own; one letter abbreviates anything. */
const ABBREVIATED = 2;

function singular(word: string): string {
  return word.replace(/(?<=\w{2})s$/, '');
}

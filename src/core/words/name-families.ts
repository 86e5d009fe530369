import { addTo } from '../collections/grouped.ts';
import { nameWords } from './name-words.ts';

/** Names of more words are held against no others. */
const MAX_WORDS = 8;

/** The words in which two names of as many words differ, where they differ in one only: `src` and `dest` of `--src-quay` and `--dest-quay`. */
function onlyDifference(one: string, other: string): readonly [string, string] | undefined {
  const [first, second] = [nameWords(one), nameWords(other)];
  if (first.length !== second.length || first.length < 2) return undefined;
  const [index, ...more] = first.flatMap((word, i) => (word === second[i] ? [] : [i]));
  return index === undefined || more.length > 0 ? undefined : [first[index] ?? '', second[index] ?? ''];
}

/** `--box1`, `--box-12` */
function isNumbered(name: string): boolean {
  return /[A-Za-z_-]\d{1,3}$/.test(name);
}

function withoutNumber(name: string): string {
  return name.replace(/\d{1,3}$/, '');
}

/**
 * The families of some names: for each two words in how many pairs of names they stand for each other. `--src-quay` and `--dest-quay`, `--src-lid` and
 * `--dest-lid` are two pairs of `src` and `dest`.
 */
export class NameFamilies {
  /** For each word the rests of the names that have it. */
  readonly #rests = new Map<string, string[]>();

  constructor(names: Iterable<string>) {
    for (const name of new Set(names)) {
      const words = nameWords(name);
      if (words.length < 2 || words.length > MAX_WORDS) continue;
      for (const [i, word] of words.entries()) addTo(this.#rests, word, words.with(i, '').join('-'));
    }
  }

  /** Whether two names differ in one word only, and two more names differ in the same two words; or in the number that they end in. */
  areFamily(one: string, other: string): boolean {
    if (isNumbered(one) && isNumbered(other) && withoutNumber(one) === withoutNumber(other)) return true;
    const difference = onlyDifference(one, other);
    if (difference === undefined) return false;
    // Axes and sides that a letter or a number names: `--scale-x` and `--scale-y`.
    if (difference.every((word) => /^(?:[a-z]|\d{1,3})$/i.test(word))) return true;
    // The shorter list is gone through, so that many pairs of names cost no more than the names.
    const [few, many] = difference
      .map((word) => this.#rests.get(word) ?? [])
      .sort((a, b) => a.length - b.length);
    const known = this.#restsOf(many ?? []);
    return (few ?? []).filter((rest) => known.has(rest)).length > 1;
  }

  readonly #sets = new Map<readonly string[], ReadonlySet<string>>();

  #restsOf(rests: readonly string[]): ReadonlySet<string> {
    const known = this.#sets.get(rests) ?? new Set(rests);
    this.#sets.set(rests, known);
    return known;
  }
}

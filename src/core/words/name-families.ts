import { nameWords } from './name-words.ts';

/** The words in which two names of as many words differ, where they differ in one only: `src` and `dest` of `--src-quay` and `--dest-quay`. */
export function onlyDifference(one: string, other: string): readonly [string, string] | undefined {
  const [first, second] = [nameWords(one), nameWords(other)];
  if (first.length !== second.length || first.length < 2) return undefined;
  const at = first.flatMap((word, i) => (word === second[i] ? [] : [i]));
  const [index] = at;
  return index === undefined || at.length > 1 ? undefined : [first[index] ?? '', second[index] ?? ''];
}

/**
 * The families of some names: for each two words in how many pairs of names they stand for each other. `--src-quay` and `--dest-quay`, `--src-lid` and
 * `--dest-lid` are two pairs of `src` and `dest`.
 */
export class NameFamilies {
  readonly #names: ReadonlySet<string>;

  constructor(names: Iterable<string>) {
    this.#names = new Set([...names].map((name) => nameWords(name).join('-')));
  }

  /** Whether two names differ in one word only, and two more names of theirs differ in the same two words. */
  areFamily(one: string, other: string): boolean {
    const difference = onlyDifference(one, other);
    if (difference === undefined) return false;
    const [word, counterpart] = difference;
    // Axes and sides that a letter or a number names: `--scale-x` and `--scale-y`.
    if (isMark(word) && isMark(counterpart)) return true;
    let pairs = 0;
    for (const name of this.#names) {
      const words = name.split('-');
      const at = words.indexOf(word);
      if (at < 0) continue;
      const swapped = words.with(at, counterpart).join('-');
      if (this.#names.has(swapped) && ++pairs > 1) return true;
    }
    return false;
  }
}

function isMark(word: string): boolean {
  return /^(?:[a-z]|\d{1,3})$/i.test(word);
}

import { nameWords } from '../../words/name-words.ts';
import { normalisedText, wordsOf } from '../../words/text-likeness.ts';

/** What is known of a thing of which one version has one name and the other, perhaps, another. */
export interface Described {
  readonly names: readonly string[];
  readonly text: string | undefined;
  /** What must be the same for two to be one thing, such as whether it takes an argument; undefined where not known. */
  readonly trait: string | undefined;
}

/** From this share of common words on, two texts speak of one thing. */
const ALIKE = 0.6;

/** Texts of fewer words are alike only where they are the same. */
const MIN_WORDS = 3;

/** So much of a text is held against others. */
const MAX_COMPARED = 2000;

/** How many pairs of texts are held against each other; beyond that only equal texts and names make a rename. */
const PAIRS_LIMIT = 250_000;

/** Whether two texts speak of one thing: undefined where one is lacking. */
export function textsAlike(a: string | undefined, b: string | undefined): boolean | undefined {
  if (a === undefined || b === undefined || a.trim() === '' || b.trim() === '') return undefined;
  const [first, second] = [comparedPart(a), comparedPart(b)];
  return (
    normalisedText(first) === normalisedText(second) || likeness(wordsOf(first), wordsOf(second)) >= ALIKE
  );
}

function comparedPart(text: string | undefined): string {
  return (text ?? '').trim().slice(0, MAX_COMPARED);
}

/**
 * The things of a new version that are those of the old one under another name: the words of the names are the same (`portion_size`,
 * `portion-size`), or the texts are, or the words in another order where no texts
 * speak against it, or the texts are much alike. What fits several things fits none. Gives index of the old to index of the new.
 */
export function findRenamed(before: readonly Described[], after: readonly Described[]): Map<number, number> {
  const renamed = new Map<number, number>();
  const taken = new Set<number>();
  const byKey = (
    keysOf: (thing: Described) => readonly string[],
    maySame: (old: Described, newer: Described) => boolean = () => true,
  ) => {
    const olds = uniqueKeys(before, keysOf, (i) => renamed.has(i));
    const news = uniqueKeys(after, keysOf, (i) => taken.has(i));
    for (const [key, at] of olds) {
      const to = news.get(key);
      const [old, newer] = [before[at], to === undefined ? undefined : after[to]];
      if (at === -1 || to === undefined || to === -1 || renamed.has(at) || taken.has(to)) continue;
      if (old === undefined || newer === undefined || !sameTrait(old, newer) || !maySame(old, newer))
        continue;
      renamed.set(at, to);
      taken.add(to);
    }
  };
  byKey(({ names }) => names.map(wordKey).filter((key) => key.length > 1));
  // The same text says more than the same words in another order.
  byKey(({ text }) => [comparedPart(text)].filter((part) => part !== '').map(normalisedText));
  // The same words in another order may be another thing: `--box-lid` and `--lid-box`, where the texts tell so.
  byKey(
    ({ names }) => names.map(unorderedKey).filter((key) => key.length > 1),
    (old, newer) => textsAlike(old.text, newer.text) !== false,
  );
  for (const [old, newer] of likeTexts(before, after, renamed, taken)) renamed.set(old, newer);
  return renamed;
}

/** The pairs of those left whose texts are much alike, each the only one for the other. */
function likeTexts(
  before: readonly Described[],
  after: readonly Described[],
  renamed: ReadonlyMap<number, number>,
  taken: ReadonlySet<number>,
): [number, number][] {
  const left = (things: readonly Described[], isTaken: (i: number) => boolean) =>
    things.flatMap((thing, i) => {
      const words = wordsOf(comparedPart(thing.text));
      return isTaken(i) || words.size < MIN_WORDS ? [] : [{ i, words, thing }];
    });
  const olds = left(before, (i) => renamed.has(i));
  const news = left(after, (i) => taken.has(i));
  if (olds.length * news.length > PAIRS_LIMIT) return [];
  const pairs = olds.flatMap((old) =>
    news
      .filter((newer) => likeness(old.words, newer.words) >= ALIKE && sameTrait(old.thing, newer.thing))
      .map((newer): [number, number] => [old.i, newer.i]),
  );
  const timesOld = countsOf(pairs.map(([old]) => old));
  const timesNew = countsOf(pairs.map(([, newer]) => newer));
  return pairs.filter(([old, newer]) => timesOld.get(old) === 1 && timesNew.get(newer) === 1);
}

function countsOf(numbers: readonly number[]): Map<number, number> {
  const counts = new Map<number, number>();
  for (const number of numbers) counts.set(number, (counts.get(number) ?? 0) + 1);
  return counts;
}

/** Each key with the index of the only thing that has it; -1 where several do. */
function uniqueKeys(
  things: readonly Described[],
  keysOf: (thing: Described) => readonly string[],
  isTaken: (i: number) => boolean,
): Map<string, number> {
  const keys = new Map<string, number>();
  for (const [i, thing] of things.entries()) {
    if (isTaken(i)) continue;
    for (const key of new Set(keysOf(thing))) keys.set(key, keys.has(key) ? -1 : i);
  }
  return keys;
}

function sameTrait(a: Described, b: Described): boolean {
  return a.trait === undefined || b.trait === undefined || a.trait === b.trait;
}

/** The words of a name, whatever parts them. */
function wordKey(name: string): string {
  return nameWords(name).join('-').toLowerCase();
}

/** The words of a name, whatever parts them and in whatever order. */
function unorderedKey(name: string): string {
  return wordKey(name).split('-').sort().join('-');
}

/** The share of the words of both texts that both have. */
function likeness(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  let common = 0;
  for (const word of a) if (b.has(word)) common++;
  const all = a.size + b.size - common;
  return all === 0 || Math.min(a.size, b.size) < MIN_WORDS ? 0 : common / all;
}

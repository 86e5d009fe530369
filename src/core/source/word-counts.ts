import type { Source } from './source.ts';

/** Letters, digits and underscores, with hyphens inside: `late-boxes` of `--late-boxes`, `no` and `clip` of `--(no)clip`. */
const WORD = /[\p{L}\d_][\p{L}\d_-]*/gu;

const COUNTS = new WeakMap<Source, ReadonlyMap<string, number>>();

/** How often each word of a text stands in it, in small letters. */
export function countWords(text: string): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const [word] of text.toLowerCase().matchAll(WORD)) counts.set(word, (counts.get(word) ?? 0) + 1);
  return counts;
}

/** How often a word, or the word of a name without its hyphens, stands in a source, whatever its case. The words of a source are counted once. */
export function timesInSource(word: string, source: Source): number {
  let counts = COUNTS.get(source);
  if (counts === undefined) {
    counts = countWords(source.text);
    COUNTS.set(source, counts);
  }
  return counts.get(word.replace(/^-+/, '').toLowerCase()) ?? 0;
}

const NAMES = new WeakMap<Source, ReadonlyMap<string, number>>();

/** A word where an entry or a name may begin: not behind one blank or a mark, as those of a sentence are. */
const NAME = /(?:^[ \t]*|[^\s\p{L}\d_,;]|[ \t]{2})([\p{L}\d_][\p{L}\d_-]*)/gmu;

/** How often the word of a long name stands in a source where a name or an entry may begin, whatever its case. They are counted once. */
export function nameTimesInSource(name: string, source: Source): number {
  const counts = countedOnce(NAMES, source, (text) =>
    [...text.toLowerCase().matchAll(NAME)].map(([, word = '']) => word),
  );
  return counts.get(name.replace(/^-+/, '').toLowerCase()) ?? 0;
}

const AS_WRITTEN = new WeakMap<Source, ReadonlyMap<string, number>>();

/** How often a word stands in a source as it is written, capitals told apart. The words of a source are counted once. */
export function writtenTimesInSource(word: string, source: Source): number {
  const counts = countedOnce(AS_WRITTEN, source, (text) => [...text.matchAll(WORD)].map(([one]) => one));
  return counts.get(word) ?? 0;
}

const LETTERS = new WeakMap<Source, ReadonlyMap<string, number>>();

/** Letters behind one hyphen, alone or in a group. */
const GROUP = /(?<![\w-])-([A-Za-z\d]{1,60})(?![\w-])/g;

/** How often a letter stands behind one hyphen in a source, alone or in a group; `-o` is not `-O`. They are counted once. */
export function letterTimesInSource(letter: string, source: Source): number {
  const counts = countedOnce(LETTERS, source, (text) =>
    [...text.matchAll(GROUP)].flatMap(([, group = '']) => [...group]),
  );
  return counts.get(letter) ?? 0;
}

const CAPITALS = new WeakMap<Source, ReadonlyMap<string, number>>();

/** How often a word of three capitals or more stands in a source, also within a longer one. They are counted once. */
export function capitalsInSource(word: string, source: Source): number {
  const counts = countedOnce(CAPITALS, source, (text) =>
    [...text.matchAll(/[A-Z]{3,}/g)].map(([one]) => one),
  );
  return counts.get(word) ?? 0;
}

function countedOnce(
  known: WeakMap<Source, ReadonlyMap<string, number>>,
  source: Source,
  found: (text: string) => readonly string[],
): ReadonlyMap<string, number> {
  const before = known.get(source);
  if (before !== undefined) return before;
  const counts = new Map<string, number>();
  for (const one of found(source.text)) counts.set(one, (counts.get(one) ?? 0) + 1);
  known.set(source, counts);
  return counts;
}

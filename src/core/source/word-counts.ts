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

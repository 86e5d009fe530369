import type { SplitEntry } from './entry-split.ts';
import { columnAt, type TextLine } from './text-line.ts';

/** This share of the lines of a block must have their texts at a column behind gutters, before one blank parts a text there too. */
const MIN_SHARE = 0.2;

/** What is found for the block of each line, from its first line to behind its last. Blank lines part blocks. */
export function byBlock<T>(
  starters: readonly TextLine[],
  lines: readonly TextLine[],
  find: (from: number, to: number) => T,
): T[] {
  const found: T[] = [];
  let from = 0;
  for (let i = 1; i <= starters.length; i++) {
    const end = starters[i]?.index ?? lines.length;
    const isBlockEnd =
      i === starters.length || lines.slice(starters[i - 1]?.index, end).some(({ blank }) => blank);
    if (!isBlockEnd) continue;
    const columns = find(from, i);
    for (; from < i; from++) found.push(columns);
  }
  return found;
}

/** So many lines with names and a word at most have no texts. */
const MIN_BARE = 4;

/** So many of them are enough: one or two may have a few words. */
const MIN_BARE_SHARE = 0.8;

/** Of twenty of them, one may have a text behind a gutter: what a parser adds by itself. */
const MAX_GUTTER_SHARE = 0.05;

/** Whether the lines of a block hold names with one word behind them at most, `--day day`, `--quiet`, and no gutter parts texts from them. */
export function isNamesOnly(block: readonly TextLine[]): boolean {
  const entries = block.map(({ text, first }) => text.slice(first).trimEnd());
  const bare = entries.filter((entry) => /^--?\S+(?: \S+)?$/.test(entry));
  const withGutter = entries.filter((entry) => /\S(?: {2}|\t)/.test(entry));
  return (
    bare.length >= MIN_BARE &&
    bare.length >= block.length * MIN_BARE_SHARE &&
    withGutter.length <= block.length * MAX_GUTTER_SHARE
  );
}

/** The columns at which long names begin behind a gutter, in most lines of a block: `-e    --edges number`. */
export function nameColumnsOf(block: readonly TextLine[]): ReadonlySet<number> {
  const votes = new Map<number, number>();
  for (const line of block) {
    const gutter = /(?: {2,}|\t\s*)(?=--\w)/.exec(line.text.slice(0, GUTTER_LIMIT));
    if (gutter === null || gutter.index < line.first) continue;
    const column = columnAt(line, gutter.index + gutter[0].length);
    votes.set(column, (votes.get(column) ?? 0) + 1);
  }
  const least = Math.max(MIN_NAMES, block.length / 2);
  return new Set([...votes].flatMap(([column, count]) => (count >= least ? [column] : [])));
}

/** So many names in a column make it one of names. */
const MIN_NAMES = 3;

/** A second column of names begins so near. */
const GUTTER_LIMIT = 60;

/** So many texts behind colons, and none in a column, make the colon the mark of a block. */
const MIN_BY_COLON = 2;

/** Whether a colon and one blank part the names of a block from the texts: `--day DAY: the day`, `--quiet: say nothing`. */
export function isByColon(block: readonly (SplitEntry | undefined)[], lines: readonly TextLine[]): boolean {
  const count = block.filter(
    (split, i) =>
      split?.certainty === 'marked' && lines[i]?.text.slice(0, split.textStart).match(/[^\s:]: $/) !== null,
  ).length;
  return count >= MIN_BY_COLON && block.every((split) => split?.certainty !== 'columns');
}

/** So many lines with the mark of a comment, and most of all, make it the mark of texts: `-q # say nothing`. Elsewhere it stands for a number. */
const MIN_BY_HASH = 3;

/** Whether the mark of a comment parts names from texts. */
export function isByHash(lines: readonly TextLine[]): boolean {
  const marked = lines.filter(({ text }) => / # \S/.test(text)).length;
  return marked >= MIN_BY_HASH && marked * 2 > lines.length;
}

/** The columns at which the texts of a block stand behind gutters, and not by chance. */
export function firmColumnsOf(block: readonly (SplitEntry | undefined)[]): ReadonlySet<number> {
  const votes = new Map<number, number>();
  for (const split of block)
    if (split?.certainty === 'columns' && split.textColumn !== undefined)
      votes.set(split.textColumn, (votes.get(split.textColumn) ?? 0) + 1);
  const least = block.length * MIN_SHARE;
  return new Set([...votes].flatMap(([column, count]) => (count >= least ? [column] : [])));
}

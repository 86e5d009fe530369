import { editedText, type TextEdit } from '../edits/text-edits.ts';
import type { Source } from '../source/source.ts';
import type { MappingEntry, MappingNode } from '../structured/document-node.ts';

/** Entries of a block mapping that are to stand in another order, each with the comments before it. */
export interface SortedEntries {
  readonly source: Source;
  /** The lines of each entry, as offsets, in the order in which they are to stand. */
  readonly parts: readonly { readonly start: number; readonly end: number }[];
}

/** Entries in another order; undefined where they do not stand side by side, each in lines of its own. */
export function sortedEntries(
  mapping: MappingNode,
  order: readonly MappingEntry[],
): SortedEntries | undefined {
  const { source } = mapping.place;
  const { text } = source;
  const positions = new Map(mapping.entries.map((entry, i) => [entry, i]));
  const indexes = order.map((entry) => positions.get(entry) ?? -1);
  const wanted = new Set(indexes);
  const first = mapping.entries.findIndex((_, i) => wanted.has(i));
  const isStretch = wanted.size === order.length && order.every((_, i) => wanted.has(first + i));
  if (first < 0 || !isStretch) return undefined;
  // The comments right above an entry are about it; those above the first may be about all of them.
  const starts = mapping.entries.slice(first, first + order.length).map(({ key }, i) => {
    let start = lineStart(text, key.place.start);
    while (i > 0 && /^[ \t]*#/.test(text.slice(lineStart(text, start - 1), start)))
      start = lineStart(text, start - 1);
    return start;
  });
  const parts = indexes.map((index) => {
    const { key, value } = mapping.entries[index] ?? {};
    const behind = Math.max(value?.place.end ?? 0, key?.place.end ?? 0);
    return {
      start: starts[index - first] ?? 0,
      end: starts[index - first + 1] ?? lineEnd(text, behind),
    };
  });
  const isApart = parts.every(({ start, end }) => end > start && text[end - 1] === '\n');
  return isApart ? { source, parts } : undefined;
}

/** The one edit that puts entries into their order, with the edits within them made. */
export function orderEdit({ source, parts }: SortedEntries, edits: readonly TextEdit[]): TextEdit {
  const texts = parts.map(({ start, end }) => {
    const within = edits.filter(({ place }) => place.start >= start && place.end <= end && place.start < end);
    const own = { name: source.name, text: source.text.slice(start, end) };
    const moved = within.map(({ place, text }) => ({
      place: { source: own, start: place.start - start, end: place.end - start },
      text,
    }));
    return editedText({ source: own, edits: moved });
  });
  const { start, end } = rangeOf(parts);
  return { place: { source, start, end }, text: texts.join('') };
}

/** From the first line of entries to the last. */
export function rangeOf(parts: SortedEntries['parts']): { readonly start: number; readonly end: number } {
  let start = Number.POSITIVE_INFINITY;
  let end = 0;
  for (const part of parts) {
    start = Math.min(start, part.start);
    end = Math.max(end, part.end);
  }
  return { start, end };
}

function lineStart(text: string, at: number): number {
  return text.lastIndexOf('\n', at - 1) + 1;
}

function lineEnd(text: string, from: number): number {
  const end = text.indexOf('\n', from);
  return end < 0 ? text.length : end + 1;
}

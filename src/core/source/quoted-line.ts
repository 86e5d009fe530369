import type { LineIndexes } from './line-index.ts';
import { printable } from './printable.ts';
import { inFile, type Span } from './source.ts';
import { expandTabs, textWidth } from './text-width.ts';

/** A line of a source made ready to print, with the columns (from 0) of the words in question. */
export interface QuotedLine {
  readonly line: number;
  readonly text: string;
  readonly markStart: number;
  readonly markEnd: number;
}

const CONTEXT_LIMIT = 4000;
/** How much of a long mark must be in sight. */
const MARK_SHOWN = 20;

/**
 * Quotes the line on which a span starts, at most `width` columns wide: tabs expanded, escapes neutralised, and the
 * left or right end cut with an ellipsis where the line is longer. The mark ends with the line.
 */
export function quoteLine(place: Span, indexes: LineIndexes, width: number): QuotedLine {
  const span = inFile(place);
  const index = indexes.of(span.source);
  const line = index.position(span.start).line;
  const range = index.lineRange(line) ?? { start: span.start, end: span.end };
  // A line may hold a million characters: only those near the span can be shown.
  const from = Math.max(range.start, span.start - CONTEXT_LIMIT);
  const to = Math.min(range.end, span.start + CONTEXT_LIMIT);
  const show = (start: number, end: number) => printable(span.source.text.slice(start, Math.max(start, end)));
  const before = expandTabs(show(from, span.start));
  const marked = expandTabs(before + show(span.start, Math.min(span.end, to))).slice(before.length);
  const expanded = expandTabs(show(from, to)).trimEnd();
  return clip(
    {
      line,
      text: expanded,
      markStart: before.length,
      markEnd: before.length + marked.length,
    },
    width,
  );
}

function clip(quoted: QuotedLine, width: number): QuotedLine {
  const trimmed = quoted.text.length - quoted.text.trimStart().length;
  let { text, markStart, markEnd } = quoted;
  if (textWidth(text) > width && trimmed > 2) {
    const cut = Math.min(trimmed - 2, markStart);
    text = text.slice(cut);
    markStart -= cut;
    markEnd -= cut;
  }
  if (textWidth(text) > width && Math.min(markEnd, markStart + MARK_SHOWN) > width - 2) {
    const cut = Math.min(markStart, Math.max(0, Math.min(markEnd, markStart + MARK_SHOWN) - width + 8));
    text = `…${text.slice(cut + 1)}`;
    markStart -= cut;
    markEnd -= cut;
  }
  if (textWidth(text) > width) text = `${sliceToWidth(text, width - 1)}…`;
  markEnd = Math.max(markStart, Math.min(markEnd, text.length));
  return {
    line: quoted.line,
    text,
    markStart: textWidth(text.slice(0, markStart)),
    markEnd: textWidth(text.slice(0, markEnd)),
  };
}

function sliceToWidth(text: string, width: number): string {
  let end = Math.min(text.length, width);
  while (end > 0 && textWidth(text.slice(0, end)) > width) end--;
  return text.slice(0, end);
}

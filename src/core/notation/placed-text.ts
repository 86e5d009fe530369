import type { Span } from '../source/source.ts';

/** A text that knows where each part of it stands in a source. */
export interface PlacedText {
  readonly text: string;
  /** The span in the source of a range of the text. */
  span(start: number, end: number): Span;
  /** The span of the whole text. */
  readonly place: Span;
}

/** A text that stands in no source: its places are those in the text itself. */
export function unplaced(text: string): PlacedText {
  const source = { name: '', text };
  return {
    text,
    span: (start, end) => ({ source, start, end }),
    place: { source, start: 0, end: text.length },
  };
}

/** A text that was read, with the name it is cited by: a file name as the user gave it, or `-`. */
export interface Source {
  /** What it is cited by. */
  readonly name: string;
  /** The whole text, decoded. */
  readonly text: string;
  /** Where the text stands, where it was taken out of another one, as the usage text of a script is. */
  readonly within?: EmbeddedIn | undefined;
}

/** Where a text stands in another one. */
export interface EmbeddedIn {
  /** The other text. */
  readonly source: Source;
  /** For each unit of the text, and for its end, the offset in the other text. */
  readonly offsets: ArrayLike<number>;
}

/**
 * A range of a source's text: offsets in UTF-16 units of the text as decoded, `end` exclusive.
 * Lines and columns are made from it at the edge, by `LineIndex`.
 */
export interface Span {
  /** The text. */
  readonly source: Source;
  /** The offset of its first unit. */
  readonly start: number;
  /** The offset behind its last unit. */
  readonly end: number;
}

/** Where a thing stands: a span, or null where it stands nowhere in a text. */
export type Place = Span | null;

/** The range of the file in which a range of an embedded text stands; others are as they are. */
export function inFile(span: Span): Span {
  const { source, start, end } = span;
  if (source.within === undefined) return span;
  const { source: outer, offsets } = source.within;
  const from = offsets[start] ?? outer.text.length;
  const last = end > start ? (offsets[end - 1] ?? from) + 1 : from;
  return inFile({ source: outer, start: from, end: Math.max(from, last) });
}

/** Orders places by source name, then start, then end; things without a place come last. */
export function comparePlaces(a: Place, b: Place): number {
  if (a === null || b === null) return Number(a === null) - Number(b === null);
  const [one, other] = [inFile(a), inFile(b)];
  return (
    compareCodeUnits(one.source.name, other.source.name) || one.start - other.start || one.end - other.end
  );
}

/** Orders two strings by UTF-16 code unit: the same on every machine. */
export function compareCodeUnits(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0;
}

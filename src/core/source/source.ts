/** A text that was read, with the name it is cited by: a file name as the user gave it, or `-`. */
export interface Source {
  /** What it is cited by. */
  readonly name: string;
  /** The whole text, decoded. */
  readonly text: string;
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

/** Orders places by source name, then start, then end; things without a place come last. */
export function comparePlaces(a: Place, b: Place): number {
  if (a === null || b === null) return Number(a === null) - Number(b === null);
  return compareCodeUnits(a.source.name, b.source.name) || a.start - b.start || a.end - b.end;
}

/** Orders two strings by UTF-16 code unit: the same on every machine. */
export function compareCodeUnits(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0;
}

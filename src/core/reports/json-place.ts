import type { LineIndexes, Position } from '../source/line-index.ts';
import type { Place } from '../source/source.ts';

/** A place as JSON outputs show it: lines and columns from 1, columns and offsets in UTF-16 units. */
export interface JsonPlace {
  /** The name of the source. */
  readonly source: string;
  /** Where it starts. */
  readonly start: Position;
  /** Where it ends, behind its last character. */
  readonly end: Position;
}

export function jsonPlace(place: Place, indexes: LineIndexes): JsonPlace | null {
  if (place === null) return null;
  return {
    source: place.source.name,
    start: indexes.start(place),
    end: indexes.end(place),
  };
}

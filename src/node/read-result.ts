import type { Problem } from '../core/source/problem.ts';
import type { Source } from '../core/source/source.ts';

/** A source, unless it could not be read, and what went wrong. */
export interface ReadResult {
  readonly source: Source | undefined;
  readonly problems: readonly Problem[];
}

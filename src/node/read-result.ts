import type { Problem } from '../core/source/problem.ts';
import type { Source } from '../core/source/source.ts';

/** A source, unless it could not be read, and what went wrong. */
export interface ReadResult {
  /** What was read; undefined where it could not be. */
  readonly source: Source | undefined;
  /** Why it could not be read, or what of it was left out. */
  readonly problems: readonly Problem[];
}

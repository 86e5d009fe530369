import type { Interface } from '../model/interface.ts';
import type { Problem } from '../source/problem.ts';

/** What a reader made of a source: an interface, unless the source could not be used, and what went wrong. */
export interface Reading {
  /** What was read; undefined where the source could not be used. */
  readonly interface: Interface | undefined;
  /** What could not be read, with its places. */
  readonly problems: readonly Problem[];
}

import type { Interface } from '../model/interface.ts';
import type { Problem } from '../source/problem.ts';

/** What a reader made of a source: an interface, unless the source could not be used, and what went wrong. */
export interface Reading {
  readonly interface: Interface | undefined;
  readonly problems: readonly Problem[];
}

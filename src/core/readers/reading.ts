import type { Interface } from '../model/interface.ts';
import type { Problem } from '../source/problem.ts';
import type { Source } from '../source/source.ts';

/** What a reader made of a source: an interface, unless the source could not be used, and what went wrong. */
export interface Reading {
  /** What was read; undefined where the source could not be used. */
  readonly interface: Interface | undefined;
  /** A text within the source that is the help of the program, as scripts have it; undefined where there is none. */
  readonly usage?: UsageText | undefined;
  /** What could not be read, with its places. */
  readonly problems: readonly Problem[];
}

/** The help of a program as it stands in another source. */
export interface UsageText {
  /** The text, which knows where it stands. */
  readonly source: Source;
  /** Whether only running the program tells the rest of it. */
  readonly isPart: boolean;
}

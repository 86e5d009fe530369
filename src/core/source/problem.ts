import type { Place } from './source.ts';

/** Something that kept a source from being read in whole. */
export interface Problem {
  /** A stable name such as `text-too-long`. */
  readonly code: string;
  /** What was expected and what to do, in lower case, without a full stop. */
  readonly message: string;
  /** Where it was met; null where it concerns no place. */
  readonly place: Place;
  /** The source it concerns, also where there is no place; empty where it concerns none. */
  readonly source: string;
  /**
   * Whether the source could not be used at all, says something that it may not (the rest was read), or was read in part
   * for another reason.
   */
  readonly consequence: 'unusable' | 'mistake' | 'partly-read';
}

import type { Place } from '../source/source.ts';

/** That what a check finds of a thing is accepted, said beside the thing itself. */
export interface AcceptedHere {
  /** The name of the check. */
  readonly check: string;
  /** Why it is accepted. */
  readonly because: string;
  /** The last day on which it is accepted, as `2027-01-31`; undefined for good. */
  readonly until: string | undefined;
  /** Where that is said. */
  readonly place: Place;
}

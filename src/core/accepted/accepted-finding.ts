import type { Finding } from '../findings/finding.ts';
import type { Place } from '../source/source.ts';

/** A thing of which a finding is accepted: audits pass over it. It is known by what it is about, and not by where it stands or how it is worded. */
export interface AcceptedFinding {
  /** The path of the command, the program's name first, in one text. */
  readonly at: string;
  /** The check. */
  readonly check: string;
  /** What the finding is about: one of its members. */
  readonly of: string;
  /** Why it is accepted. */
  readonly because: string;
  /** The last day on which it is accepted, as `2027-01-31`; undefined for good. */
  readonly until: string | undefined;
  /** Where that is said; null where it is said nowhere. */
  readonly place: Place;
}

/** A finding that is accepted as a whole, and why. */
export interface PassedOver {
  /** The finding. */
  readonly finding: Finding;
  /** What accepts it: an entry for each of its members. */
  readonly by: readonly AcceptedFinding[];
}

/** What became of accepted findings in an audit. */
export interface AcceptedOutcome {
  /** Findings that are accepted, and are not among those of the audit. */
  readonly passedOver: readonly PassedOver[];
  /** Entries for what was not found any more, though its check looked. */
  readonly gone: readonly AcceptedFinding[];
  /** Entries whose last day has passed: what they accepted is told again. */
  readonly due: readonly AcceptedFinding[];
}

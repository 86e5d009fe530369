import type { TextEdit } from '../edits/text-edits.ts';
import type { Finding } from './finding.ts';

/** A finding that has a mend which is not made. */
export interface MendLeft {
  /** The finding. */
  readonly finding: Finding;
  /** Why it is not made, as the end of a sentence. */
  readonly because: string;
}

/** What surely mends an audit. */
export interface AuditMends {
  /** All edits, in the order of their files: made together they mend, break no caller and bring no new finding. */
  readonly edits: readonly TextEdit[];
  /** The edits of each finding that they mend, or mend in part. */
  readonly byFinding: ReadonlyMap<Finding, readonly TextEdit[]>;
  /** The findings whose mend would bring something else. */
  readonly left: readonly MendLeft[];
}

/** Edits of no finding. */
export const NO_MENDS: AuditMends = { edits: [], byFinding: new Map(), left: [] };

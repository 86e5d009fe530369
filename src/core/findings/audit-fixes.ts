import type { TextEdit } from '../edits/text-edits.ts';
import type { Finding } from './finding.ts';

/** A finding that has a fix which is not made. */
export interface UnmadeFix {
  /** The finding. */
  readonly finding: Finding;
  /** Why it is not made, as the end of a sentence. */
  readonly because: string;
}

/** What surely fixes an audit. */
export interface AuditFixes {
  /** All edits, in the order of their files: made together they fix, break no caller and bring no new finding. */
  readonly edits: readonly TextEdit[];
  /** The edits of each finding that they fix, or fix in part. */
  readonly byFinding: ReadonlyMap<Finding, readonly TextEdit[]>;
  /** The findings whose fix would bring something else. */
  readonly left: readonly UnmadeFix[];
}

/** Edits of no finding. */
export const NO_FIXES: AuditFixes = { edits: [], byFinding: new Map(), left: [] };

import type { Knowable } from './fact.ts';

/**
 * A list read from a source, which may show only a part of what there is. Unless `complete` is known to be true,
 * nothing may be said to be missing from it.
 */
export interface ItemList<T> {
  /** What the source shows. */
  readonly items: readonly T[];
  /** Whether that is all there is. */
  readonly complete: Knowable<boolean>;
}

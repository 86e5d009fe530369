/**
 * What a word given in place of a name comes to: it is a name (`exact`); it begins one name (`unique`); it begins
 * several spellings of one thing (`same-option`); it begins several things (`ambiguous`); it begins none that is known
 * (`unknown`); or too little is known (`not-judged`).
 */
export type Verdict = 'exact' | 'unique' | 'same-option' | 'ambiguous' | 'unknown' | 'not-judged';

/** A verdict with the names that the word begins, sorted by code unit. */
export interface Resolution<T> {
  /** What the word comes to. */
  readonly verdict: Verdict;
  /** The names, at most as many as were asked for. */
  readonly names: readonly string[];
  /** How many names there are in all. */
  readonly count: number;
  /** What the word stands for, where that is one thing. */
  readonly target: T | undefined;
}

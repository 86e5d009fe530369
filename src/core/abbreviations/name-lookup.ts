import type { Resolution } from './verdict.ts';

/** Prefixes that share their meaning: every one from the shorter to the longer. */
export interface PrefixRange {
  /** The shortest of the abbreviations. */
  readonly from: string;
  /** The longest of the abbreviations. */
  readonly to: string;
  /** The names that they begin, at most as many as a resolution lists, and how many there are. */
  readonly names: readonly string[];
  /** How many names they begin in all. */
  readonly count: number;
}

/** How names are found by their abbreviations, whatever counts as one. */
export interface NameLookup<T> {
  /** Sorted, in the spelling in which they are declared. */
  readonly names: readonly string[];
  /** What a word comes to; at most `listed` names are given back. */
  resolve(word: string, listed?: number): Resolution<T>;
  /** The shortest form of a name that still stands for what the name does; the name itself if none. */
  shortest(name: string): string;
  /** Every abbreviation of every name, accepted or not, once each. */
  prefixes(from: number): Iterable<string>;
  /** The ambiguous abbreviations in ranges, each as long as the names that it begins stay the same. */
  ambiguousRanges(): PrefixRange[];
}

import { firstIndex } from '../collections/first-index.ts';
import { withTwoHyphens } from '../model/long-hyphens.ts';
import { compareCodeUnits } from '../source/source.ts';
import type { NameLookup, PrefixRange } from './name-lookup.ts';
import { RangeMinimum } from './range-minimum.ts';
import { sharedLength } from './shared-length.ts';
import type { Resolution } from './verdict.ts';

/** A name and what it stands for; two names of one thing have the same target. */
export interface IndexedName<T> {
  /** The name as it is declared. */
  readonly name: string;
  /** What it stands for. */
  readonly target: T;
}

/** How a parser looks names up. */
export interface IndexRules {
  /** Whether proper prefixes are accepted at all. */
  readonly abbreviations: boolean;
  /** Whether a prefix that several spellings of one thing share is a tie (Python's parser) or not (`getopt_long`). */
  readonly spellingsTie: boolean;
  /** What a tie comes to: no meaning, or that of the name declared first. */
  readonly tie?: 'refused' | 'first-declared';
  /** Whether upper and lower case are the same. */
  readonly foldCase?: boolean;
  /** Whether a word with one hyphen is looked up as if it had two; the names have two. */
  readonly eitherHyphens?: boolean;
  /** The length of the shortest prefix that counts: 3 for `--x`. */
  readonly least?: number;
}

/** How many names a resolution lists unless asked for more. */
export const NAMES_LISTED = 20;

/**
 * The names of one scope, sorted, with the rules for prefixes that its parser has: an exact name wins; a prefix of one name,
 * or of spellings of one thing, stands for it (GNU conventions); what a tie comes to is a rule. Building costs a sort, a
 * look-up two binary searches; nothing is stored for each prefix.
 */
export class NameIndex<T> implements NameLookup<T> {
  /** Sorted, in the spelling in which they are declared. */
  readonly names: readonly string[];
  /** The names as they are compared: folded where case does not count. */
  readonly #keys: readonly string[];
  readonly #targets: readonly T[];
  readonly #rules: IndexRules;
  /** For each name, the last index up to which all names stand for the same thing as it does. */
  readonly #sameUntil: Uint32Array;
  /** For each name, the first index from which all names stand for the same thing as it does. */
  readonly #sameFrom: Uint32Array;
  /** For each name, how many were declared before it. */
  readonly #declared: Uint32Array;
  #firstDeclared: RangeMinimum | undefined;

  constructor(names: Iterable<IndexedName<T>>, rules: IndexRules) {
    this.#rules = rules;
    const given = [...names];
    const keys = given.map(({ name }) => this.#fold(name));
    // A name that two things claim stands for the first one, as in every parser's table.
    const sorted = keys
      .map((_, i) => i)
      .sort((a, b) => compareCodeUnits(keys[a] ?? '', keys[b] ?? '') || a - b)
      .filter((at, i, all) => i === 0 || keys[at] !== keys[all[i - 1] ?? 0]);
    this.#declared = Uint32Array.from(sorted);
    this.#keys = sorted.map((at) => keys[at] ?? '');
    this.names = sorted.map((at) => given[at]?.name ?? '');
    this.#targets = sorted.map((at) => given[at]?.target as T);
    this.#sameUntil = new Uint32Array(sorted.length);
    for (let i = sorted.length - 1; i >= 0; i--) {
      const joins = i + 1 < sorted.length && this.#targets[i] === this.#targets[i + 1];
      this.#sameUntil[i] = joins ? (this.#sameUntil[i + 1] ?? i) : i;
    }
    this.#sameFrom = new Uint32Array(sorted.length);
    for (let i = 0; i < sorted.length; i++) {
      const joins = i > 0 && this.#targets[i] === this.#targets[i - 1];
      this.#sameFrom[i] = joins ? (this.#sameFrom[i - 1] ?? i) : i;
    }
  }

  /**
   * What a word comes to; at most `listed` names are given back. Where the first declared name wins a tie, the verdict is
   * `unique` with that name, and the count tells how many the word begins.
   */
  resolve(word: string, listed: number = NAMES_LISTED): Resolution<T> {
    const key = this.#fold(this.#rules.eitherHyphens === true ? withTwoHyphens(word) : word);
    const start = this.#lowerBound(key);
    const exact = this.names[start];
    if (exact !== undefined && this.#keys[start] === key) {
      return { verdict: 'exact', names: [exact], count: 1, target: this.#targets[start] };
    }
    const isPrefix = this.#rules.abbreviations && key.length >= (this.#rules.least ?? 1);
    const end = isPrefix ? this.#prefixEnd(key, start) : start;
    const count = end - start;
    const names = this.names.slice(start, Math.min(end, start + listed));
    if (count === 0) return { verdict: 'unknown', names, count, target: undefined };
    const target = this.#targets[start];
    if (count === 1) return { verdict: 'unique', names, count, target };
    if ((this.#sameUntil[start] ?? start) >= end - 1 && !this.#rules.spellingsTie) {
      return { verdict: 'same-option', names, count, target };
    }
    if (this.#rules.tie !== 'first-declared')
      return { verdict: 'ambiguous', names, count, target: undefined };
    this.#firstDeclared ??= new RangeMinimum(this.#declared);
    const winner = this.#firstDeclared.indexOfLeast(start, end);
    return {
      verdict: 'unique',
      names: [this.names[winner] ?? ''],
      count,
      target: this.#targets[winner],
    };
  }

  /** The shortest prefix of a name in the index that still stands for what the name does; the name itself if none. */
  shortest(name: string): string {
    if (!this.#rules.abbreviations) return name;
    const at = this.#lowerBound(this.#fold(name));
    const target = this.#targets[at];
    const least = this.#rules.least ?? 1;
    const from = this.#rules.tie === 'first-declared' ? least : Math.max(least, this.#lengthApart(at));
    for (let length = from; length < name.length; length++) {
      const prefix = name.slice(0, length);
      if (this.resolve(prefix, 0).target === target) return prefix;
    }
    return name;
  }

  /** How long a prefix of the name at an index must be to part it from its neighbours that stand for other things. */
  #lengthApart(at: number): number {
    const key = this.#keys[at] ?? '';
    const isTie = this.#rules.spellingsTie === true;
    const before = isTie ? at : (this.#sameFrom[at] ?? at);
    const behind = isTie ? at : (this.#sameUntil[at] ?? at);
    const sharedWith = (i: number) => sharedLength(this.#keys[i] ?? '', key);
    return 1 + Math.max(sharedWith(before - 1), sharedWith(behind + 1));
  }

  /** Every proper prefix of every name, `from` characters long or longer, once each and in order. */
  *prefixes(from: number): Generator<string> {
    let before = '';
    for (const [i, key] of this.#keys.entries()) {
      const shared = sharedLength(before, key);
      // In sorted order a prefix is new where it is longer than what the name before shares, or is that whole name.
      const first = shared === before.length && shared > 0 ? shared : shared + 1;
      const name = this.names[i] ?? '';
      for (let length = Math.max(from, first); length < name.length; length++) yield name.slice(0, length);
      before = key;
    }
  }

  /**
   * The ambiguous prefixes in ranges, each as long as the names that it begins stay the same, in the order of the prefixes:
   * of `--reverse`, `--recursive` and `--route`, the ranges `--r` and `--re`.
   */
  ambiguousRanges(): PrefixRange[] {
    const ranges: PrefixRange[] = [];
    // Runs of names that share a prefix, the shortest at the bottom, by the start of the run and the length shared.
    const open: { start: number; length: number }[] = [];
    const close = (run: { start: number; length: number }, outer: number) => {
      const range = this.#ambiguousRange(run.start, outer + 1, run.length);
      if (range !== undefined) ranges.push(range);
    };
    for (let i = 1; i <= this.#keys.length; i++) {
      const shared = i < this.#keys.length ? sharedLength(this.#keys[i - 1] ?? '', this.#keys[i] ?? '') : 0;
      let start = i - 1;
      for (let run = open.at(-1); run !== undefined && run.length > shared; run = open.at(-1)) {
        open.pop();
        close(run, Math.max(shared, open.at(-1)?.length ?? 0));
        start = run.start;
      }
      if (shared > (open.at(-1)?.length ?? 0)) open.push({ start, length: shared });
    }
    return ranges.sort((a, b) => compareCodeUnits(a.from, b.from));
  }

  /** The range of prefixes of a name from one length to another, as far as they are ambiguous. */
  #ambiguousRange(at: number, from: number, to: number): PrefixRange | undefined {
    const name = this.names[at] ?? '';
    const first = Math.max(from, this.#rules.least ?? 1);
    // The longest may be a full name, which is exact.
    const last = this.resolve(name.slice(0, to), 0).verdict === 'exact' ? to - 1 : to;
    if (last < first) return undefined;
    const { verdict, names, count } = this.resolve(name.slice(0, last));
    return verdict === 'ambiguous'
      ? { from: name.slice(0, first), to: name.slice(0, last), names, count }
      : undefined;
  }

  #fold(name: string): string {
    return this.#rules.foldCase === true ? name.toLowerCase() : name;
  }

  #lowerBound(word: string): number {
    return firstIndex(this.#keys, (key) => key < word);
  }

  /** The index after the last name that begins with a word, the first of which stands at `start`. */
  #prefixEnd(word: string, start: number): number {
    // Few names begin with a word as a rule: the end is sought in steps that double.
    let low = start;
    let high = start;
    for (let step = 1; this.#keys[high]?.startsWith(word); step *= 2) {
      low = high + 1;
      high += step;
    }
    return firstIndex(this.#keys, (key) => key.startsWith(word), low, Math.min(high, this.#keys.length));
  }
}

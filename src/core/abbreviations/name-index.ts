import { compareCodeUnits } from '../source/source.ts';
import type { Resolution } from './verdict.ts';

/** A name and what it stands for; two names of one thing have the same target. */
export interface IndexedName<T> {
  readonly name: string;
  readonly target: T;
}

export interface IndexRules {
  /** Whether proper prefixes are accepted at all. */
  readonly abbreviations: boolean;
  /** Whether a prefix that several spellings of one thing share is a tie (Python's parser) or not (`getopt_long`). */
  readonly spellingsTie: boolean;
}

/** How many names a resolution lists unless asked for more. */
export const NAMES_LISTED = 20;

/**
 * The names of one scope, sorted, with the rules of `getopt_long` for prefixes (GNU conventions): an exact name wins;
 * a prefix of one name, or of spellings of one thing, stands for it. Building costs a sort, a look-up two binary
 * searches; nothing is stored for each prefix.
 */
export class NameIndex<T> {
  readonly names: readonly string[];
  readonly #targets: readonly T[];
  readonly #rules: IndexRules;
  /** For each name, the last index up to which all names stand for the same thing as it does. */
  readonly #sameUntil: Uint32Array;

  constructor(names: Iterable<IndexedName<T>>, rules: IndexRules) {
    // A name that two things claim stands for the first one, as in every parser's table.
    const first = new Map<string, T>();
    for (const { name, target } of names) if (!first.has(name)) first.set(name, target);
    const sorted = [...first].sort(([a], [b]) => compareCodeUnits(a, b));
    this.names = sorted.map(([name]) => name);
    this.#targets = sorted.map(([, target]) => target);
    this.#rules = rules;
    this.#sameUntil = new Uint32Array(sorted.length);
    for (let i = sorted.length - 1; i >= 0; i--) {
      const joins = i + 1 < sorted.length && this.#targets[i] === this.#targets[i + 1];
      this.#sameUntil[i] = joins ? (this.#sameUntil[i + 1] ?? i) : i;
    }
  }

  /** What a word comes to; at most `listed` names are given back. */
  resolve(word: string, listed: number = NAMES_LISTED): Resolution<T> {
    const start = this.#lowerBound(word);
    if (this.names[start] === word) {
      return {
        verdict: 'exact',
        names: [word],
        count: 1,
        target: this.#targets[start],
      };
    }
    const end = this.#rules.abbreviations ? this.#prefixEnd(word, start) : start;
    const count = end - start;
    const names = this.names.slice(start, Math.min(end, start + listed));
    if (count === 0) return { verdict: 'unknown', names, count, target: undefined };
    const target = this.#targets[start];
    if (count === 1) return { verdict: 'unique', names, count, target };
    const isOne = (this.#sameUntil[start] ?? start) >= end - 1 && !this.#rules.spellingsTie;
    return isOne
      ? { verdict: 'same-option', names, count, target }
      : { verdict: 'ambiguous', names, count, target: undefined };
  }

  /** The shortest prefix of a name in the index that still stands for what the name does; the name itself if none. */
  shortest(name: string): string {
    if (!this.#rules.abbreviations) return name;
    const at = this.#lowerBound(name);
    const target = this.#targets[at];
    let needed = 1;
    for (let i = at - 1; i >= 0; i--) {
      const shared = sharedLength(this.names[i] ?? '', name);
      if (shared < needed) break;
      if (this.#targets[i] !== target || this.#rules.spellingsTie) {
        needed = shared + 1;
        break;
      }
    }
    for (let i = at + 1; i < this.names.length; i++) {
      const shared = sharedLength(this.names[i] ?? '', name);
      if (shared < needed) break;
      if (this.#targets[i] !== target || this.#rules.spellingsTie) {
        needed = shared + 1;
        break;
      }
    }
    const prefix = name.slice(0, needed);
    return needed < name.length && this.resolve(prefix, 0).target === target ? prefix : name;
  }

  /** Every proper prefix of every name, `from` characters long or longer, once each and in order. */
  *prefixes(from: number): Generator<string> {
    let before = '';
    for (const name of this.names) {
      const shared = sharedLength(before, name);
      // In sorted order a prefix is new where it is longer than what the name before shares, or is that whole name.
      const first = shared === before.length && shared > 0 ? shared : shared + 1;
      for (let length = Math.max(from, first); length < name.length; length++) yield name.slice(0, length);
      before = name;
    }
  }

  #lowerBound(word: string): number {
    let low = 0;
    let high = this.names.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.names[middle] ?? '') < word) low = middle + 1;
      else high = middle;
    }
    return low;
  }

  /** The index after the last name that begins with a word, the first of which stands at `start`. */
  #prefixEnd(word: string, start: number): number {
    let low = start;
    let high = this.names.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.names[middle] ?? '').startsWith(word)) low = middle + 1;
      else high = middle;
    }
    return low;
  }
}

function sharedLength(a: string, b: string): number {
  const limit = Math.min(a.length, b.length);
  let i = 0;
  while (i < limit && a.charCodeAt(i) === b.charCodeAt(i)) i++;
  return i;
}

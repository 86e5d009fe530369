import { compareCodeUnits } from '../source/source.ts';
import { type IndexedName, type IndexRules, NAMES_LISTED } from './name-index.ts';
import type { NameLookup, PrefixRange } from './name-lookup.ts';
import type { Resolution } from './verdict.ts';

interface Entry<T> {
  readonly name: string;
  readonly key: string;
  readonly segments: readonly string[];
  readonly target: T;
}

/** The most forms of one name that are looked at: a name of three segments with ten letters each has a thousand. */
const FORMS_LIMIT = 4000;

/** The most forms of all names together that are listed. */
const LISTED_LIMIT = 20_000;

/** How many names may be looked at to find minimal and ambiguous forms; what is not found by then is not told. */
const STEPS_LIMIT = 20_000_000;

/**
 * Names of several segments (`route:plan`), each of which may be shortened (`r:p`) or left empty (`route:`), as Symfony Console has it: an exact name
 * first, then every name whose first segments begin with the given ones, provided that one of them has no more segments than are given.
 */
export class SegmentIndex<T> implements NameLookup<T> {
  readonly names: readonly string[];
  /** In the order of declaration. */
  readonly #entries: readonly Entry<T>[];
  readonly #byName: ReadonlyMap<string, Entry<T>>;
  readonly #separator: string;
  readonly #rules: IndexRules;
  #stepsLeft = STEPS_LIMIT;

  constructor(names: Iterable<IndexedName<T>>, separator: string, rules: IndexRules) {
    this.#separator = separator;
    this.#rules = rules;
    const first = new Map<string, Entry<T>>();
    for (const { name, target } of names) {
      const key = this.#fold(name);
      if (!first.has(key)) first.set(key, { name, key, segments: key.split(separator), target });
    }
    this.#byName = first;
    this.#entries = [...first.values()];
    this.names = this.#sorted(this.#entries).map(({ name }) => name);
  }

  resolve(word: string, listed: number = NAMES_LISTED): Resolution<T> {
    const key = this.#fold(word);
    const exact = this.#byName.get(key);
    if (exact !== undefined) return { verdict: 'exact', names: [exact.name], count: 1, target: exact.target };
    const found = this.#begunBy(key.split(this.#separator));
    const [first] = found;
    const count = found.length;
    if (first === undefined) return { verdict: 'unknown', names: [], count, target: undefined };
    const names = this.#sorted(found)
      .slice(0, listed)
      .map(({ name }) => name);
    const { target } = first;
    if (count === 1) return { verdict: 'unique', names, count, target };
    if (!this.#rules.spellingsTie && found.every((entry) => entry.target === target))
      return { verdict: 'same-option', names, count, target };
    return this.#rules.tie === 'first-declared'
      ? { verdict: 'unique', names: [first.name], count, target }
      : { verdict: 'ambiguous', names, count, target: undefined };
  }

  shortest(name: string): string {
    return this.minimalForms(name)[0] ?? name;
  }

  /**
   * The accepted forms of a name of which no segment can be shortened or left out any more, the shortest first; none where
   * only the full name is accepted.
   */
  minimalForms(name: string): string[] {
    const entry = this.#byName.get(this.#fold(name));
    if (entry === undefined) return [];
    const minimal: (readonly number[])[] = [];
    for (const lengths of formLengths(entry.segments)) {
      if (!this.#takeSteps()) break;
      // Forms come by the number of their segments, then by their length: what is longer than an accepted one is not minimal.
      if (minimal.some((known) => known.every((length, i) => length <= (lengths[i] ?? 0)))) continue;
      const form = this.#form(name, lengths);
      if (form !== name && this.resolve(form, 0).target === entry.target) minimal.push(lengths);
    }
    return minimal
      .map((lengths) => this.#form(name, lengths))
      .sort((a, b) => a.length - b.length || compareCodeUnits(a, b));
  }

  /** The form with one letter of each segment; undefined where a name has one segment only. */
  oneLetterForm(name: string): string | undefined {
    const segments = name.split(this.#separator);
    return segments.length < 2 ? undefined : segments.map((one) => one.slice(0, 1)).join(this.#separator);
  }

  *prefixes(_from: number): Generator<string> {
    const seen = new Set<string>();
    for (const { name, segments } of this.#entries) {
      for (const lengths of formLengths(segments)) {
        const form = this.#form(name, lengths);
        if (form === name || seen.has(form)) continue;
        if (seen.size >= LISTED_LIMIT) return;
        seen.add(form);
        yield form;
      }
    }
  }

  ambiguousRanges(): PrefixRange[] {
    const ranges = new Map<string, PrefixRange>();
    for (const form of this.prefixes(1)) {
      if (!this.#takeSteps()) break;
      const { verdict, names, count } = this.resolve(form);
      if (verdict !== 'ambiguous') continue;
      const depth = form.split(this.#separator).length;
      const id = JSON.stringify([depth, count, ...names]);
      const known = ranges.get(id);
      ranges.set(id, {
        from: known === undefined || form.length < known.from.length ? form : known.from,
        to: known === undefined || form.length > known.to.length ? form : known.to,
        names,
        count,
      });
    }
    return [...ranges.values()].sort((a, b) => compareCodeUnits(a.from, b.from));
  }

  #takeSteps(): boolean {
    this.#stepsLeft -= this.#entries.length;
    return this.#stepsLeft >= 0;
  }

  #begunBy(given: readonly string[]): Entry<T>[] {
    if (!this.#rules.abbreviations || given[0] === '') return [];
    const begun = this.#entries.filter(
      ({ segments }) =>
        given.length <= segments.length && given.every((part, i) => segments[i]?.startsWith(part)),
    );
    return begun.some(({ segments }) => segments.length === given.length) ? begun : [];
  }

  #form(name: string, lengths: readonly number[]): string {
    const segments = name.split(this.#separator);
    return lengths.map((length, i) => segments[i]?.slice(0, length)).join(this.#separator);
  }

  #fold(name: string): string {
    return this.#rules.foldCase === true ? name.toLowerCase() : name;
  }

  #sorted(entries: readonly Entry<T>[]): Entry<T>[] {
    return [...entries].sort((a, b) => compareCodeUnits(a.key, b.key));
  }
}

/** The lengths to which segments can be shortened, for the first one alone, for the first two and so on; short sums first. */
function formLengths(segments: readonly string[]): (readonly number[])[] {
  const forms: (readonly number[])[] = [];
  let before: (readonly number[])[] = [[]];
  for (const segment of segments) {
    const longer: (readonly number[])[] = [];
    for (const lengths of before) {
      for (let length = 1; length <= segment.length && longer.length < FORMS_LIMIT; length++)
        longer.push([...lengths, length]);
    }
    before = longer;
    const sum = (lengths: readonly number[]) => lengths.reduce((total, length) => total + length, 0);
    for (const lengths of longer.toSorted((a, b) => sum(a) - sum(b))) forms.push(lengths);
    if (forms.length >= FORMS_LIMIT) break;
  }
  return forms;
}

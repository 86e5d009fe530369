import type { Basis, Fact, Knowable } from '../../model/fact.ts';
import type { DocumentMap, DocumentValue } from './document-value.ts';

/** Gathers the keys of a mapping, with how the facts among them are known. */
export class RecordValue {
  readonly #keys = new Map<string, DocumentValue>();
  readonly #marked: Record<Exclude<Basis, 'stated'>, string[]> = { inferred: [], observed: [] };

  /** Sets a key, unless there is nothing to say. */
  set(key: string, value: DocumentValue | undefined): void {
    if (value !== undefined) this.#keys.set(key, value);
  }

  /** Sets a key to what a fact says, unless it is not known. */
  fact<T>(key: string, fact: Knowable<T>, turn: (value: T) => DocumentValue): void {
    if (fact === undefined) return;
    this.set(key, turn(fact.value));
    this.mark(key, fact.basis);
  }

  /** Says how the value of a key is known, where it is not stated. */
  mark(key: string, basis: Basis): void {
    if (basis !== 'stated') this.#marked[basis].push(key);
  }

  /** A text that may be known to be absent. */
  text(key: string, fact: Knowable<string>): void {
    this.fact(key, fact, (value) => value);
  }

  has(key: string): boolean {
    return this.#keys.has(key);
  }

  get map(): DocumentMap {
    const map = new Map(this.#keys);
    for (const [basis, keys] of Object.entries(this.#marked)) if (keys.length > 0) map.set(basis, keys);
    return map;
  }

  /** The mapping, or its one key's text where that says all, or nothing where it is empty. */
  short(key: string): DocumentValue {
    const { map } = this;
    if (map.size === 0) return null;
    const only = map.get(key);
    return map.size === 1 && typeof only === 'string' ? only : map;
  }
}

/** A fact of a list: its value, or a mapping where it is not stated. */
export function factItem<T>(fact: Fact<T>, turn: (value: T) => DocumentValue): DocumentValue {
  if (fact.basis === 'stated') return turn(fact.value);
  const item = new RecordValue();
  item.fact('value', fact, turn);
  return item.map;
}

import { listKey } from '../collections/list-key.ts';

/** Keeps what was told of a source, so that with three sources a difference is told once, beside the first of the others. */
export class ToldOnce {
  readonly #told = new Set<string>();

  /** Whether something is new of a source, as it is called in messages; from then on it is not. */
  isNew(source: string, path: readonly string[], subject: string): boolean {
    const key = listKey([source, ...path, subject]);
    if (this.#told.has(key)) return false;
    this.#told.add(key);
    return true;
  }
}

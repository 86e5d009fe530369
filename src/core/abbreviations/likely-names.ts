import { firstIndex } from '../collections/first-index.ts';
import { compareCodeUnits } from '../source/source.ts';
import { GNU_LONG_OPTIONS } from '../standards/gnu-long-options.ts';

/** Names that a later version of a program may well give to a new option, sorted, hyphens included. */
export class LikelyNames {
  readonly #names: readonly string[];

  /**
   * The names of the long-option table of the GNU Coding Standards (4.10), and those that the program, or others of its
   * family, use elsewhere.
   */
  constructor(family: Iterable<string>) {
    const names = new Set(family);
    for (const { name } of GNU_LONG_OPTIONS) names.add(`--${name}`);
    this.#names = [...names].sort(compareCodeUnits);
  }

  /** Those that begin with a prefix, or are it, and that a scope does not have yet. */
  beginning(prefix: string, has: (name: string) => boolean): string[] {
    let at = firstIndex(this.#names, (name) => name < prefix);
    const found: string[] = [];
    for (let name = this.#names[at]; name?.startsWith(prefix); name = this.#names[++at])
      if (!has(name)) found.push(name);
    return found;
  }
}

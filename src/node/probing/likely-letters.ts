import { CONCEPTS, LOOSE_CONCEPTS } from '../../core/words/concepts.ts';
import { SHORT_FORMS } from '../../core/words/short-forms.ts';
import { VERBS } from '../../core/words/verbs.ts';

/** How much a letter's following the last two says, against its following the last one. */
const OF_TWO = 0.7;

/** How likely a character is to go on a name of an option, by the words that such names are made of. */
export class LikelyLetters {
  /** How often a character follows one or two others, and how often these stand before any. */
  readonly #counts = new Map<string, number>();

  /** `names` are names of the same program, which are made of its own words. */
  constructor(names: readonly string[]) {
    const known = [...CONCEPTS, ...LOOSE_CONCEPTS, [...VERBS], [...SHORT_FORMS.keys()], names];
    for (const name of known.flat()) this.#add(`-${name}-`);
  }

  /** A number between 0 and 1: how likely a name that begins so goes on with a character. */
  likelihood(start: string, character: string): number {
    const before = `-${start}`.slice(-2);
    return OF_TWO * this.#share(before, character) + (1 - OF_TWO) * this.#share(before.slice(-1), character);
  }

  #add(name: string): void {
    for (let end = 1; end < name.length; end++)
      for (const before of new Set([name.slice(end - 1, end), name.slice(Math.max(end - 2, 0), end)])) {
        this.#count(`${before} `);
        this.#count(`${before} ${name[end]}`);
      }
  }

  #count(key: string): void {
    this.#counts.set(key, (this.#counts.get(key) ?? 0) + 1);
  }

  #share(before: string, character: string): number {
    const all = this.#counts.get(`${before} `) ?? 0;
    return all === 0 ? 0 : (this.#counts.get(`${before} ${character}`) ?? 0) / all;
  }
}

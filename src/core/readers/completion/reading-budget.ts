/** What a script may cost beside what its length allows. */
const BASE = 100_000;

/** What each character of a script allows. */
const PER_CHARACTER = 60;

/**
 * How much work the reading of one script may be: loops, functions that call each other and lists that are used again could make a
 * short script endless. One unit is about one statement, word or character looked at.
 */
export class ReadingBudget {
  #left: number;

  constructor(text: string, perCharacter = PER_CHARACTER) {
    this.#left = BASE + perCharacter * text.length;
  }

  /** Takes units of work; tells whether they were there. */
  spend(units = 1): boolean {
    this.#left -= units;
    return this.#left >= 0;
  }

  get isSpent(): boolean {
    return this.#left < 0;
  }
}

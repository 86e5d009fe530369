/** What the reading of a script may cost: what is allowed whatever its length is, and what each of its characters allows beside that. */
export interface BudgetLimits {
  readonly base: number;
  readonly perCharacter: number;
}

const LIMITS: BudgetLimits = { base: 100_000, perCharacter: 60 };

/**
 * How much work the reading of one script may be: loops, functions that call each other and lists that are used again could make a
 * short script endless. One unit is about one statement, word or character looked at.
 */
export class ReadingBudget {
  #left: number;

  constructor(text: string, { base, perCharacter }: BudgetLimits = LIMITS) {
    this.#left = base + perCharacter * text.length;
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

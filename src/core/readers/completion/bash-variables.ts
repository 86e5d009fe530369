/** A text of a script with the place where it stands, as far as it stands there as it is. */
export interface BashText {
  readonly text: string;
  readonly start: number | undefined;
}

/** The variables that are known at a place of a bash script: those of a branch stand before those around it. */
export class BashVariables {
  readonly #own = new Map<string, readonly BashText[] | undefined>();
  readonly #around: BashVariables | undefined;

  constructor(around?: BashVariables) {
    this.#around = around;
  }

  /** The texts of a variable; undefined where they are not known. */
  get(name: string): readonly BashText[] | undefined {
    return this.#own.has(name) ? this.#own.get(name) : this.#around?.get(name);
  }

  /** Sets what a variable holds, undefined where only running the script tells. */
  set(name: string, texts: readonly BashText[] | undefined): void {
    this.#own.set(name, texts);
  }
}

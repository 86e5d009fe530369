import type { FishLexer, FishStatement, FishVariables } from '../../shells/fish-words.ts';

interface Loop {
  readonly variable: string;
  readonly values: readonly string[];
  /** How many of the values had their turn. */
  done: number;
  /** Where the body begins. */
  readonly start: number;
}

/** The blocks of a fish script that are open, the innermost last. They are a list, so that no depth can use up the stack. */
export class FishBlocks {
  readonly #variables: FishVariables;
  readonly #open: { readonly isCertain: boolean; readonly loop: Loop | undefined }[] = [];

  constructor(variables: FishVariables) {
    this.#variables = variables;
  }

  /** Whether what stands here runs for certain. */
  get isCertain(): boolean {
    return this.#open.at(-1)?.isCertain ?? true;
  }

  /** Opens a block that runs for certain, as far as those around it do, or one that may not run. */
  open(isCertain: boolean): void {
    this.#open.push({ isCertain: isCertain && this.isCertain, loop: undefined });
  }

  /** Opens a loop. One over words that are known runs once for each of them; the text of its body is read anew each time. */
  loop(lexer: FishLexer, words: FishStatement): void {
    const variable = words[1]?.texts[0] ?? '';
    const given = words.slice(3);
    const values = given.every(({ isDynamic }) => !isDynamic) ? given.flatMap(({ texts }) => texts) : [];
    const [first] = values;
    if (first === undefined) {
      this.open(false);
      return;
    }
    const loop = { variable, values, done: 1, start: lexer.position };
    this.#open.push({ isCertain: this.isCertain, loop });
    this.#variables.set(variable, [first]);
  }

  /** Ends a block; a loop goes back to its beginning with its next value. An end of nothing means nothing. */
  end(lexer: FishLexer): void {
    const loop = this.#open.at(-1)?.loop;
    const next = loop?.values[loop.done];
    if (loop === undefined || next === undefined) {
      this.#open.pop();
      return;
    }
    loop.done++;
    lexer.position = loop.start;
    this.#variables.set(loop.variable, [next]);
  }
}

import type { ReadingBudget } from '../../shells/reading-budget.ts';
import type { Source } from '../../source/source.ts';
import { type ZshToken, zshTokens } from './zsh-words.ts';

/** Some of the tokens of a script: from one up to, and without, another. */
export interface TokenRange {
  readonly from: number;
  readonly to: number;
}

/** A zsh script in tokens, with the functions that it declares. */
export class ZshScript {
  readonly tokens: readonly ZshToken[];
  readonly functions = new Map<string, TokenRange>();
  /** Whether the body of a function is not closed. */
  isOpen = false;

  constructor(source: Source, budget: ReadingBudget) {
    this.tokens = zshTokens(source, budget);
    this.#findFunctions();
  }

  /** Finds `name() { ... }` and `function name { ... }`. */
  #findFunctions(): void {
    const ends = this.#blockEnds();
    for (let i = 0; i < this.tokens.length; i++) {
      const text = this.word(i);
      const isKeyword = text === 'function';
      const name = isKeyword ? this.word(i + 1) : text;
      let at = isKeyword ? i + 2 : i + 1;
      const hasBrackets = this.is(at, '(') && this.is(at + 1, ')');
      if (name === undefined || (!isKeyword && !hasBrackets)) continue;
      if (hasBrackets) at += 2;
      while (this.is(at, '\n')) at++;
      if (this.word(at) !== '{') continue;
      const end = ends.get(at);
      const to = end ?? this.tokens.length;
      this.isOpen ||= end === undefined;
      this.functions.set(name, { from: at + 1, to });
    }
  }

  /** For each opening brace among the tokens, the closing one; those that nothing closes end with the script. */
  #blockEnds(): Map<number, number> {
    const ends = new Map<number, number>();
    const open: number[] = [];
    for (let i = 0; i < this.tokens.length; i++) {
      const word = this.word(i);
      // `({)` is a pattern of a branch.
      if (word === '{' && !this.is(i + 1, ')')) open.push(i);
      const opened = word === '}' ? open.pop() : undefined;
      if (opened !== undefined) ends.set(opened, i);
    }
    return ends;
  }

  /** The function whose declaration begins at a token. */
  functionFrom(at: number): TokenRange | undefined {
    const name =
      this.word(at) === 'function' ? this.word(at + 1) : this.is(at + 1, '(') ? this.word(at) : undefined;
    const range = name === undefined ? undefined : this.functions.get(name);
    return range !== undefined && range.from > at && range.from - at < 8 ? range : undefined;
  }

  /** Where a statement ends: at an operator, but for the brackets of an array. */
  statementEnd(from: number, to: number): number {
    for (let i = from; i < to; i++) {
      const token = this.tokens[i];
      if (token?.kind !== 'operator') continue;
      if (token.texts[0] === '(' && this.tokens[i - 1]?.raw.endsWith('=')) {
        while (i < to && !this.is(i, ')')) i++;
        continue;
      }
      return Math.max(i, from + 1);
    }
    return to;
  }

  /** The word at a place among the tokens, as it stands in the script; undefined where an operator does. */
  word(at: number): string | undefined {
    const token = this.tokens[at];
    return token?.kind === 'word' ? token.raw : undefined;
  }

  /** Whether an operator stands at a place among the tokens. */
  is(at: number, operator: string): boolean {
    const token = this.tokens[at];
    return token?.kind === 'operator' && token.texts[0] === operator;
  }
}

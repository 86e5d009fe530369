import type { Source } from '../../source/source.ts';
import { type ZshToken, zshTokens } from './zsh-words.ts';

/** How many tokens are passed in search of the ends of functions. */
const SCANS_LIMIT = 5_000_000;

/** Some of the tokens of a script: from one up to, and without, another. */
export interface TokenRange {
  readonly from: number;
  readonly to: number;
}

/** A zsh script in tokens, with the functions that it declares. */
export class ZshScript {
  readonly tokens: readonly ZshToken[];
  readonly functions = new Map<string, TokenRange>();
  #scans = SCANS_LIMIT;

  constructor(source: Source) {
    this.tokens = zshTokens(source);
    this.#findFunctions();
  }

  /** Finds `name() { ... }` and `function name { ... }`. */
  #findFunctions(): void {
    for (let i = 0; i < this.tokens.length; i++) {
      const text = this.word(i);
      const isKeyword = text === 'function';
      const name = isKeyword ? this.word(i + 1) : text;
      let at = isKeyword ? i + 2 : i + 1;
      const hasBrackets = this.is(at, '(') && this.is(at + 1, ')');
      if (hasBrackets) at += 2;
      while (this.is(at, '\n')) at++;
      if (name === undefined || (!isKeyword && !hasBrackets) || this.word(at) !== '{') continue;
      const to = this.#blockEnd(at);
      this.functions.set(name, { from: at + 1, to });
    }
  }

  #blockEnd(open: number): number {
    let depth = 0;
    for (let i = open; i < this.tokens.length && this.#scans-- > 0; i++) {
      const word = this.word(i);
      if (word === '{') depth++;
      if (word === '}' && --depth === 0) return i;
    }
    return this.tokens.length;
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

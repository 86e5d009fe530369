import type { Definitions } from './definitions.ts';
import { escapeName } from './escape-names.ts';

/** How deep brackets may stand in brackets. */
const DEPTH_LIMIT = 16;

/** The value of a numeric expression with numbers, units, registers, brackets and signs, read from left to right; 0 for what is none. */
export function numericValue(text: string, definitions: Definitions): { value: number; end: number } {
  const reading = new Expression(text, definitions);
  return { value: reading.sum(0), end: reading.at };
}

class Expression {
  readonly #text: string;
  readonly #definitions: Definitions;
  at = 0;

  constructor(text: string, definitions: Definitions) {
    this.#text = text;
    this.#definitions = definitions;
  }

  sum(depth: number): number {
    let value = this.#term(depth);
    for (;;) {
      const sign = /^(?:<=|>=|==|[-+*/%<>=&:])/.exec(this.#text.slice(this.at, this.at + 2))?.[0];
      if (sign === undefined) return value;
      this.at += sign.length;
      value = applied(sign, value, this.#term(depth));
    }
  }

  #term(depth: number): number {
    const first = this.#text[this.at];
    if (first === '-' || first === '+') {
      this.at++;
      const value = depth < DEPTH_LIMIT ? this.#term(depth + 1) : 0;
      return first === '-' ? -value : value;
    }
    if (first === '(' && depth < DEPTH_LIMIT) {
      this.at++;
      const value = this.sum(depth + 1);
      if (this.#text[this.at] === ')') this.at++;
      return value;
    }
    if (first === '\\') return this.#register();
    const number = /^(\d*\.?\d+)[cPipmMnusvz]?/.exec(this.#text.slice(this.at, this.at + 24));
    if (number === null) return 0;
    this.at += number[0].length;
    return Number(number[1]);
  }

  /** A register, or the width of a text, which is not known here. */
  #register(): number {
    let from = this.at + 1;
    while (this.#text[from] === '\\') from++;
    if (this.#text[from] === 'w') {
      const mark = this.#text[from + 1] ?? '';
      const end = this.#text.indexOf(mark, from + 2);
      this.at = end < 0 ? this.#text.length : end + 1;
      return end < 0 ? 0 : end - from - 2;
    }
    if (this.#text[from] !== 'n') {
      this.at = Math.min(from + 1, this.#text.length);
      return 0;
    }
    const { name, end } = escapeName(this.#text, from + 1);
    this.at = end;
    return this.#definitions.register(name);
  }
}

function applied(sign: string, a: number, b: number): number {
  switch (sign) {
    case '+':
      return a + b;
    case '-':
      return a - b;
    case '*':
      return a * b;
    case '/':
      return b === 0 ? 0 : Math.trunc(a / b);
    case '%':
      return b === 0 ? 0 : a % b;
    case '<':
      return Number(a < b);
    case '>':
      return Number(a > b);
    case '<=':
      return Number(a <= b);
    case '>=':
      return Number(a >= b);
    case '&':
      return Number(a > 0 && b > 0);
    case ':':
      return Number(a > 0 || b > 0);
    default:
      return Number(a === b);
  }
}

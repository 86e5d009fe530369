import type { RoffText } from './roff-text.ts';

/** The strings that formatters know without a definition. */
const STRINGS: readonly (readonly [string, string])[] = [
  ['R', '®'],
  ['Tm', '™'],
  ['lq', '"'],
  ['rq', '"'],
  ['Lq', '"'],
  ['Rq', '"'],
  ['q', '"'],
  ['Ba', '|'],
  ['Lt', '<'],
  ['Gt', '>'],
  ['Le', '≤'],
  ['Ge', '≥'],
  ['Ne', '≠'],
  ['Am', '&'],
  ['Pm', '±'],
  ['Na', 'NaN'],
  ['If', '∞'],
  ['Pi', 'π'],
];

/** What a page defines: strings, number registers and macros. */
export class Definitions {
  readonly strings = new Map<string, string>(STRINGS);
  readonly registers = new Map<string, number>([
    // What tells pages that the formatter is a newer one, of which they may expect more.
    ['.g', 1],
    ['.x', 1],
    ['.y', 23],
    ['.l', 78],
    ['.s', 10],
    ['.v', 1],
    ['.H', 1],
    ['.V', 1],
  ]);
  readonly macros = new Map<string, readonly RoffText[]>();
  /** Special characters that the page prints as others (`.tr`). */
  readonly translations = new Map<string, string>();

  /** The text of a string; empty where there is none of the name. */
  string(name: string): string {
    return this.strings.get(name) ?? '';
  }

  /** The number in a register; 0 where there is none of the name. */
  register(name: string): number {
    return this.registers.get(name) ?? 0;
  }

  remove(name: string): void {
    this.strings.delete(name);
    this.macros.delete(name);
  }

  rename(from: string, to: string): void {
    const [text, lines] = [this.strings.get(from), this.macros.get(from)];
    if (text !== undefined) this.strings.set(to, text);
    if (lines !== undefined) this.macros.set(to, lines);
  }
}

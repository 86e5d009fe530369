import type { Place } from '../source/source.ts';
import type { Count, ValueWord } from './argument.ts';
import type { Knowable } from './fact.ts';

/**
 * An operand: a word of its own; a keyword operand (`if=FILE`); an expression with a grammar that is not judged;
 * or the rest of the line as another program's command line.
 */
export interface Operand {
  /** What kind of operand it is. */
  readonly kind: 'word' | 'keyword' | 'expression' | 'command-line';
  /** What the operand is called: its placeholder, or the keyword before the `=`. */
  readonly name: string;
  /** What may stand in its place. */
  readonly word: ValueWord;
  /** The words that an expression may hold. */
  readonly vocabulary: readonly string[];
  /** How many there may be. */
  readonly count: Knowable<Count>;
  /** What it is, in the words of the source. */
  readonly help: Knowable<string>;
  /** Where it is declared. */
  readonly place: Place;
}

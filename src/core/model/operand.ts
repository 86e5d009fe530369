import type { Place } from '../source/source.ts';
import type { Count, Word } from './argument.ts';
import type { Knowable } from './fact.ts';

/**
 * An operand: a word of its own; a keyword operand (`if=FILE`); an expression with a grammar that is not judged;
 * or the rest of the line as another program's command line.
 */
export interface Operand {
  readonly kind: 'word' | 'keyword' | 'expression' | 'command-line';
  /** What the operand is called: its placeholder, or the keyword before the `=`. */
  readonly name: string;
  readonly word: Word;
  /** The words that an expression may hold. */
  readonly vocabulary: readonly string[];
  readonly count: Knowable<Count>;
  readonly help: Knowable<string>;
  readonly place: Place;
}

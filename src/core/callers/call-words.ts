import type { Span } from '../source/source.ts';

/** A word of a call, as it stands in a file. */
export interface CallWord {
  /** The word that the program gets, quotes taken off; expansions stand in it as they are written. */
  readonly text: string;
  /** Whether the program gets exactly this text. */
  readonly isLiteral: boolean;
  /** How much of its beginning the program gets exactly so, in UTF-16 units: of `--sort=$KEY` all that stands before the dollar sign. */
  readonly literalStart: number;
  /** Where it stands. */
  readonly place: Span;
}

/** The words of a command: the first is what is run. */
export type CallWords = readonly CallWord[];

/** A command that a file runs. */
export interface FoundCall {
  readonly words: CallWords;
  /** Where it is called, where that is elsewhere than its first words stand: behind an alias, or a function of the same file. */
  readonly calledAt: Span | undefined;
  /** Whether further words may follow that do not stand here, as `xargs` adds them. */
  readonly isOpen: boolean;
}

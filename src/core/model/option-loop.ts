import type { Place, Span } from '../source/source.ts';
import type { OptionArgument } from './argument.ts';

/** Where a script prints to; what goes into a file, or to another program, goes elsewhere. */
export type Stream = 'standard-output' | 'standard-error' | 'elsewhere';

/**
 * How a loop of a script gets at its options: by `getopts`, from the words that `getopt` has put in order, by looking at one word after the
 * other itself, or, without a loop, from the arrays that zsh's `zparseopts` fills or the variables that fish's `argparse` sets.
 */
export type LoopKind = 'getopts' | 'getopt' | 'words' | 'zparseopts' | 'argparse';

/** A name that an option string declares. */
export interface DeclaredName {
  /** The name as it is typed, hyphens included. */
  readonly name: string;
  /** Whether an argument must follow, may follow, or must not. */
  readonly presence: OptionArgument['presence'];
  /** Where it stands in the option string. */
  readonly place: Span;
}

/** A name that an arm of `case` answers. */
export interface HandledName {
  /** The name as it is typed, hyphens included. */
  readonly name: string;
  /** Where the arm has it. */
  readonly place: Span;
}

/** What a script does about one thing that it met. */
export interface LoopAnswer {
  /** Whether it ends the script, leaves the loop, or goes on with the next word. */
  readonly end: 'exits' | 'breaks' | 'goes-on';
  /** Whether it may end the script in some cases, where it does not always. */
  readonly mayExit: boolean;
  /** The status with which it ends; undefined where that is not known. */
  readonly status: number | undefined;
  /** Whether it keeps anything in a variable, which the script may look at later. */
  readonly keeps: boolean;
  /** What it prints, and where to. */
  readonly prints: readonly {
    /** Where to. */
    readonly stream: Stream;
    /** The command that prints. */
    readonly place: Span;
  }[];
  /** The arm. */
  readonly place: Span;
}

/** An arm of the `case` of a loop that answers options. */
export interface OptionArm extends LoopAnswer {
  /** The options that it answers. */
  readonly names: readonly HandledName[];
  /** Whether it looks at the argument of the option. */
  readonly readsArgument: boolean;
  /** Whether it does nothing at all. */
  readonly isEmpty: boolean;
  /** Commands that change files, processes or other systems. */
  readonly works: readonly {
    /** The name of the command. */
    readonly command: string;
    /** Where it stands. */
    readonly place: Span;
  }[];
}

/** A loop of a shell script that reads options. */
export interface OptionLoop {
  /** How it gets at its options. */
  readonly kind: LoopKind;
  /** The path of the command whose options it reads, without the program. */
  readonly command: readonly string[];
  /** The loop. */
  readonly place: Span;
  /** What its option string declares; undefined where there is none, or where only running the script tells. */
  readonly declared: readonly DeclaredName[] | undefined;
  /** Whether the parser leaves it to the script to tell of errors; undefined where that is not known. */
  readonly silent: boolean | undefined;
  /** What answers options. */
  readonly arms: readonly OptionArm[];
  /** Whether the arms could be read in full. */
  readonly armsComplete: boolean;
  /** What answers an option that does not exist; undefined where nothing does. */
  readonly unknown: LoopAnswer | undefined;
  /** What answers an option whose argument is missing; undefined where nothing does. */
  readonly missing: LoopAnswer | undefined;
  /** Operands that are read behind the loop as `$1`, `$2`, though the options before them were not taken away; null where there are none. */
  readonly notShifted: Place;
  /** The first operand that is read behind the loop though nothing looks at how many there are; null where there is none. */
  readonly unchecked: Place;
  /** Where the options are read a second time without a new beginning; null where they are not. */
  readonly readAgain: {
    /** The second time. */
    readonly place: Span;
    /** The first. */
    readonly first: Span;
  } | null;
}

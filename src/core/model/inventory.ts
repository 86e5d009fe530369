import type { Place, Source } from '../source/source.ts';

/** The shells whose completion is known. */
export const SHELLS = ['bash', 'zsh', 'fish'] as const;

/** A shell whose completion is known. */
export type Shell = (typeof SHELLS)[number];

/** A word that completion offers. */
export interface OfferedWord {
  /** The word as the shell offers it. */
  readonly text: string;
  /** The description that the shell shows with it. */
  readonly description: string | undefined;
  /** Where the script has it; null where a shell was asked. */
  readonly place: Place;
}

/** What is offered in the place of an option-argument or operand. */
export interface OfferedArgument {
  /** The words that are offered; empty where none are. */
  readonly words: readonly OfferedWord[];
  /** Whether names of files, or of folders, are offered; undefined where that is not known. */
  readonly files: boolean | undefined;
  /** Whether the files that are offered are folders only. */
  readonly isFolders: boolean;
  /** Whether the script says that nothing is offered, where it could offer something. */
  readonly isNothing: boolean;
}

/** Options that completion keeps apart: where one is typed, it does not offer the others. */
export interface OptionsHeldApart {
  /** The option as it is offered. */
  readonly option: string;
  /** The words that are not offered behind it. */
  readonly others: readonly string[];
  /** Where the script says so. */
  readonly place: Place;
}

/** An option as completion has it. */
export interface OfferedOption extends OfferedWord {
  /** Whether completion takes it to have an argument; undefined where that is not known. */
  readonly takesArgument: boolean | undefined;
}

/** What is offered at one command. */
export interface CommandInventory {
  /** The command path, the program's name first. */
  readonly path: readonly string[];
  /** The options that are offered. */
  readonly options: readonly OfferedOption[];
  /** What is offered in the place of a subcommand or of the first operand. */
  readonly operands: OfferedArgument;
  /** What is offered for options that take an argument, by one of their names. */
  readonly arguments: ReadonlyMap<string, OfferedArgument>;
  /** The options that it keeps apart. */
  readonly heldApart: readonly OptionsHeldApart[];
  /** What is offered for each operand that the script numbers, from 1; empty where it numbers none. */
  readonly numbered: ReadonlyMap<number, OfferedArgument>;
  /** How many operands it completes; undefined where that is not told, or any number. */
  readonly operandCount: number | undefined;
}

/** Something in a completion script that was not understood. */
export interface Unread {
  /** What was found, in a few words. */
  readonly what: string;
  /** Where it stands. */
  readonly place: Place;
}

/** What the completion of one shell offers for a program. */
export interface Inventory {
  /** The shell whose completion it is. */
  readonly shell: Shell;
  /** The program that is completed. */
  readonly program: string;
  /** Whether a real shell was asked, or only the script read. */
  readonly observed: boolean;
  /** The programs that the script says it is for; empty where it does not say. */
  readonly boundTo: readonly OfferedWord[];
  /** The script; undefined where the shell found it itself. */
  readonly source: Source | undefined;
  /** What is offered at each command, the program itself first. */
  readonly commands: readonly CommandInventory[];
  /** What could not be read without running the script; nothing that it may offer is said to be missing. */
  readonly unread: readonly Unread[];
  /** Whether it has only a part of what is offered: a script with parts that were not read, or a shell that did not answer all. */
  readonly isPartial: boolean;
  /** Why the script does not load, or what it does that it must not; undefined where it loads. */
  readonly fault: string | undefined;
}

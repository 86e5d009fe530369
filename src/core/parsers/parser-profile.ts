import type { RuleValues } from '../model/parsing-rules.ts';

/** A mistake on a command line for which parsers have a message. */
export type CommandLineMistake =
  | 'unknownLong'
  | 'unknownLetter'
  | 'unknownCommand'
  | 'ambiguous'
  | 'argumentMissing'
  | 'argumentUnexpected'
  | 'valueNotAllowed';

/** What a parser prints for a mistake. */
export interface ParserMessage {
  /** The line that tells what is wrong. `PROGRAM` is the program; the other names are those of the program that was asked. */
  readonly text: string;
  /** The exit status. */
  readonly status: number;
  /** Where it is printed; standard error where not said. */
  readonly stream?: 'standard output';
}

/** What an older version of a parser did otherwise. */
export interface OlderRules {
  /** The first version that does as the profile says, such as `Python 3.8`. */
  readonly before: string;
  /** The rules that were others. */
  readonly rules: Partial<RuleValues>;
}

/** Something that a parser prints by itself into the help of every program that uses it. */
export interface HelpMark {
  /** Where it stands: in the text of `--help` or of `--version`, or as a line of its own. */
  readonly of: 'help-text' | 'version-text' | 'line';
  /** What it looks like: the whole text of an option with single blanks, or a line. */
  readonly pattern: RegExp;
  /** A part of it that is always there, so that texts without it are not searched; for lines alone. */
  readonly holds?: string;
  /** Whether every help shows it (`must`), may show it, or never does. */
  readonly shown: 'must' | 'may' | 'never';
}

/** A parser library, or a configuration of one, that programs use, and all that is known of how it reads a command line. */
export interface ParserProfile {
  /** The name by which documents, settings and the command call it. */
  readonly name: string;
  /** What it is, such as `argparse of Python's standard library`. */
  readonly title: string;
  /** The language of the programs that use it. */
  readonly language: string;
  /** What was run to find the facts out, with its version; nothing where the parser could not be run, and the facts are hearsay. */
  readonly ran: readonly string[];
  /** Its parsing rules, unless a program sets it up otherwise. What is not there is not known, or is up to the program. */
  readonly rules: Partial<RuleValues>;
  /** The marks of the help that it prints, one set for each way of printing; none where programs write their own. */
  readonly helps?: readonly (readonly HelpMark[])[];
  /** What older versions did otherwise. */
  readonly older?: readonly OlderRules[];
  /** The options that it adds by itself. */
  readonly addedOptions: readonly string[];
  /** The commands that it adds by itself to a program with commands. */
  readonly addedCommands: readonly string[];
  /** What it prints for each mistake that it refuses. */
  readonly messages: { readonly [M in CommandLineMistake]?: ParserMessage };
}

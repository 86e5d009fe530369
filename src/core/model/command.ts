import type { Place } from '../source/source.ts';
import type { AcceptedHere } from './accepted-here.ts';
import type { Deprecation } from './argument.ts';
import type { Fact, Knowable } from './fact.ts';
import type { ItemList } from './item-list.ts';
import type { Operand } from './operand.ts';
import type { Option } from './option.ts';
import { type ParsingRules, UNKNOWN_RULES } from './parsing-rules.ts';
import type { Relation } from './relation.ts';

/** One name of a command: the first is canonical, the rest are aliases. */
export interface CommandName {
  /** The name as it is typed. */
  readonly text: string;
  /** Where the name stands. */
  readonly place: Place;
}

/** An option as one form of a command shows it. */
export interface FormOption {
  /** One name of the option, hyphens included. */
  readonly name: string;
  /** Whether it stands outside of brackets. */
  readonly required: boolean;
  /** Whether dots follow it. */
  readonly repeated: boolean;
  /** Where it stands in the synopsis. */
  readonly place: Place;
}

/** One synopsis of a command, with its own options and operands. */
export interface Form {
  /** The synopsis as it is written, in one line. */
  readonly text: string;
  /** The options that it shows. */
  readonly options: readonly FormOption[];
  /** The operands that it shows, in their order. */
  readonly operands: readonly Operand[];
  /** Where the synopsis stands. */
  readonly place: Place;
}

/** A command line that shows how a command is called. */
export interface Example {
  /** The command line, with the program's name. */
  readonly commandLine: string;
  /** What it does. */
  readonly help: Knowable<string>;
  /** Where the example stands. */
  readonly place: Place;
}

/** The program itself, or a subcommand of it. */
export interface Command {
  /** Its names: the first is canonical, the rest are aliases. */
  readonly names: readonly CommandName[];
  /** What it does, in a line, as lists of commands have it. */
  readonly summary: Knowable<string>;
  /** What it does, at length. */
  readonly description: Knowable<string>;
  /** Its synopses. */
  readonly forms: readonly Form[];
  /** Its own options; those that it inherits are not among them. */
  readonly options: ItemList<Option>;
  /** Its subcommands. */
  readonly commands: ItemList<Command>;
  /** Operands listed with texts; those of the usage lines stand in the forms. */
  readonly operands: ItemList<Operand>;
  /** Which of its options and operands go together. */
  readonly relations: readonly Relation[];
  /** Its examples. */
  readonly examples: readonly Example[];
  /** The running text of its help that belongs to no entry, by its paragraphs. Documents do not keep it. */
  readonly remarks: readonly Fact<string>[];
  /** The subcommand that runs where none is named. */
  readonly defaultCommand: Knowable<string>;
  /** Whether further commands come from outside, as plugins. */
  readonly pluginCommands: Knowable<boolean>;
  /** What is said of its parser here; other rules come from the commands above it. */
  readonly rules: ParsingRules;
  /** Whether help leaves it out on purpose. */
  readonly hidden: Knowable<boolean>;
  /** Since when it is to be used no more, and what instead. */
  readonly deprecated: Knowable<Deprecation>;
  /** The checks whose findings about the command itself, and not about its options, are accepted. */
  readonly accepted: readonly AcceptedHere[];
  /**
   * Whether a source describes this command itself, its usage or options, rather than only naming it in the list of
   * another.
   */
  readonly described: boolean;
  /** Where the list that has it names it again; empty where each command is listed once. */
  readonly listedAgain: readonly Place[];
  /** The heading under which it is listed; undefined where there is none. */
  readonly heading: Fact<string> | undefined;
  /** Where it is declared. */
  readonly place: Place;
}

const NOTHING_LISTED = { items: [], complete: undefined };

const UNKNOWN_COMMAND: Omit<Command, 'names' | 'place'> = {
  summary: undefined,
  description: undefined,
  forms: [],
  options: NOTHING_LISTED,
  commands: NOTHING_LISTED,
  operands: NOTHING_LISTED,
  relations: [],
  examples: [],
  remarks: [],
  defaultCommand: undefined,
  pluginCommands: undefined,
  rules: UNKNOWN_RULES,
  hidden: undefined,
  deprecated: undefined,
  accepted: [],
  described: false,
  listedAgain: [],
  heading: undefined,
};

/** A command of which only the given facts are known. */
export function makeCommand(facts: Pick<Command, 'names' | 'place'> & Partial<Command>): Command {
  return { ...UNKNOWN_COMMAND, ...facts };
}

/** The canonical name of a command. */
export function commandName(command: Command): string {
  return command.names[0]?.text ?? '';
}

import type { Place } from '../source/source.ts';
import type { Deprecation } from './argument.ts';
import type { Fact, Knowable } from './fact.ts';
import type { ItemList } from './item-list.ts';
import type { Operand } from './operand.ts';
import type { Option } from './option.ts';
import { type ParsingRules, UNKNOWN_RULES } from './parsing-rules.ts';
import type { Relation } from './relation.ts';

/** One name of a command: the first is canonical, the rest are aliases. */
export interface CommandName {
  readonly text: string;
  readonly place: Place;
}

/** An option as one form of a command shows it. */
export interface FormOption {
  readonly name: string;
  readonly required: boolean;
  readonly repeated: boolean;
  readonly place: Place;
}

/** One synopsis of a command, with its own options and operands. */
export interface Form {
  readonly text: string;
  readonly options: readonly FormOption[];
  readonly operands: readonly Operand[];
  readonly place: Place;
}

export interface Example {
  readonly commandLine: string;
  readonly help: Knowable<string>;
  readonly place: Place;
}

/** The program itself, or a subcommand of it. */
export interface Command {
  readonly names: readonly CommandName[];
  readonly summary: Knowable<string>;
  readonly description: Knowable<string>;
  readonly forms: readonly Form[];
  readonly options: ItemList<Option>;
  readonly commands: ItemList<Command>;
  /** Operands listed with texts; those of the usage lines stand in the forms. */
  readonly operands: ItemList<Operand>;
  readonly relations: readonly Relation[];
  readonly examples: readonly Example[];
  readonly defaultCommand: Knowable<string>;
  /** Whether further commands come from outside, as plugins. */
  readonly pluginCommands: Knowable<boolean>;
  readonly rules: ParsingRules;
  readonly hidden: Knowable<boolean>;
  readonly deprecated: Knowable<Deprecation>;
  /**
   * Whether a source describes this command itself, its usage or options, rather than only naming it in the list of
   * another.
   */
  readonly described: boolean;
  readonly heading: Fact<string> | undefined;
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
  defaultCommand: undefined,
  pluginCommands: undefined,
  rules: UNKNOWN_RULES,
  hidden: undefined,
  deprecated: undefined,
  described: false,
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

import type { OptionArgument } from '../model/argument.ts';
import type { Form } from '../model/command.ts';
import type { Relation } from '../model/relation.ts';
import type { Span } from '../source/source.ts';
import type { DeclaredName } from './declaration.ts';

/** An option as a synopsis shows it, by its offsets in the synopsis. */
export interface UsageOption {
  readonly declared: DeclaredName;
  /** Its argument: joined to the name, or in the words that follow. */
  readonly argument: OptionArgument | undefined;
  /** Whether a bracket holds it together with its argument, so that what follows the option cannot be an operand. */
  readonly isGrouped: boolean;
  readonly place: Span;
}

/** A literal word behind the program, with other words that a bar puts beside it (`add|a`). */
export interface LiteralWord {
  readonly text: string;
  readonly place: Span;
  readonly aliases: readonly { readonly text: string; readonly place: Span }[];
}

/** What one synopsis says. */
export interface UsageReading {
  readonly form: Form;
  /** The words that invoke the program (`python -m tiffin`). */
  readonly program: readonly string[];
  readonly programPlace: Span;
  /** Literal words behind the program: commands, or operands written in lower case. */
  readonly literals: readonly LiteralWord[];
  /** Whether anything follows the literal words. */
  readonly goesOn: boolean;
  /** Whether a placeholder for the options follows them, so that they lead to the command. */
  readonly optionsFollow: boolean;
  readonly options: readonly UsageOption[];
  readonly relations: readonly Relation[];
  /** Names, each time two, that a bar shows to be spellings of one option (`-h|--help`). */
  readonly spellings: readonly (readonly [string, string])[];
  /** Where a placeholder for a subcommand stands. */
  readonly commandPlace: Span | undefined;
  /** Where the end of the options, `--`, is shown. */
  readonly endOfOptions: Span | undefined;
}

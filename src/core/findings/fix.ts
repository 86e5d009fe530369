import type { TextEdit } from '../edits/text-edits.ts';
import type { Shell } from '../model/inventory.ts';

/** What surely fixes a finding, in terms of the interface, so that it is the same in every kind of source. */
export type InterfaceFix =
  | {
      /** The words that an option or operand accepts are declared. */
      readonly kind: 'declare-values';
      /** A name of the option, or that of the operand. */
      readonly name: string;
      /** The words, in the order in which they are told. */
      readonly values: readonly string[];
    }
  | {
      /** The default of an option or operand is declared. */
      readonly kind: 'declare-default';
      /** A name of the option, or that of the operand. */
      readonly name: string;
      /** The default, as it would be typed. */
      readonly value: string;
    }
  | {
      /** The bounds of a number are declared anew. */
      readonly kind: 'declare-range';
      /** A name of the option, or that of the operand. */
      readonly name: string;
      /** The smallest number. */
      readonly least: number;
      /** The largest number. */
      readonly most: number;
    }
  | {
      /** The help text of an option or operand gets more behind it. */
      readonly kind: 'add-to-text';
      /** A name of the option, or that of the operand. */
      readonly name: string;
      /** What is added, with the blank or the mark before it. */
      readonly text: string;
    }
  | {
      /** The help text of an option begins or ends otherwise. */
      readonly kind: 'change-text';
      /** A name of the option. */
      readonly name: string;
      /** The whole text as it was. */
      readonly from: string;
      /** The whole text as it is to be. */
      readonly to: string;
    }
  | {
      /** The placeholder of an option-argument is another one, in the help text as well. */
      readonly kind: 'rename-placeholder';
      /** A name of the option. */
      readonly name: string;
      /** The placeholder as it was. */
      readonly from: string;
      /** The placeholder as it is to be. */
      readonly to: string;
    }
  | {
      /** A long name of an option is another one; the old one stays, and help leaves it out. */
      readonly kind: 'rename-option';
      /** The command that declares it, the program's name first. */
      readonly command: readonly string[];
      /** The name as it was. */
      readonly name: string;
      /** The name as it is to be. */
      readonly to: string;
    }
  | {
      /** A command is called otherwise; the old name stays as an alias. */
      readonly kind: 'rename-command';
      /** The command that it is a subcommand of, the program's name first. */
      readonly command: readonly string[];
      /** The name as it was. */
      readonly name: string;
      /** The name as it is to be. */
      readonly to: string;
    }
  | {
      /** The options under one heading stand in another order. */
      readonly kind: 'sort-options';
      /** A name of each, in the order in which they are to stand. */
      readonly names: readonly string[];
    };

/** A completion script offers what it lacks at a command. */
export interface OfferFix {
  /** What it is. */
  readonly kind: 'offer';
  /** The command, the program's name first. */
  readonly command: readonly string[];
  /** The shell that reads the script. */
  readonly shell: Shell;
  /** What is lacking. */
  readonly what: 'commands' | 'options' | 'values';
}

/** What surely fixes a finding: a change of the interface, one of a completion script, or edits of the very text that it was found in. */
export type Fix =
  | InterfaceFix
  | OfferFix
  | {
      /** Some text is another. */
      readonly kind: 'edit';
      /** The edits, which are made together. */
      readonly edits: readonly TextEdit[];
      /** The check whose finding then comes to light, as it was there before and not told beside this one. */
      readonly reveals?: string;
    };

import type { SyntaxNode, Word } from 'unbash';
import type { OptionArgument } from '../../model/argument.ts';
import type { Option } from '../../model/option.ts';
import type { DeclaredName, HandledName, LoopAnswer, LoopKind, OptionArm } from '../../model/option-loop.ts';
import type { ParsingRules } from '../../model/parsing-rules.ts';
import type { Branch } from './choices.ts';
import type { Range, ShellScope } from './shell-scopes.ts';

/** A branch of a loop that answers options. */
export interface NamedArm {
  readonly names: readonly HandledName[];
  readonly branch: Branch;
  readonly arm: OptionArm;
  /** What the arm itself shows of the argument; undefined where the option string tells it, or nothing does. */
  readonly presence: OptionArgument['presence'] | undefined;
  /** How many words the argument has, where the arm takes several. */
  readonly words: { readonly least: number; readonly most: number | null } | undefined;
  /** The variables whose expansions within the arm are the argument. */
  readonly argument: ReadonlySet<string>;
}

/** The arms of a loop. */
export interface ArmsDraft {
  readonly named: readonly NamedArm[];
  /** Whether all of its patterns are lists of words. */
  readonly isComplete: boolean;
  readonly unknown: LoopAnswer | undefined;
  readonly missing: LoopAnswer | undefined;
}

/** A loop that reads options, as it was read, before it is known whose options they are. */
export interface LoopDraft {
  readonly kind: LoopKind;
  readonly scope: ShellScope;
  /** The loop, or the `case` where there is no loop. */
  readonly node: SyntaxNode;
  /** The part of the scope that is reached with the same words. */
  readonly reached: Range;
  readonly options: readonly Option[];
  /** Whether `options` are all that there are. */
  readonly isComplete: boolean;
  readonly rules: Partial<ParsingRules>;
  /** The parser that reads the words, by the name of its profile; undefined where the script does it itself. */
  readonly parser: string | undefined;
  readonly declared: readonly DeclaredName[] | undefined;
  readonly silent: boolean | undefined;
  readonly arms: ArmsDraft;
  /** The word that could not be followed, such as an option string that is computed. */
  readonly notFollowed: Word | undefined;
}

import type { Verdict } from '../abbreviations/verdict.ts';
import type { ParsingRules } from '../model/parsing-rules.ts';

export type WordRole = 'command' | 'option' | 'option-argument' | 'end-of-options' | 'operand';

/** A part of a word of a command line: a letter of a group, a name, a value; `start` and `end` are offsets in the word. */
export interface WordPart {
  readonly start: number;
  readonly end: number;
  readonly role: WordRole;
  /** The full name of the option, command or operand that it is, or whose argument; null where that is not known. */
  readonly name: string | null;
  /** The name that messages call the option by, of options and their arguments; null for others. */
  readonly option: string | null;
  /** What a name comes to; null for arguments and operands. */
  readonly verdict: Verdict | null;
}

export interface TracedWord {
  readonly index: number;
  readonly text: string;
  readonly parts: readonly WordPart[];
}

export type TraceProblemCode =
  | 'unknown-option'
  | 'ambiguous-option'
  | 'unknown-command'
  | 'ambiguous-command'
  | 'command-missing'
  | 'value-missing'
  | 'value-unexpected'
  | 'value-not-allowed'
  | 'value-ambiguous'
  | 'option-missing'
  | 'option-repeated'
  | 'option-excluded'
  | 'operand-missing'
  | 'too-many-operands'
  | 'not-judged'
  | 'too-many-words';

/** Something wrong with a command line, in the words that its program should find (GNU Coding Standards 4.4). */
export interface TraceProblem {
  readonly code: TraceProblemCode;
  readonly message: string;
  /** The index of the word that it is about; null where a word is lacking. */
  readonly word: number | null;
}

/** An option that a command line gives. */
export interface GivenOption {
  /** The name that the option is called by in messages, or the negated name that was given. */
  readonly name: string;
  /** Its option-arguments; none for a flag, or an optional one that was left out. */
  readonly values: readonly string[];
  readonly word: number;
}

/** A parsing rule that no source says, and what was taken for granted in its place. */
export interface AssumedRule {
  readonly rule: keyof ParsingRules;
  readonly value: unknown;
}

/** How a parser reads a command line. */
export interface Trace {
  /** The path of the command that is called. */
  readonly command: readonly string[];
  readonly words: readonly TracedWord[];
  /** The index of the first operand, those of another program's command line included; null where there is none. */
  readonly firstOperand: number | null;
  readonly options: readonly GivenOption[];
  readonly operands: readonly string[];
  readonly problems: readonly TraceProblem[];
  /** The rules that mattered and are not known, each once. */
  readonly assumed: readonly AssumedRule[];
}

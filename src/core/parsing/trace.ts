import type { Verdict } from '../abbreviations/verdict.ts';
import type { Interface } from '../model/interface.ts';
import type { ParsingRules } from '../model/parsing-rules.ts';

/** What a part of a word is to the parser. */
export type WordRole = 'command' | 'option' | 'option-argument' | 'end-of-options' | 'operand';

/** A part of a word of a command line: a letter of a group, a name, a value; `start` and `end` are offsets in the word. */
export interface WordPart {
  /** The offset in the word at which the part begins, in UTF-16 units. */
  readonly start: number;
  /** The offset behind it. */
  readonly end: number;
  /** What it is. */
  readonly role: WordRole;
  /** The full name of the option, command or operand that it is, or whose argument; null where that is not known. */
  readonly name: string | null;
  /** The name that messages call the option by, of options and their arguments; null for others. */
  readonly option: string | null;
  /** What a name comes to; null for arguments and operands. */
  readonly verdict: Verdict | null;
}

/** One word of a command line, and what its parts are. */
export interface TracedWord {
  /** Which word it is, the first behind the program being 0. */
  readonly index: number;
  /** The word. */
  readonly text: string;
  /** Its parts, in their order: letters that are grouped stand apart, and so does a value joined to its option. */
  readonly parts: readonly WordPart[];
}

/** What is wrong with a command line. */
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
  /** What is wrong, as a stable name. */
  readonly code: TraceProblemCode;
  /** What is wrong, in a sentence without a full stop. */
  readonly message: string;
  /** The index of the word that it is about; null where a word is lacking. */
  readonly word: number | null;
}

/** An option that a command line gives. */
export interface GivenOption {
  /** The name that the option is called by in messages, or the negated name that was given. */
  readonly name: string;
  /** Whether it takes the option back: by a negated name, or as a flag by the value `false`. */
  readonly negated: boolean;
  /** Its option-arguments; none for a flag, or an optional one that was left out. */
  readonly values: readonly string[];
  /** The index of the word that names it. */
  readonly word: number;
}

/** A parsing rule that no source says, and what was taken for granted in its place. */
export interface AssumedRule {
  /** The rule. */
  readonly rule: keyof ParsingRules;
  /** What was assumed. */
  readonly value: unknown;
}

/** How a parser reads a command line. */
export interface Trace {
  /** The path of the command that is called. */
  readonly command: readonly string[];
  /** The parser whose rules it is read by; undefined where that is not known. */
  readonly parser: Interface['parser'];
  /** What shows that it is this parser; none where it is named. */
  readonly parserMarks: Interface['parserMarks'];
  /** The words, each with its parts. */
  readonly words: readonly TracedWord[];
  /** The index of the first operand, those of another program's command line included; null where there is none. */
  readonly firstOperand: number | null;
  /** The options that it gives, in their order. */
  readonly options: readonly GivenOption[];
  /** The operands, in their order. */
  readonly operands: readonly string[];
  /** What is wrong; empty where the program should take it. */
  readonly problems: readonly TraceProblem[];
  /** The rules that mattered and are not known, each once. */
  readonly assumed: readonly AssumedRule[];
}

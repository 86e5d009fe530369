import type { Knowable } from './fact.ts';
import type { Inheritance } from './option.ts';

/** Which ways of joining a value to its option are accepted. */
export interface ValueForms {
  /** `-xVALUE` */
  readonly shortJoined: boolean;
  /** `-x=VALUE`, the equals sign being no part of the value */
  readonly shortEquals: boolean;
  /** `-x VALUE` */
  readonly shortSeparate: boolean;
  /** `--long=VALUE` */
  readonly longEquals: boolean;
  /** `--long VALUE` */
  readonly longSeparate: boolean;
}

/** How the words of a long name are joined: `dry-run`, `dry_run`, `dryRun`. */
export type WordJoint = 'hyphen' | 'underscore' | 'capital';

/** How a parser behaves. Every rule may be unknown; the nearest known one up the tree of commands holds. */
export interface ParsingRules {
  /** Whether a prefix of a long option stands for it (`--verb` for `--verbose`). */
  readonly optionAbbreviations: Knowable<boolean>;
  /** Whether a prefix of a command stands for it. */
  readonly commandAbbreviations: Knowable<boolean>;
  /** Whether each segment of a command name may be shortened (`route:plan` as `r:p`). */
  readonly segmentAbbreviations: Knowable<boolean>;
  /** What parts the segments of a command name, such as `:`. */
  readonly segmentSeparator: Knowable<string>;
  /** Whether a prefix of an allowed value stands for it. */
  readonly valueAbbreviations: Knowable<boolean>;
  /** What happens where several names share a prefix. */
  readonly prefixTie: Knowable<'refused' | 'first-declared'>;
  /** Whether spellings of one option that share a prefix count as a tie. */
  readonly spellingsTie: Knowable<boolean>;
  /** Whether upper and lower case are told apart in names. */
  readonly caseSensitive: Knowable<boolean>;
  /** Whether they are told apart in letters, where that is another matter than in long names. */
  readonly letterCaseSensitive: Knowable<boolean>;
  /** Whether they are told apart in the names of commands, where that is another matter than in those of options. */
  readonly commandCaseSensitive: Knowable<boolean>;
  /** Whether letters may be grouped behind one hyphen (`-ab` for `-a -b`; POSIX Guideline 5). */
  readonly grouping: Knowable<boolean>;
  /** Whether the parser makes a `--no-NAME` for every flag. */
  readonly generatedNegation: Knowable<boolean>;
  /** What stands before a name in such a negated name: `no-`, or `no` in `--noNAME`. */
  readonly negationPrefix: Knowable<string>;
  /** What a flag with a value behind an equals sign comes to (`--verbose=false`); `passed-on` makes an operand of the value. */
  readonly flagValues: Knowable<'refused' | 'true-or-false' | 'ignored' | 'passed-on'>;
  /** What options begin with; `-` and `--` where not known. */
  readonly optionPrefixes: Knowable<readonly string[]>;
  /**
   * Whether long names take the hyphens that they are listed with, or one or two (`getopt_long_only`); or whether one will do where the first letter of
   * the name is no option of its own (`argparse` of fish).
   */
  readonly longHyphens: Knowable<'as-listed' | 'one-or-two' | 'one-where-no-letter'>;
  /** How the words of a long name may be joined, where there is more than one way: `--dry-run`, `--dry_run`, `--dryRun`. */
  readonly wordJoints: Knowable<readonly WordJoint[]>;
  /** What `-sort` means where it is both a long name and a group of letters. */
  readonly singleHyphenWord: Knowable<'long-name' | 'group'>;
  /** Whether the first word may be a group without its hyphen (`xzf`). */
  readonly bundleWithoutHyphen: Knowable<boolean>;
  /** Whether `-NUM` is an option. */
  readonly numberOption: Knowable<boolean>;
  /** Which ways of joining a value to its option are accepted. */
  readonly valueForms: Knowable<ValueForms>;
  /** Whether a word that begins with a hyphen may be an option-argument. */
  readonly hyphenValues: Knowable<boolean>;
  /** Whether a negative number is a value or operand where no option is a digit. */
  readonly negativeNumbers: Knowable<boolean>;
  /** Whether an optional option-argument must be joined to its option, or may be the next word too. */
  readonly optionalValues: Knowable<'joined' | 'joined-or-separate'>;
  /** What happens to an option whose argument is missing: `empty` reads it as given without one. */
  readonly missingArguments: Knowable<'refused' | 'empty'>;
  /** What happens to an option with an argument that is given twice, unless the option itself says so. */
  readonly repeatedOptions: Knowable<'refused' | 'last-wins' | 'first-wins'>;
  /** Whether a flag may be given twice, unless the option itself says so. */
  readonly repeatedFlags: Knowable<boolean>;
  /** Where the options of a command may stand when a subcommand of it is called, unless the option itself says so. */
  readonly optionInheritance: Knowable<Exclude<Inheritance, 'not-inherited'>>;
  /** Where operands may stand among options (POSIX Guideline 9). */
  readonly operandOrder: Knowable<'mixed' | 'first-operand-ends-options' | 'options-before-subcommand'>;
  /** What `--` alone does (POSIX Guideline 10); where it stays, it ends the options and is an operand too; refused, it is an option that there is not. */
  readonly doubleHyphen: Knowable<
    'ends-options' | 'ends-options-and-stays' | 'begins-command-line' | 'ordinary' | 'refused'
  >;
  /** What happens to an option that is not declared. */
  readonly unknownOptions: Knowable<'refused' | 'passed-on' | 'ignored'>;
}

/** Rules of which nothing is known. */
export const UNKNOWN_RULES: ParsingRules = {
  optionAbbreviations: undefined,
  commandAbbreviations: undefined,
  segmentAbbreviations: undefined,
  segmentSeparator: undefined,
  valueAbbreviations: undefined,
  prefixTie: undefined,
  spellingsTie: undefined,
  caseSensitive: undefined,
  letterCaseSensitive: undefined,
  commandCaseSensitive: undefined,
  grouping: undefined,
  generatedNegation: undefined,
  negationPrefix: undefined,
  flagValues: undefined,
  optionPrefixes: undefined,
  longHyphens: undefined,
  wordJoints: undefined,
  singleHyphenWord: undefined,
  bundleWithoutHyphen: undefined,
  numberOption: undefined,
  valueForms: undefined,
  hyphenValues: undefined,
  negativeNumbers: undefined,
  optionalValues: undefined,
  missingArguments: undefined,
  repeatedOptions: undefined,
  repeatedFlags: undefined,
  optionInheritance: undefined,
  operandOrder: undefined,
  doubleHyphen: undefined,
  unknownOptions: undefined,
};

/** The accepted ways of joining a value to its option, as they are typed. */
export function valueFormWords(forms: ValueForms): ('-xV' | '-x=V' | '-x V' | '--x=V' | '--x V')[] {
  return [
    ...(forms.shortJoined ? (['-xV'] as const) : []),
    ...(forms.shortEquals ? (['-x=V'] as const) : []),
    ...(forms.shortSeparate ? (['-x V'] as const) : []),
    ...(forms.longEquals ? (['--x=V'] as const) : []),
    ...(forms.longSeparate ? (['--x V'] as const) : []),
  ];
}

/** The values that rules can have. */
export type RuleValues = { readonly [K in keyof ParsingRules]: NonNullable<ParsingRules[K]>['value'] };

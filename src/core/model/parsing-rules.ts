import type { Knowable } from './fact.ts';

/** Which ways of joining a value to its option are accepted. */
export interface ValueForms {
  /** `-xVALUE` */
  readonly shortJoined: boolean;
  /** `-x VALUE` */
  readonly shortSeparate: boolean;
  /** `--long=VALUE` */
  readonly longEquals: boolean;
  /** `--long VALUE` */
  readonly longSeparate: boolean;
}

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
  /** Whether letters may be grouped behind one hyphen (`-ab` for `-a -b`; POSIX Guideline 5). */
  readonly grouping: Knowable<boolean>;
  /** Whether the parser makes a `--no-NAME` for every flag. */
  readonly generatedNegation: Knowable<boolean>;
  /** What options begin with; `-` and `--` where not known. */
  readonly optionPrefixes: Knowable<readonly string[]>;
  /** Whether long names take the hyphens that they are listed with, or one or two (`getopt_long_only`). */
  readonly longHyphens: Knowable<'as-listed' | 'one-or-two'>;
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
  /** Where operands may stand among options (POSIX Guideline 9). */
  readonly operandOrder: Knowable<'mixed' | 'first-operand-ends-options' | 'options-before-subcommand'>;
  /** What `--` alone does (POSIX Guideline 10). */
  readonly doubleHyphen: Knowable<'ends-options' | 'begins-command-line' | 'ordinary'>;
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
  grouping: undefined,
  generatedNegation: undefined,
  optionPrefixes: undefined,
  longHyphens: undefined,
  singleHyphenWord: undefined,
  bundleWithoutHyphen: undefined,
  numberOption: undefined,
  valueForms: undefined,
  hyphenValues: undefined,
  negativeNumbers: undefined,
  optionalValues: undefined,
  operandOrder: undefined,
  doubleHyphen: undefined,
  unknownOptions: undefined,
};

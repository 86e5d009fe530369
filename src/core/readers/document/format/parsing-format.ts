import { PARSER_NAMES } from '../../../parsers/profile-of.ts';
import { list, mapped, oneOrMore } from '../../../structured/shape/lists.ts';
import { type PlacedRecord, record } from '../../../structured/shape/record.ts';
import { boolean, choice, oneOf, text } from '../../../structured/shape/scalars.ts';
import { described, named } from '../../../structured/shape/shape.ts';

const PARSING_FIELDS = {
  'option-abbreviations': described(boolean, 'Whether unambiguous prefixes of long options are accepted.'),
  'command-abbreviations': described(boolean, 'Whether unambiguous prefixes of commands are accepted.'),
  'segment-abbreviations': described(
    boolean,
    'Whether each segment of a command name may be shortened (route:plan as r:p).',
  ),
  'segment-separator': described(text, 'What parts the segments of a command name.'),
  'value-abbreviations': described(boolean, 'Whether unambiguous prefixes of allowed values are accepted.'),
  'prefix-tie': described(choice('refused', 'first-declared'), 'What a prefix of several names comes to.'),
  'spellings-tie': described(boolean, 'Whether a prefix of several spellings of one option is a tie.'),
  'case-sensitive': described(boolean, 'Whether upper and lower case differ in names.'),
  'letter-case-sensitive': described(
    boolean,
    'Whether upper and lower case differ in letters, if that is not as in long names.',
  ),
  'command-case-sensitive': described(
    boolean,
    'Whether upper and lower case differ in the names of commands, if that is not as in those of options.',
  ),
  grouping: described(boolean, 'Whether letters can be grouped behind one hyphen.'),
  'generated-negation': described(boolean, 'Whether the parser makes a --no-NAME of every flag.'),
  'negation-prefix': described(text, 'What stands before a name in such a negated name: no-, or no.'),
  'flag-values': described(
    choice('refused', 'true-or-false', 'ignored', 'passed-on'),
    'What becomes of a value of a flag, as in --verbose=false.',
  ),
  'option-prefixes': described(list(text), 'What options may begin with, such as -, -- and +.'),
  'long-hyphens': described(
    choice('as-listed', 'one-or-two', 'one-where-no-letter'),
    'Whether long names take the hyphens that they are listed with, or may be written with one or two, or with one where their first letter is no option.',
  ),
  'word-joints': described(
    list(choice('hyphen', 'underscore', 'capital')),
    'All ways in which the words of a long name may be joined: --dry-run, --dry_run, --dryRun.',
  ),
  'single-hyphen-word': described(
    choice('long-name', 'group'),
    'What -sort is where it is both a long name and a group of letters.',
  ),
  'bundle-without-hyphen': described(boolean, 'Whether the first word may be a group without its hyphen.'),
  'number-option': described(boolean, 'Whether -NUM is an option.'),
  'value-forms': described(
    list(choice('-xV', '-x=V', '-x V', '--x=V', '--x V')),
    'All ways in which a value may be joined to its option.',
  ),
  'hyphen-values': described(boolean, 'Whether a word that begins with a hyphen may be an option-argument.'),
  'negative-numbers': described(
    boolean,
    'Whether a negative number is a value or operand where no option is a digit.',
  ),
  'optional-values': described(
    choice('joined', 'joined-or-separate'),
    'Whether an optional option-argument must be joined to its option, or may be the next word too.',
  ),
  'missing-arguments': described(
    choice('refused', 'empty'),
    'What becomes of an option whose argument is missing.',
  ),
  'repeated-flags': described(boolean, 'Whether a flag may be given twice, unless the option says so.'),
  'repeated-options': described(
    choice('refused', 'last-wins', 'first-wins'),
    'What becomes of an option with an argument that is given twice, unless the option says so.',
  ),
  'option-inheritance': described(
    choice('anywhere-below', 'before-subcommand'),
    'Where the options of a command may stand when a subcommand of it is called, unless they say so.',
  ),
  'operand-order': described(
    choice('mixed', 'first-operand-ends-options', 'options-before-subcommand'),
    'Where options can appear among the operands.',
  ),
  'double-hyphen': described(
    choice('ends-options', 'ends-options-and-stays', 'begins-command-line', 'ordinary', 'refused'),
    'What the word -- does.',
  ),
  'unknown-options': described(
    choice('refused', 'passed-on', 'ignored'),
    'What becomes of options that do not exist.',
  ),
};

export type ParsingRecord = PlacedRecord<typeof PARSING_FIELDS>;

/** The parser, by the name of its profile; several where it is one of them. */
export const parser = described(
  mapped(
    oneOrMore(oneOf('the name of a parser that docs/parsers.md lists, such as argparse', PARSER_NAMES)),
    (said) => ({ ...said, value: said.value.map(({ value }) => value) }),
  ),
  'The parser that reads the command lines, by its name in docs/parsers.md: it settles every rule that is not stated. Several if it is one of them.',
);

/** How the parser behaves. */
export const parsing = named('parsing', ['mapping'], 'a mapping of parsing rules', () =>
  described(
    record('a mapping of parsing rules', PARSING_FIELDS),
    'How the parser behaves, in this command and those below it that do not say otherwise. A rule that is left out is not known.',
  ),
);

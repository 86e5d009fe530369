import { either, list, oneOrMore } from '../../../structured/shape/lists.ts';
import { type PlacedRecord, record } from '../../../structured/shape/record.ts';
import { boolean, choice, notation, text } from '../../../structured/shape/scalars.ts';
import { defined, described, named } from '../../../structured/shape/shape.ts';
import { accepted } from './accepted-format.ts';
import { entries } from './entries.ts';
import { factItem } from './fact-item.ts';
import { count, deprecated, help, hidden, WORD_FIELDS, word } from './word-format.ts';

const ARGUMENT_FIELDS = {
  presence: described(choice('optional', 'mandatory'), 'Whether the option-argument may be left out.'),
  words: described(list(word), 'The words of an option-argument of several words, in their order.'),
  count: described(count, 'How often the last word may come.'),
  ...WORD_FIELDS,
};

export type ArgumentRecord = PlacedRecord<typeof ARGUMENT_FIELDS>;

const argumentRecord = defined(
  'argument-mapping',
  record('a mapping that describes an option-argument', ARGUMENT_FIELDS),
);

/** An option-argument: none, unknown, or what is said of it beyond the notation. */
const argument = named('argument', ['text', 'mapping'], "'none', 'unknown', or a mapping", () =>
  described(
    either(choice('none', 'unknown'), argumentRecord),
    'The option-argument: none, unknown, or a mapping with what the notation does not say.',
  ),
);

const NAME_FIELDS = {
  argument: described(
    either(choice('none', 'same'), argumentRecord),
    'What this name takes, where it is not what the option takes: none, same for what the option takes, or a mapping.',
  ),
  form: described(
    choice('short', 'long', 'single-hyphen-long', 'plus'),
    'How the name is written, where its hyphens do not say.',
  ),
};

export type NameRecord = PlacedRecord<typeof NAME_FIELDS>;

const OPTION_FIELDS = {
  help,
  argument,
  names: described(
    entries({
      expected: 'a list of names, or a mapping from name to what it takes',
      one: 'a name',
      fields: NAME_FIELDS,
      short: 'form',
      nameKey: 'name',
    }),
    'Names that the notation cannot show, or that take something else than the option.',
  ),
  negated: described(oneOrMore(notation), 'Names that negate the option, such as --no-colour.'),
  refused: described(
    oneOrMore(factItem(text)),
    'Those of its names that the parser was seen to refuse, though the help shows them.',
  ),
  'hidden-names': described(
    oneOrMore(factItem(text)),
    'Those of its names that the help leaves out, such as the old names of a renamed option.',
  ),
  required: described(boolean, 'Whether it must be given.'),
  key: described(text, 'The variable that holds its value, where it is not named after the option.'),
  'declared-at': described(text, 'Where the source of the program declares it, as `FILE:LINE`.'),
  repetition: described(
    choice('refused', 'last-wins', 'all-count', 'counted'),
    'What happens where it is given more than once.',
  ),
  inheritance: described(
    choice('before-subcommand', 'anywhere-below', 'not-inherited'),
    'Where it can appear on command lines of subcommands.',
  ),
  'applies-to-next-operand': described(
    boolean,
    'Whether it holds for the operand that follows, not for the whole line.',
  ),
  'same-as': described(text, 'Another option that it stands for, with its value: --sort=size.'),
  environment: described(oneOrMore(factItem(text)), 'Environment variables that stand in for it.'),
  heading: described(text, 'The heading that it stands under in help.'),
  hidden,
  deprecated,
  accepted,
  listed: described(boolean, 'Whether the help lists it, if its help text does not show that.'),
};

export type OptionRecord = PlacedRecord<typeof OPTION_FIELDS>;

/** The options of a command. */
export const options = named('options', ['mapping', 'list'], 'a mapping from option to help', () =>
  described(
    entries({
      expected: 'a mapping from option to help',
      one: 'an option',
      fields: OPTION_FIELDS,
      short: 'help',
      nameKey: 'option',
      nameStart: '[-+]',
      nameOptional: true,
    }),
    'The options in synopsis notation, such as `-c, --config=FILE: read settings from FILE`; an option drawn without an option-argument takes none. A key without a hyphen is a heading over options.',
  ),
);

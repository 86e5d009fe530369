import type { Entry } from '../../../structured/shape/collection.ts';
import { either, list, mapped, oneOrMore } from '../../../structured/shape/lists.ts';
import { type AnyRecord, type PlacedRecord, record, type SaidOf } from '../../../structured/shape/record.ts';
import { boolean, choice, notation, text } from '../../../structured/shape/scalars.ts';
import { defined, described, named, type Placed, type Shape } from '../../../structured/shape/shape.ts';
import { accepted } from './accepted-format.ts';
import { entries } from './entries.ts';
import { operands } from './operand-format.ts';
import { options } from './option-format.ts';
import { parsing } from './parsing-format.ts';
import { relations } from './relation-format.ts';
import { deprecated, hidden } from './word-format.ts';

const FORM_FIELDS = {
  text,
  options: list(
    record(
      'a mapping with the key name',
      { name: text, required: boolean, repeated: boolean },
      { required: ['name'] },
    ),
  ),
  operands,
};

export type FormRecord = PlacedRecord<typeof FORM_FIELDS>;

/** A usage line: its text, or a mapping where what it shows cannot be read from the text. */
const form = either(
  mapped(notation, (short) => ({ short, full: undefined })),
  mapped(record('a mapping with the key text', FORM_FIELDS, { required: ['text'] }), (full) => ({
    short: undefined,
    full,
  })),
);

const EXAMPLE_FIELDS = { 'command-line': text, help: text };

const example = either(
  mapped(text, (short) => ({ short, full: undefined })),
  mapped(
    record('a mapping with the key command-line', EXAMPLE_FIELDS, { required: ['command-line'] }),
    (full) => ({
      short: undefined,
      full,
    }),
  ),
);

const isComplete = choice('true', 'false', 'unknown');

const COMPLETE_FIELDS = { options: isComplete, commands: isComplete, operands: isComplete };

export type CompleteRecord = PlacedRecord<typeof COMPLETE_FIELDS>;

/** What can be said of any command but its subcommands. */
const OWN_FIELDS = {
  summary: described(text, 'What the command does, in a few words, as lists of commands show it.'),
  description: described(text, 'What the command does, as its own help tells it.'),
  usage: described(
    defined('forms', oneOrMore(form)),
    'The usage lines in synopsis notation, one for each form.',
  ),
  options,
  operands,
  relations,
  examples: described(list(example), 'Command lines as examples.'),
  'default-command': described(text, 'The subcommand that is meant where none is given.'),
  'plugin-commands': described(boolean, 'Whether further commands come from outside.'),
  parsing,
  hidden,
  deprecated,
  accepted,
  heading: described(text, 'The heading that it stands under in a list of commands.'),
  complete: described(
    either(isComplete, record('a mapping with options, commands and operands', COMPLETE_FIELDS)),
    'Whether the lists of this command, and of those below it that do not say otherwise, hold all there is: true, false or unknown; or a mapping for each of options, commands and operands.',
  ),
  described: described(
    boolean,
    'Whether a source describes the command itself. Needed only where no other key shows it.',
  ),
};

/** What a document says of a command. */
export interface CommandRecord extends AnyRecord {
  readonly said: SaidOf<typeof OWN_FIELDS> & { readonly commands?: Placed<readonly Entry<CommandRecord>[]> };
}

/** What may stand in `inferred` of a command besides its keys: that options drawn without an option-argument take none. */
export const FLAGS = 'flags';

const commands: Shape<Placed<readonly Entry<CommandRecord>[]>> = named(
  'commands',
  ['mapping', 'list'],
  'a mapping from command to summary',
  () =>
    described(
      entries({
        expected: 'a mapping from command to summary',
        one: 'a command',
        fields: COMMAND_FIELDS,
        short: 'summary',
        nameKey: 'command',
        marks: [FLAGS],
      }),
      'The subcommands by name, with aliases behind commas: `list, ls: list the boxes`.',
    ),
);

export const COMMAND_FIELDS = { ...OWN_FIELDS, commands };

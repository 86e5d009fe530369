import { DOUBTFUL_KINDS } from '../../../model/doubtful-parts.ts';
import { SOURCE_KINDS } from '../../../model/interface.ts';
import { DOUBT_REASONS } from '../../../source/doubt.ts';
import { either, list, mapped, oneOrMore } from '../../../structured/shape/lists.ts';
import { type PlacedRecord, record } from '../../../structured/shape/record.ts';
import { choice, number, text } from '../../../structured/shape/scalars.ts';
import { described } from '../../../structured/shape/shape.ts';
import { COMMAND_FIELDS, FLAGS } from './command-format.ts';
import { entries } from './entries.ts';
import { factItem } from './fact-item.ts';
import { parser } from './parsing-format.ts';

/** The version of the format, the value of the key that every document begins with. */
export const FORMAT_VERSION = '1';

const helped = (expected: string, one: string, nameKey: string) =>
  entries({ expected, one, fields: { help: text }, short: 'help', nameKey });

const words = either(
  mapped(list(text), (said) => ({ ...said, value: said.value.map(({ value }) => value) })),
  mapped(text, (said) => ({ ...said, value: said.value.split(/\s+/).filter((word) => word !== '') })),
);

const OBSERVATION_FIELDS = {
  words: described(list(text), 'The words behind the name of the program.'),
  'exit-status': number,
  width: described(number, 'The columns of the terminal that the program was told of.'),
  milliseconds: described(number, 'How long the run took.'),
  'standard-output': text,
  'standard-error': text,
};

const UNSURE_FIELDS = {
  command: described(
    words,
    'The command, by the words behind the program; the program itself where not given.',
  ),
  part: described(
    choice(...DOUBTFUL_KINDS),
    'What of the command: itself as the list above it has it, its synopses, an option, or an operand.',
  ),
  name: described(text, 'The name of the option or operand.'),
  reason: described(choice(...DOUBT_REASONS), 'Why it may have been misread.'),
};

const INTERFACE_FIELDS = {
  dabbawala: described(
    choice(FORMAT_VERSION),
    'The version of this format; it makes the file an interface document.',
  ),
  program: described(text, 'The name of the program.'),
  extends: described(
    text,
    'The program that this one adds options and commands to, where it is an extension.',
  ),
  'read-from': described(
    choice(...SOURCE_KINDS.filter((kind) => kind !== 'document')),
    'What the document was generated from, if it was not written by hand. What such a source leaves open stays open.',
  ),
  version: described(text, 'The version of the program.'),
  invocations: described(
    list(factItem(words)),
    'The words that invoke the program, where they are more than its name.',
  ),
  parser,
  claims: described(
    oneOrMore(factItem(choice('posix', 'gnu'))),
    'The standards that the program claims to follow.',
  ),
  environment: described(
    helped('a mapping from variable to help', 'an environment variable', 'name'),
    'Environment variables that the program reads.',
  ),
  'exit-statuses': described(
    helped('a mapping from status to help', 'an exit status', 'status'),
    'Exit statuses, or ranges such as 1..125, with what they mean.',
  ),
  files: described(
    helped('a mapping from path to help', 'a file', 'path'),
    'Files that the program reads or writes.',
  ),
  'see-also': described(oneOrMore(factItem(text)), 'Other programs and documents.'),
  'bug-address': described(text, 'Where bugs are reported.'),
  observations: described(
    list(record('a mapping with words and what came back', OBSERVATION_FIELDS)),
    'What real runs of the program showed.',
  ),
  unsure: described(
    list(record('a mapping with the keys part and reason', UNSURE_FIELDS, { required: ['part', 'reason'] })),
    'What may have been misread, if the document was generated. Findings about it are notes.',
  ),
  ...COMMAND_FIELDS,
};

export type InterfaceRecord = PlacedRecord<typeof INTERFACE_FIELDS>;

/** A whole interface document. */
export const interfaceDocument = record('a mapping with the keys dabbawala and program', INTERFACE_FIELDS, {
  required: ['dabbawala', 'program'],
  marks: [FLAGS],
});

import { list } from '../../../structured/shape/lists.ts';
import type { PlacedRecord } from '../../../structured/shape/record.ts';
import { choice, text } from '../../../structured/shape/scalars.ts';
import { described, named } from '../../../structured/shape/shape.ts';
import { entries } from './entries.ts';
import { count, WORD_FIELDS } from './word-format.ts';

const OPERAND_FIELDS = {
  help: described(text, 'The help text.'),
  kind: described(
    choice('word', 'keyword', 'expression', 'command-line'),
    'A word of its own, a keyword operand (if=FILE), an expression, or the rest of the line as another command line. A word where not given.',
  ),
  count: described(count, 'How many words there may be: 1, 0..1, 1.. and so on.'),
  vocabulary: described(list(text), 'The words that an expression may hold.'),
  ...WORD_FIELDS,
};

export type OperandRecord = PlacedRecord<typeof OPERAND_FIELDS>;

/** The operands of a command, in their order. */
export const operands = named('operands', ['mapping', 'list'], 'a mapping from operand to help', () =>
  described(
    entries({
      expected: 'a mapping from operand to help',
      one: 'an operand',
      fields: OPERAND_FIELDS,
      short: 'help',
      nameKey: 'operand',
    }),
    'The operands by name, in their order.',
  ),
);

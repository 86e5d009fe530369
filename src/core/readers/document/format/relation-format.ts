import { either, list, mapped } from '../../../structured/shape/lists.ts';
import { type PlacedRecord, record } from '../../../structured/shape/record.ts';
import { notation, text } from '../../../structured/shape/scalars.ts';
import { defined, described, named } from '../../../structured/shape/shape.ts';

const MEMBER_FIELDS = {
  operand: described(text, 'The name of an operand.'),
  option: described(text, 'A name of an option.'),
  value: described(text, 'The option-argument with which the option counts.'),
};

/** A member: an option by a name of it (`--sort`, `--sort=size`), an operand by its name, or a mapping. */
const member = named('member', ['text', 'mapping'], 'the name of an option or operand', () =>
  either(
    mapped(notation, (short) => ({ short, full: undefined })),
    mapped(record('a mapping with the key option or operand', MEMBER_FIELDS), (full) => ({
      short: undefined,
      full,
    })),
  ),
);

const members = list(member);

const RELATION_FIELDS = {
  'exactly-one': described(members, 'One of these must be given, and only one.'),
  'at-most-one': described(members, 'Only one of these may be given.'),
  'at-least-one': described(members, 'One or more of these must be given.'),
  'all-or-none': described(members, 'All of these must be given, or none.'),
  'later-wins': described(members, 'Where several of these are given, the last one counts.'),
  requires: described(members, 'What must be given where the subject is.'),
  excludes: described(members, 'What cannot be given together with the subject.'),
  subject: described(member, 'The option or operand that requires or excludes others.'),
};

export type RelationRecord = PlacedRecord<typeof RELATION_FIELDS>;

/** Rules about which options and operands go together. */
export const relations = defined(
  'relations',
  described(
    list(record('a mapping such as `at-most-one: [--brief, --full]`', RELATION_FIELDS)),
    'Which options and operands go together, such as `exactly-one: [--day, --week]` or `subject: --map` with `requires: [--paper]`.',
  ),
);

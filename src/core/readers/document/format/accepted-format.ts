import { isDay } from '../../../source/day.ts';
import type { PlacedRecord } from '../../../structured/shape/record.ts';
import { pattern, text } from '../../../structured/shape/scalars.ts';
import { described } from '../../../structured/shape/shape.ts';
import { entries } from './entries.ts';

/** A day of the calendar. */
export const day = pattern(
  'a day such as 2027-01-31',
  '([0-9]{4})-([0-9]{2})-([0-9]{2})',
  ([written = '']) => (isDay(written) ? written : undefined),
);

const ACCEPTED_FIELDS = {
  because: described(text, 'Why it is accepted.'),
  until: described(day, 'The last day on which it is accepted.'),
};

export type AcceptedRecord = PlacedRecord<typeof ACCEPTED_FIELDS>;

/** The checks whose findings about a thing are accepted. */
export const accepted = described(
  entries({
    expected: 'a mapping from check to why what it finds is accepted',
    one: 'what is accepted',
    fields: ACCEPTED_FIELDS,
    short: 'because',
    nameKey: 'check',
  }),
  'Checks whose findings about this are accepted, each with why: `names/one-letter-long: known by it for years`.',
);

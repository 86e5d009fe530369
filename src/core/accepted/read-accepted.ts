import type { Problem } from '../source/problem.ts';
import type { Source } from '../source/source.ts';
import { parseDocument } from '../structured/parse-document.ts';
import { reportInto } from '../structured/report-into.ts';
import { list } from '../structured/shape/lists.ts';
import { record } from '../structured/shape/record.ts';
import { choice, pattern, text } from '../structured/shape/scalars.ts';
import { described, readAs } from '../structured/shape/shape.ts';
import type { AcceptedFinding } from './accepted-finding.ts';

/** What was read from a file of accepted findings, and what is wrong with it. */
export interface AcceptedReading {
  /** What it accepts. */
  readonly accepted: readonly AcceptedFinding[];
  /** What is wrong with it, with its places. */
  readonly problems: readonly Problem[];
}

const day = pattern('a day such as 2027-01-31', '([0-9]{4})-([0-9]{2})-([0-9]{2})', ([written = '']) =>
  isDay(written) ? written : undefined,
);

/** Whether a text is a day of the calendar, written as ISO 8601 has it. */
export function isDay(written: string): boolean {
  const [, month = '', date = ''] = /^\d{4}-(\d{2})-(\d{2})$/.exec(written) ?? [];
  const time = new Date(`${written}T00:00:00Z`).getTime();
  // A date beyond the end of its month becomes one of the next.
  return !Number.isNaN(time) && new Date(time).toISOString().slice(5, 10) === `${month}-${date}`;
}

/** A whole file of accepted findings. */
export const acceptedFormat = record(
  'a mapping with the key dabbawala-accepted',
  {
    'dabbawala-accepted': described(choice('1'), 'The version of this format.'),
    findings: described(
      list(
        record(
          'a mapping with at, check, of and because',
          {
            at: described(text, 'The path of the command, such as tiffin box.'),
            check: described(text, 'The check, such as help/option-undescribed.'),
            of: described(text, 'What the finding is about: an option, an operand, a command.'),
            because: described(text, 'Why it is accepted.'),
            until: described(day, 'The last day on which it is accepted.'),
          },
          { required: ['at', 'check', 'of', 'because'], facts: false },
        ),
      ),
      'What is accepted, one thing an item.',
    ),
  },
  { required: ['dabbawala-accepted'], facts: false },
);

/** Reads accepted findings (YAML 1.2 or JSON). Every mistake is a problem with its place; what has none counts all the same. Never throws. */
export function readAccepted(source: Source): AcceptedReading {
  const { root, problems: faults } = parseDocument(source);
  if (root === undefined) return { accepted: [], problems: faults };
  const problems: Problem[] = [];
  const said = readAs(acceptedFormat, root, reportInto(problems, source))?.said;
  const accepted = (said?.findings?.value ?? []).flatMap(({ said: one, place }): AcceptedFinding[] => {
    const { at, check, of, because, until } = one;
    if (at === undefined || check === undefined || of === undefined || because === undefined) return [];
    return [
      {
        at: at.value,
        check: check.value,
        of: of.value,
        because: because.value,
        until: until?.value,
        place,
      },
    ];
  });
  return { accepted, problems };
}

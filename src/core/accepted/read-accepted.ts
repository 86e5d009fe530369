import { day } from '../readers/document/format/accepted-format.ts';
import type { Problem } from '../source/problem.ts';
import type { Source } from '../source/source.ts';
import { parseDocument } from '../structured/parse-document.ts';
import { reportInto } from '../structured/report-into.ts';
import { list } from '../structured/shape/lists.ts';
import { record } from '../structured/shape/record.ts';
import { choice, text } from '../structured/shape/scalars.ts';
import { described, readAs } from '../structured/shape/shape.ts';
import type { AcceptedFinding } from './accepted-finding.ts';

/** What was read from a file of accepted findings, and what is wrong with it. */
export interface AcceptedReading {
  /** What it accepts. */
  readonly accepted: readonly AcceptedFinding[];
  /** What is wrong with it, with its places. */
  readonly problems: readonly Problem[];
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

import type { CallChange, ChangedCall } from '../callers/changed-calls.ts';
import { countOf } from '../messages/wording.ts';
import { LineIndexes } from '../source/line-index.ts';
import type { ComparedCallers } from './comparison-words.ts';
import { type Saying, sayingsText } from './sayings-text.ts';
import { styled, type TextOptions } from './text-style.ts';

/** The callers that a new version breaks or silently changes, with their lines, silent changes first; and how many it leaves alone. */
export function changedCallsText({ found, changed }: ComparedCallers, options: TextOptions): string[] {
  const total = found.invocations.length;
  const head = `Callers: ${changed.length} of ${countOf(total, 'call')} in ${countOf(found.looked, 'file')} will break`;
  return [
    `${styled(head, ['bold'], options)}\n`,
    ...sayingsText(changed.flatMap(sayings), new LineIndexes(), options),
  ];
}

const LEVELS = { 'other-meaning': 'error', refused: 'warning' } as const satisfies Record<
  CallChange['effect'],
  string
>;

function sayings({ invocation: { command }, changes }: ChangedCall): Saying[] {
  return changes.map(({ effect, message, place }) => ({
    level: LEVELS[effect],
    message: effect === 'other-meaning' ? `nobody is told: ${message}` : message,
    place,
    command,
  }));
}

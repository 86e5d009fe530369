import type { CallChange, ChangedCall, ComparedCallers } from '../callers/changed-calls.ts';
import { LineIndexes } from '../source/line-index.ts';
import { callersTitle } from './comparison-words.ts';
import { type Saying, sayingsText } from './sayings-text.ts';
import { styled, type TextOptions } from './text-style.ts';

/** The callers that a new version breaks or silently changes, with their lines, silent changes first; and how many it leaves alone. */
export function changedCallsText({ found, changed }: ComparedCallers, options: TextOptions): string[] {
  return [
    `${styled(callersTitle({ found, changed }), ['bold'], options)}\n`,
    ...sayingsText(changed.flatMap(sayings), new LineIndexes(), options),
  ];
}

const LEVELS = { 'other-meaning': 'error', refused: 'warning' } as const satisfies Record<
  CallChange['effect'],
  string
>;

function sayings({ invocation: { command }, changes }: ChangedCall): Saying[] {
  return changes.map(({ effect, message, place, instead }) => ({
    level: LEVELS[effect],
    message: `${effect === 'other-meaning' ? 'nobody is told: ' : ''}${message}${instead === undefined ? '' : `; write '${instead}'`}`,
    place,
    command,
  }));
}

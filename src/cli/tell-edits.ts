import { LineIndexes, placeText } from 'dabbawala';
import type { CallEdits, ChangedCall } from 'dabbawala/analysis';
import type { Io } from './io.ts';
import { reportError } from './report-problem.ts';

/** Tells which names stay, with their places. */
export function tellLeft({ left }: CallEdits, io: Io): void {
  const indexes = new LineIndexes();
  for (const { text, name, place } of left)
    reportError(
      `${placeText(place, indexes)}'${text}' stays, for it stands there by quotes, escapes or a variable; write '${name}' by hand`,
      io,
    );
}

/** Tells which changes no name fixes, with their places. */
export function tellUnfixed(changed: readonly ChangedCall[], io: Io): void {
  const indexes = new LineIndexes();
  for (const { message, place, instead } of changed.flatMap(({ changes }) => changes))
    if (instead === undefined)
      reportError(`${placeText(place, indexes)}${message}; no other name fixes it, so see to it by hand`, io);
}

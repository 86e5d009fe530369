import { LineIndexes, placeText } from 'dabbawala';
import { type CallEdits, type ChangedCall, editedText, editsByFile } from 'dabbawala/analysis';
import { rewriteFile, systemReason } from 'dabbawala/node';
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

/** Tells which changes no name mends, with their places. */
export function tellUnmended(changed: readonly ChangedCall[], io: Io): void {
  const indexes = new LineIndexes();
  for (const { message, place, instead } of changed.flatMap(({ changes }) => changes))
    if (instead === undefined)
      reportError(`${placeText(place, indexes)}${message}; no other name mends it, so see to it by hand`, io);
}

/** Makes edits of calls, file by file; tells whether all files could be written. */
export async function rewriteCalls({ edits }: CallEdits, io: Io): Promise<boolean> {
  let isWritten = true;
  for (const file of editsByFile(edits)) {
    const { name, text } = file.source;
    const reason = await rewriteFile(name, text, editedText(file)).then(
      (ended) =>
        ended === 'written' ? undefined : 'it changed meanwhile, or is not UTF-8, and is left alone',
      (error: unknown) => `cannot be written: ${systemReason(error)}`,
    );
    if (reason === undefined) continue;
    reportError(`${name}: ${reason}`, io);
    isWritten = false;
  }
  return isWritten;
}

import { LineIndexes, placeText } from 'dabbawala';
import { editedText, editsByFile, type Invocation, namesInFull } from 'dabbawala/analysis';
import { rewriteFile, systemReason } from 'dabbawala/node';
import type { Io } from './io.ts';
import { reportError } from './report-problem.ts';

/** Writes the names in full that calls abbreviate, file by file; tells what could not be done, and whether all files could be written. */
export async function rewriteCalls(invocations: readonly Invocation[], io: Io): Promise<boolean> {
  const { edits, left } = namesInFull(invocations);
  const indexes = new LineIndexes();
  for (const { text, name, place } of left)
    reportError(
      `${placeText(place, indexes)}'${text}' stays, for it stands there by quotes, escapes or a variable; write '${name}' by hand`,
      io,
    );
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

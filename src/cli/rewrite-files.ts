import { editedText, editsByFile, type TextEdit } from 'dabbawala/analysis';
import { rewriteFile, systemReason } from 'dabbawala/node';
import type { Io } from './io.ts';
import { reportError } from './report-problem.ts';

/** Makes edits, file by file; tells whether all files could be written. */
export async function rewriteFiles(edits: readonly TextEdit[], io: Io): Promise<boolean> {
  let isWritten = true;
  for (const file of editsByFile(edits)) {
    const { name, text } = file.source;
    if (name === '-') {
      reportError(`${name}: standard input cannot be rewritten; name a file, or apply --format=patch`, io);
      isWritten = false;
      continue;
    }
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

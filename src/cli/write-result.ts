import { systemReason, writeTextFile } from 'dabbawala/node';
import type { Io } from './io.ts';
import { reportError } from './report-problem.ts';

/** Writes a text to a file, or to standard output where none is named; tells whether it could. */
export async function writeResult(text: string, output: string | undefined, io: Io): Promise<boolean> {
  if (output === undefined) {
    io.write(text);
    return true;
  }
  try {
    await writeTextFile(output, text);
    return true;
  } catch (error) {
    reportError(`${output}: cannot be written: ${systemReason(error)}`, io);
    return false;
  }
}

import { CommanderError } from 'commander';
import { DONE, UNUSABLE } from './exit-status.ts';
import type { Io } from './io.ts';
import { makeProgram } from './program.ts';

/** Runs the command with the words behind its name; gives its exit status. */
export async function main(words: readonly string[], io: Io): Promise<number> {
  let status = DONE;
  const program = makeProgram(io, (result) => {
    status = result;
  });
  try {
    if (words.length === 0) program.error('expected a command');
    await program.parseAsync(words, { from: 'user' });
  } catch (error) {
    if (!(error instanceof CommanderError)) throw error;
    return error.exitCode === 0 ? DONE : UNUSABLE;
  }
  return status;
}

import { type Command, CommanderError } from 'commander';
import { DONE, UNUSABLE } from './exit-status.ts';
import type { Io } from './io.ts';
import { makeProgram } from './program.ts';

/** Runs the command with the words behind its name; gives its exit status. */
export async function main(words: readonly string[], io: Io): Promise<number> {
  let status = DONE;
  let refused: { message: string; command: Command } | undefined;
  const program = makeProgram(
    io,
    (result) => {
      status = result;
    },
    (message, command) => {
      refused = { message, command };
    },
  );
  try {
    if (words.length === 0) program.error('expected a command');
    await program.parseAsync(words, { from: 'user' });
  } catch (error) {
    // What only errors need is loaded when there is one.
    if (!(error instanceof CommanderError)) {
      const { reportOwnCheckMistake } = await import('./own-check-mistake.ts');
      if (reportOwnCheckMistake(error, io)) return UNUSABLE;
      throw error;
    }
    if (error.exitCode === 0) return DONE;
    if (refused !== undefined) {
      const { usageError } = await import('./usage-error.ts');
      io.writeError(usageError(refused.message, refused.command));
    }
    return UNUSABLE;
  }
  return status;
}

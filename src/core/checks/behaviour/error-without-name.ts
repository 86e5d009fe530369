import { errorMessage, firstLine } from '../../observations/observed-runs.ts';
import { observedCheck } from '../observed-check.ts';

/** A finding for each run that was refused with a message that does not name the program first. */
export const errorWithoutName = observedCheck({
  name: 'behaviour/error-without-name',
  level: 'note',
  title: 'A usage error does not begin with the name of the program',
  why: 'In the log of a script that runs ten programs, nobody can tell which one failed.',
  standard: 'GNU Coding Standards 4.4',
  kinds: ['unknown-option'],
  departs: (run) => {
    const message = errorMessage(run);
    const text = message.text.trim();
    const name = run.at.path[0] ?? '';
    const isRefused = run.observation.exitStatus !== 0 && text !== '';
    // The path under which the program was called is its name too.
    const called = text.replace(/^(?:[^\s:]*\/)(?=[^\s/])/, '');
    return isRefused && !text.startsWith(name) && !called.startsWith(name)
      ? { place: firstLine(message) }
      : undefined;
  },
  message: (line) => `the error of '${line}' does not begin with the name of the program`,
  fix: 'start messages with the name of the program and a colon',
  examples: {
    wrong: { words: '--no-such-option', status: 2, error: "error: unknown option; try 'tiffin --help'\n" },
    right: { words: '--no-such-option', status: 2, error: "tiffin: unknown option; try 'tiffin --help'\n" },
    nearMiss: { words: '--no-such-option', status: 2 },
  },
});

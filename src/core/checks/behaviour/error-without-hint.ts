import { errorMessage, firstLine } from '../../observations/observed-runs.ts';
import { observedCheck } from '../observed-check.ts';

/** A finding for each run that was refused with a message that names neither help nor usage. */
export const errorWithoutHint = observedCheck({
  name: 'behaviour/error-without-hint',
  level: 'note',
  title: 'A usage error does not point to the help',
  why: 'After mistyping an option, people need the list of options.',
  standard: 'practice',
  kinds: ['unknown-option'],
  departs: (run) => {
    const message = errorMessage(run);
    const isRefused = run.observation.exitStatus !== 0 && message.text.trim() !== '';
    return isRefused && !/\bhelp\b|\busage\b|(?:^|\s)['"`]?-h\b/i.test(message.text)
      ? { place: firstLine(message) }
      : undefined;
  },
  message: (line) => `the error of '${line}' does not point to the help`,
  fix: 'end usage errors with a hint such as: try NAME --help',
  examples: {
    wrong: { words: '--no-such-option', status: 2, error: 'tiffin: unknown option\n' },
    right: { words: '--no-such-option', status: 2, error: "tiffin: unknown option; try 'tiffin --help'\n" },
    nearMiss: { words: '--no-such-option', status: 2, error: 'tiffin: unknown option\nUsage: tiffin [-q]\n' },
  },
});

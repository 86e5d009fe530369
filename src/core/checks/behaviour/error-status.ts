import { firstLine } from '../../observations/observed-runs.ts';
import { observedCheck } from '../observed-check.ts';

/** A finding for each run that was refused with a message and status 0. */
export const errorStatus = observedCheck({
  name: 'behaviour/error-status',
  level: 'error',
  title: 'A usage error ends with status 0',
  why: 'Scripts go on as if all were well, and the next step works with what is not there.',
  standard: 'practice',
  kinds: ['unknown-option'],
  departs: ({ observation: { exitStatus, standardError } }) =>
    exitStatus === 0 && standardError.text.trim() !== '' ? { place: firstLine(standardError) } : undefined,
  message: (line) => `'${line}' is refused, and ends with status 0`,
  fix: 'end with a status other than 0 after a usage error, 2 by custom',
  examples: {
    wrong: { words: '--no-such-option', status: 0, error: "tiffin: unknown option; try 'tiffin --help'\n" },
    right: { words: '--no-such-option', status: 2, error: "tiffin: unknown option; try 'tiffin --help'\n" },
    nearMiss: { words: '--help', status: 0, output: 'Usage: tiffin [-q]\n', error: 'tiffin: no settings\n' },
  },
});

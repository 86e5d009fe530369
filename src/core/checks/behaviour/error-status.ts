import { firstLine } from '../../observations/observed-runs.ts';
import { observedCheck } from '../observed-check.ts';

/** A finding for each run that was refused with a message and status 0. */
export const errorStatus = observedCheck({
  name: 'behaviour/error-status',
  level: 'error',
  title: 'A usage error ends with status 0',
  why: 'Scripts go on as if nothing had happened, and the next step works with missing results.',
  standard: 'practice',
  kinds: ['unknown-option'],
  departs: ({ observation: { exitStatus, standardError } }) =>
    exitStatus === 0 && standardError.text.trim() !== '' ? { place: firstLine(standardError) } : undefined,
  message: (line) => `'${line}' is refused, but exits with status 0`,
  fix: 'exit with a status other than 0 after a usage error, usually 2',
  examples: {
    wrong: { words: '--no-such-option', status: 0, error: "tiffin: unknown option; try 'tiffin --help'\n" },
    right: { words: '--no-such-option', status: 2, error: "tiffin: unknown option; try 'tiffin --help'\n" },
    nearMiss: { words: '--help', status: 0, output: 'Usage: tiffin [-q]\n', error: 'tiffin: no settings\n' },
  },
});

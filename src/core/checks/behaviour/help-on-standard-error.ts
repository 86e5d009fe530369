import { firstLine } from '../../observations/observed-runs.ts';
import { observedCheck } from '../observed-check.ts';

/** A finding for each run for help that printed nothing to standard output. */
export const helpOnStandardError = observedCheck({
  name: 'behaviour/help-on-standard-error',
  level: 'warning',
  title: 'Requested help goes to standard error',
  why: 'It cannot be searched or paged without redirection, and it mixes with the errors of a script.',
  standard: 'GNU Coding Standards 4.8.2',
  kinds: ['help'],
  departs: ({ observation: { standardOutput, standardError } }) =>
    standardOutput.text.trim() === '' && standardError.text.trim() !== ''
      ? { place: firstLine(standardError) }
      : undefined,
  message: (line) => `'${line}' prints its help to standard error`,
  fix: 'print requested help to standard output',
  examples: {
    wrong: { words: '--help', status: 0, error: 'Usage: tiffin [-q]\n' },
    right: { words: '--help', status: 0, output: 'Usage: tiffin [-q]\n' },
    nearMiss: { words: '--help', status: 0, output: 'Usage: tiffin [-q]\n', error: 'tiffin: no settings\n' },
  },
});

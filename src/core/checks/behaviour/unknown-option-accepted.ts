import { firstLine } from '../../observations/observed-runs.ts';
import { observedCheck } from '../observed-check.ts';

/** A finding for each run with an option that does not exist that ends well and says nothing. */
export const unknownOptionAccepted = observedCheck({
  name: 'behaviour/unknown-option-accepted',
  level: 'error',
  title: 'An option that does not exist is accepted',
  why: 'A misspelled option is silently ignored: a dry run that is not one.',
  standard: 'POSIX XBD 12.2, Guideline 3',
  kinds: ['unknown-option'],
  departs: ({ observation: { exitStatus, standardOutput, standardError } }) =>
    exitStatus === 0 && standardError.text.trim() === '' ? { place: firstLine(standardOutput) } : undefined,
  message: (line) => `'${line}' is accepted, although no such option exists`,
  fix: 'refuse options that do not exist, with an error and a status other than 0',
  examples: {
    wrong: { words: '--no-such-option', status: 0, output: 'three boxes\n' },
    right: { words: '--no-such-option', status: 2, error: "tiffin: unknown option; try 'tiffin --help'\n" },
    nearMiss: {
      words: '--no-such-option',
      status: 0,
      error: "tiffin: unknown option; try 'tiffin --help'\n",
    },
  },
});

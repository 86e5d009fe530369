import { firstLine } from '../../observations/observed-runs.ts';
import { observedCheck } from '../observed-check.ts';

/** A finding for each run for help or the version that failed; a note where it was asked for by a letter. */
export const helpFails = observedCheck({
  name: 'behaviour/help-fails',
  level: 'warning',
  title: 'Requested help, or the version, ends with a status other than 0',
  why: 'A script that checks for a program by asking for its help concludes that it is broken.',
  standard: 'GNU Coding Standards 4.8.2',
  kinds: ['help', 'short-help', 'version'],
  departs: ({ observation }) =>
    observation.exitStatus === undefined || observation.exitStatus === 0
      ? undefined
      : { place: firstLine(observation.standardOutput) ?? firstLine(observation.standardError) },
  message: (line) => `'${line}' exits with a status other than 0`,
  fix: 'exit with status 0 when help or the version was requested',
  examples: {
    wrong: { words: '--help', status: 1, output: 'Usage: tiffin [-q]\n' },
    right: { words: '--help', status: 0, output: 'Usage: tiffin [-q]\n' },
    nearMiss: { words: '--hlep', status: 2, error: "tiffin: unknown option '--hlep'; try 'tiffin --help'\n" },
  },
});

import { firstLine } from '../../observations/observed-runs.ts';
import { observedCheck } from '../observed-check.ts';

/** A finding for each run for help that failed; a note where it was asked for by a letter. */
export const helpFails = observedCheck({
  name: 'behaviour/help-fails',
  level: 'warning',
  title: 'Help that was asked for ends with a status other than 0',
  why: 'A script that asks whether a program is there, by asking for its help, takes it for broken.',
  standard: 'GNU Coding Standards 4.8.2',
  kinds: ['help', 'short-help'],
  departs: ({ observation }) =>
    observation.exitStatus === undefined || observation.exitStatus === 0
      ? undefined
      : { place: firstLine(observation.standardOutput) ?? firstLine(observation.standardError) },
  message: (line) => `'${line}' ends with a status other than 0`,
  fix: 'end with status 0 where help was asked for',
  examples: {
    wrong: { words: '--help', status: 1, output: 'Usage: tiffin [-q]\n' },
    right: { words: '--help', status: 0, output: 'Usage: tiffin [-q]\n' },
    nearMiss: { words: '--hlep', status: 2, error: "tiffin: unknown option '--hlep'; try 'tiffin --help'\n" },
  },
});

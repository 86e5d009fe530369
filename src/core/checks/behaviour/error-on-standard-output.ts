import { firstLine } from '../../observations/observed-runs.ts';
import { observedCheck } from '../observed-check.ts';

/** A finding for each run that was refused with a message on standard output alone. */
export const errorOnStandardOutput = observedCheck({
  name: 'behaviour/error-on-standard-output',
  level: 'note',
  title: 'A usage error is written to standard output',
  why: 'Programs that read the output take the message for data.',
  standard: 'GNU Coding Standards 4.4',
  kinds: ['unknown-option'],
  departs: ({ observation: { exitStatus, standardOutput, standardError } }) =>
    exitStatus !== 0 && standardError.text.trim() === '' && standardOutput.text.trim() !== ''
      ? { place: firstLine(standardOutput) }
      : undefined,
  message: (line) => `'${line}' writes its error to standard output`,
  fix: 'write errors to standard error',
  examples: {
    wrong: { words: '--no-such-option', status: 2, output: "tiffin: unknown option; try 'tiffin --help'\n" },
    right: { words: '--no-such-option', status: 2, error: "tiffin: unknown option; try 'tiffin --help'\n" },
    nearMiss: {
      words: '--no-such-option',
      status: 2,
      output: 'Usage: tiffin\n',
      error: "tiffin: unknown option; try 'tiffin --help'\n",
    },
  },
});

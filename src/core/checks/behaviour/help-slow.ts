import { firstLine } from '../../observations/observed-runs.ts';
import { observedCheck } from '../observed-check.ts';

/** A finding for each run for help that took longer than half a second. */
export const helpSlow = observedCheck({
  name: 'behaviour/help-slow',
  level: 'note',
  title: 'Help takes longer than half a second',
  why: 'People ask for help again and again while they write one command line, and completion may ask for it too.',
  standard: 'practice',
  kinds: ['help'],
  departs: ({ observation: { milliseconds, standardOutput } }) =>
    milliseconds !== undefined && milliseconds > 500 ? { place: firstLine(standardOutput) } : undefined,
  message: (line) => `'${line}' took longer than half a second`,
  fix: 'load what only the actual work needs after the options are parsed',
  examples: {
    wrong: { words: '--help', status: 0, output: 'Usage: tiffin [-q]\n', milliseconds: 900 },
    right: { words: '--help', status: 0, output: 'Usage: tiffin [-q]\n', milliseconds: 90 },
    nearMiss: { words: '--version', status: 0, output: 'tiffin 1.4\n', milliseconds: 900 },
  },
});

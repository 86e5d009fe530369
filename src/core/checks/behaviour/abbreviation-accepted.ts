import { acceptsAbbreviations, firstLine } from '../../observations/observed-runs.ts';
import { observedCheck } from '../observed-check.ts';

/** A finding for each run with an abbreviation that was accepted, where the interface says nothing of it or denies it. */
export const abbreviationAccepted = observedCheck({
  name: 'behaviour/abbreviation-accepted',
  level: 'note',
  title: 'The parser accepts abbreviations, and the interface does not say so',
  why: 'Callers will use them, and every new option can break them or change what they mean.',
  standard: 'GNU conventions, abbreviations of long options',
  kinds: ['abbreviation'],
  departs: (run) =>
    run.observation.exitStatus === 0 && !acceptsAbbreviations(run)
      ? { place: firstLine(run.observation.standardOutput) }
      : undefined,
  message: (line) => `'${line}' is accepted as an abbreviation`,
  fix: 'say that abbreviations are accepted, or refuse them',
  examples: {
    wrong: { words: '--hel', status: 0, output: 'Usage: tiffin [-q]\n' },
    right: { words: '--hel', status: 2, error: "tiffin: unknown option; try 'tiffin --help'\n" },
    nearMiss: {
      words: '--hel',
      status: 0,
      output: 'Usage: tiffin [-q]\n',
      parsing: 'option-abbreviations: true',
    },
  },
});

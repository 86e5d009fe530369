import { observedCheck } from '../observed-check.ts';

/** A finding for each run whose output has escapes. */
export const escapesWithoutTerminal = observedCheck({
  name: 'behaviour/escapes-without-terminal',
  level: 'warning',
  title: 'Output contains terminal escapes although there is no terminal',
  why: 'Files and pipes get codes that no program expects, and searches miss words that are split by them.',
  standard: 'practice',
  kinds: ['help', 'short-help', 'version', 'unknown-option', 'abbreviation'],
  departs: ({ observation: { standardOutput, standardError } }) => {
    for (const source of [standardOutput, standardError]) {
      const start = source.text.indexOf('\x1b[');
      if (start >= 0) return { place: { source, start, end: start + 2 } };
    }
    return undefined;
  },
  message: (line) => `the output of '${line}' contains terminal escapes, although there was no terminal`,
  fix: 'write escapes only when the output is a terminal',
  examples: {
    wrong: { words: '--help', status: 0, output: '\x1b[1mUsage:\x1b[0m tiffin [-q]\n' },
    right: { words: '--help', status: 0, output: 'Usage: tiffin [-q]\n' },
    nearMiss: { words: '--help', status: 0, output: 'Usage: tiffin [1mbox]\n' },
  },
});

import { loopCheck } from '../loop-check.ts';

const LOOP =
  'read_options() {\n  LOCAL\n  while getopts a letter; do\n    case $letter in\n      a) all=1 ;;\n      *) exit 2 ;;\n    esac\n  done\n}\n';

/** One finding for each loop over `getopts` that is run again without a new beginning. */
export const parsedTwice = loopCheck({
  name: 'script/parsed-twice',
  level: 'warning',
  title: 'Options are read a second time without a new beginning',
  why: "'getopts' goes on where it stopped the first time: the second loop passes over as many words as the first one read.",
  standard: 'POSIX getopts',
  examples: {
    wrong: `#!/bin/sh\n${LOOP.replace('  LOCAL\n', '')}read_options "$@"\nread_options -a\n`,
    right: `#!/bin/sh\n${LOOP.replace('LOCAL', 'OPTIND=1')}read_options "$@"\nread_options -a\n`,
    nearMiss: `#!/bin/sh\n${LOOP.replace('  LOCAL\n', '')}read_options "$@"\nOPTIND=1\nread_options -a\n`,
  },
  faults: ({ kind, readAgain }) =>
    kind !== 'getopts'
      ? undefined
      : readAgain === null
        ? []
        : [
            {
              data: {},
              place: readAgain.place,
              related: [{ place: readAgain.first, note: 'options are read here first' }],
            },
          ],
  message: (_data: Record<string, never>) => "options are read again, and 'OPTIND' was not put back",
  fix: () => "set 'OPTIND=1' before the second time, or make it a local variable of the function",
});

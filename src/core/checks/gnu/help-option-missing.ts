import { standardOption } from '../../conformance/gnu/standard-option.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** There is no option --help, as a finding of its row in the table. */
export const helpOptionMissing = conformanceCheck(standardOption('--help', '4.8.2'), {
  name: 'gnu/help-option-missing',
  title: 'There is no option --help',
  why: 'It is the one option that everyone tries on every program, and that tools use to ask for help.',
  needs: ['a complete list of options'],
  examples: {
    wrong: 'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  -h: print help\n  --map: draw a map\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  -h, --help: print help\n  --map: draw a map\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  -h     print help\n  --map  draw a map\n',
  },
  fix: "declare '--help', which prints the help to standard output and exits with 0",
});

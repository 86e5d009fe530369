import { standardOption } from '../../conformance/gnu/standard-option.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** There is no option --version, as a finding of its row in the table. */
export const versionOptionMissing = conformanceCheck(standardOption('--version', '4.8.1'), {
  name: 'gnu/version-option-missing',
  title: 'There is no option --version',
  why: 'Bug reports cannot state the version, and scripts cannot tell what the program supports.',
  needs: ['a complete list of options'],
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  -h, --help: print help\n  --map: draw a map\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  -h, --help: print help\n  --version: print the version\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  -h, --help  print help\n  --map       draw a map\n',
  },
  fix: "declare '--version', which prints the name and version and exits with 0",
});

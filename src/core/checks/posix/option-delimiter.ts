import { guideline4 } from '../../conformance/posix/guideline-04.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** An option does not begin with a hyphen, as a finding of its row in the table. */
export const optionDelimiter = conformanceCheck(guideline4, {
  name: 'posix/option-delimiter',
  title: 'An option does not begin with a hyphen',
  why: 'Such a word looks like an operand, to readers and to every tool that reads command lines.',
  needs: ['the options'],
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  +q  say more\n  -q  say nothing\n',
    right: 'Usage: tiffin [OPTION]...\n\n  -v  say more\n  -q  say nothing\n',
    nearMiss: 'Usage: tiffin [OPTION]... [+DAYS]\n\n  -v  say more\n  -q  say nothing\n',
  },
  fix: "start all options with '-'",
});

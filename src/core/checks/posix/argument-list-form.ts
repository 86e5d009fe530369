import { guideline8 } from '../../conformance/posix/guideline-08.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** An option takes several words, as a finding of its row in the table. */
export const argumentListForm = conformanceCheck(guideline8, {
  name: 'posix/argument-list-form',
  title: 'An option takes several words',
  why: 'Where the values end and the operands begin depends on how many there are. One word with commas has a clear end.',
  needs: ['the options that take several values'],
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  -m FROM TO  move a box\n  -q          say nothing\n',
    right: 'Usage: tiffin [OPTION]...\n\n  -m FROM,TO  move a box\n  -q          say nothing\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  -s DAY,...  leave out days\n  -q          say nothing\n',
  },
  fix: 'accept the values as one comma-separated word',
});

import { guideline1 } from '../../conformance/posix/guideline-01.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** The name of the program is too long or too short, as a finding of its row in the table. */
export const nameLength = conformanceCheck(guideline1, {
  name: 'posix/name-length',
  title: 'The name of the program is too long or too short',
  why: 'Names of up to nine characters are portable. A name of one character is almost certainly taken.',
  needs: ['the name of the program'],
  examples: {
    wrong: 'dabbawala: 1\nprogram: lunchboxcounter\nclaims: [posix]\noptions: {-q: say nothing}\n',
    right: 'dabbawala: 1\nprogram: tiffin\nclaims: [posix]\noptions: {-q: say nothing}\n',
    nearMiss: 'Usage: lunchboxcounter [-q]\n\n  -q  say nothing\n',
  },
  level: 'warning',
  exempts: () => true,
  fix: 'choose a name of two to nine characters',
});

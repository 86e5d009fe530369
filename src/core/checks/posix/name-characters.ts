import { guideline2 } from '../../conformance/posix/guideline-02.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** The name of the program has characters other than lower-case letters and digits, as a finding of its row in the table. */
export const nameCharacters = conformanceCheck(guideline2, {
  name: 'posix/name-characters',
  title: 'The name of the program has characters other than lower-case letters and digits',
  why: 'Capitals, underscores and hyphens are harder to type, and file systems do not agree on case.',
  needs: ['the name of the program'],
  examples: {
    wrong: 'Usage: Tiffin [-q]\n\n  -q  say nothing\n',
    right: 'Usage: tiffin [-q]\n\n  -q  say nothing\n',
    nearMiss: 'Usage: tiffin-map [-q]\n\n  -q  say nothing\n',
  },
  // A hyphen or a full stop is a custom of many systems, and capitals are none.
  exempts: ({ interface: { program } }) => !/\p{Lu}/u.test(program.value),
  fix: 'use only lower-case letters and digits',
});

import { guideline6, takingLetters } from '../../conformance/posix/guideline-06.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** An option-argument must be joined to its option, as a finding of its row in the table. */
export const argumentJoined = conformanceCheck(guideline6, {
  name: 'posix/argument-joined',
  title: 'An option-argument must be joined to its option',
  why: 'Scripts write the two as separate words, as other programs accept them. Here the value is taken for an operand.',
  needs: ['the options that take a value'],
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  -oFILE  write to FILE\n  -d DAY  the day\n',
    right: 'Usage: tiffin [OPTION]...\n\n  -o FILE  write to FILE\n  -d DAY   the day\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  -oFILE  write to FILE\n  -dDAY   the day\n',
  },
  // Where all are joined, it is the custom of the program.
  exempts: (view) => guideline6.judge(view).instances.length === takingLetters(view).length,
  fix: 'accept the value as a separate word too, and show it that way',
});

import { guideline6 } from '../../conformance/posix/guideline-06.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** An option-argument must be joined to its option, as a finding of its row in the table. */
export const argumentJoined = conformanceCheck(guideline6, {
  name: 'posix/argument-joined',
  title: 'An option-argument must be joined to its option',
  why: 'Scripts write the two as separate words, as other programs accept them. Here the value is taken for an operand.',
  needs: ['the options that take a value'],
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  -oFILE  write to FILE\n  -q      say nothing\n',
    right: 'Usage: tiffin [OPTION]...\n\n  -o FILE  write to FILE\n  -q       say nothing\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  -o, --out=FILE  write to FILE\n  -q              say nothing\n',
  },
  fix: 'accept the value as a separate word too, and show it that way',
});

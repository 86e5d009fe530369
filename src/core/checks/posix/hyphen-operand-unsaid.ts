import { guideline13 } from '../../conformance/posix/guideline-13.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** Nothing says what a hyphen as operand means, as a finding of its row in the table. */
export const hyphenOperandUnsaid = conformanceCheck(guideline13, {
  name: 'posix/hyphen-operand-unsaid',
  title: "Nothing says what the operand '-' means",
  why: "In a pipe, '-' puts standard input between other files. If the help does not say whether that works, people write a temporary file.",
  needs: ['the operands, and texts that speak of standard input'],
  examples: {
    wrong:
      'Usage: tiffin [-q] [FILE]...\nPrint the boxes in each FILE, or of standard input.\n\n  -q  say nothing\n',
    right:
      'Usage: tiffin [-q] [FILE]...\nPrint the boxes in each FILE, or of standard input where FILE is -.\n\n  -q  say nothing\n',
    nearMiss:
      'Usage: tiffin [-q] [BOX]...\nPrint each BOX, or those named on standard input.\n\n  -q  say nothing\n',
  },
  fix: "accept '-' as standard input, and say so in the text of the operand",
});

import { guideline9 } from '../../conformance/posix/guideline-09.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** Options are also accepted after operands, as a finding of its row in the table. */
export const optionsAfterOperands = conformanceCheck(guideline9, {
  name: 'posix/options-after-operands',
  title: 'Options are also accepted after operands',
  why: 'An operand that begins with a hyphen, such as a file name from a pattern, is taken for an option wherever it stands.',
  needs: ['where options can appear'],
  examples: {
    wrong: 'dabbawala: 1\nprogram: tiffin\nparsing: {operand-order: mixed}\noptions:\n  -a: all\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nparsing: {operand-order: first-operand-ends-options}\noptions:\n  -a: all\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nclaims: [gnu]\nparsing: {operand-order: mixed}\noptions:\n  -a: all\n',
  },
  fix: 'stop at the first operand, or claim the GNU conventions, which allow this',
});

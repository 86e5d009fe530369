import { guideline11 } from '../../conformance/posix/guideline-11.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** The order of the options matters, as a finding of its row in the table. */
export const orderDependent = conformanceCheck(guideline11, {
  name: 'posix/order-dependent',
  title: 'An option counts only for the operand behind it',
  why: 'People and scripts put options in any order; here that changes what the program does, without a word.',
  needs: ['a document that says which options apply to the next operand'],
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  -q:\n    help: the quay of the box that follows\n    applies-to-next-operand: true\n',
    right: 'dabbawala: 1\nprogram: tiffin\noptions:\n  -q:\n    help: the quay of all boxes\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  -q: a line for each box\n  -v: all of each box\nrelations:\n  - later-wins: [-q, -v]\n',
  },
  fix: 'let it count for the whole command line, or take it into the operand, as in QUAY:BOX',
});

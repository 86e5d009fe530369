import { guideline11 } from '../../conformance/posix/guideline-11.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** The order of the options matters, as a finding of its row in the table. */
export const orderDependent = conformanceCheck(guideline11, {
  name: 'posix/order-dependent',
  title: 'An option applies only to the operand after it',
  why: 'People and scripts put options in any order. Here the order silently changes what the program does.',
  needs: ['a document that says which options apply to the next operand'],
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  -q:\n    help: the quay of the box that follows\n    applies-to-next-operand: true\n',
    right: 'dabbawala: 1\nprogram: tiffin\noptions:\n  -q:\n    help: the quay of all boxes\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  -q: a line for each box\n  -v: all of each box\nrelations:\n  - later-wins: [-q, -v]\n',
  },
  fix: 'apply it to the whole command line, or make it part of the operand, as in QUAY:BOX',
});

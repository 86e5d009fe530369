import { optionsAmongOperands } from '../../conformance/gnu/options-among-operands.ts';
import type { Rule } from '../../conformance/rule.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** POSIX asks for the contrary: the row is judged for a finding only where GNU is claimed. */
const whereClaimed: Rule = {
  ...optionsAmongOperands,
  judge: (view) =>
    view.claims('gnu')
      ? optionsAmongOperands.judge(view)
      : { standing: 'not judged', count: 0, evidence: '', instances: [] },
};

/** The first operand ends the options, as a finding of its row in the table. */
export const optionsEndEarly = conformanceCheck(whereClaimed, {
  name: 'gnu/options-end-early',
  since: 7,
  level: 'warning',
  title: 'The first operand ends the options',
  why: 'People who know GNU programs add an option at the end of the line. Here it is taken for one more operand.',
  needs: ['whether options may follow operands, in a program that claims to follow GNU'],
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nclaims: [gnu]\nparsing: {operand-order: first-operand-ends-options}\noptions: {--help: print this help}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nclaims: [gnu]\nparsing: {operand-order: mixed}\noptions: {--help: print this help}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {operand-order: first-operand-ends-options}\noptions: {--help: print this help}\n',
  },
  fix: 'read options wherever they stand, up to the word --',
});

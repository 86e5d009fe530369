import { nearestRule } from '../../model/nearest-rule.ts';
import { programInstance } from '../name-instances.ts';
import { notJudged, type Rule } from '../rule.ts';

export const optionsAmongOperands: Rule = {
  standard: 'gnu',
  section: '4.8',
  label: 'options among operands',
  asks: 'options can appear anywhere among the operands',
  judge(view) {
    const order = nearestRule([view.interface.root], 'operandOrder');
    if (order === undefined) {
      return notJudged(
        'whether options may follow operands',
        'state it by --rule=operand-order=mixed, or =first-operand-ends-options',
      );
    }
    if (order.value === 'mixed')
      return {
        standing: 'meets',
        count: 1,
        evidence: 'options can appear among the operands',
        instances: [],
      };
    if (order.value === 'options-before-subcommand') {
      return {
        standing: 'by design',
        count: 1,
        evidence: "the program's own options stand before the subcommand",
        instances: [programInstance(view, order.place)],
      };
    }
    return {
      standing: 'departs',
      count: 1,
      evidence: 'the first operand ends the options',
      instances: [programInstance(view, order.place)],
    };
  },
};

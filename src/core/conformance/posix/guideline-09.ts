import { nearestRule } from '../../model/nearest-rule.ts';
import { programInstance } from '../name-instances.ts';
import { notJudged, type Rule } from '../rule.ts';

export const guideline9: Rule = {
  standard: 'posix',
  section: 'Guideline 9',
  label: 'options before operands',
  asks: 'all options come before the operands',
  judge(view) {
    const order = nearestRule([view.interface.root], 'operandOrder');
    if (order === undefined) {
      return notJudged(
        'whether options may follow operands',
        'state it by --rule=operand-order=mixed, or =first-operand-ends-options',
      );
    }
    return order.value === 'mixed'
      ? {
          standing: 'departs',
          count: 1,
          evidence: 'options can appear among the operands',
          // What a parser does by custom is for the table; nobody chose it here, and nobody need act on it.
          instances: order.basis === 'inferred' ? [] : [programInstance(view, order.place)],
        }
      : {
          standing: 'meets',
          count: 1,
          evidence: 'the first operand ends the options',
          instances: [],
        };
  },
};

import { notJudged, type Rule } from '../rule.ts';

export const guideline12: Rule = {
  standard: 'posix',
  section: 'Guideline 12',
  label: 'order of operands',
  asks: 'where the order of operands matters, the utility says how',
  judge(view) {
    const withUsage = view.described.filter((at) => at.command.forms.length > 0);
    const several = withUsage.filter((at) => at.command.forms.some((form) => form.operands.length > 1));
    if (several.length > 0) {
      return {
        standing: 'meets',
        count: several.length,
        evidence: 'the usage lines name the operands in their order',
        instances: [],
      };
    }
    return withUsage.length > 0
      ? notJudged('no command shows more than one operand', 'nothing to judge: no fact would change it')
      : notJudged('no usage line is shown', 'give the help output that has the usage lines');
  },
};

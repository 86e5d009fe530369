import { instanceOf } from '../name-instances.ts';
import { departsOrMeets, nothingToJudge, type Rule } from '../rule.ts';
import { optionalArguments } from './optional-arguments.ts';

export const guideline7: Rule = {
  standard: 'posix',
  section: 'Guideline 7',
  label: 'mandatory option-arguments',
  asks: 'an option-argument is never optional',
  judge(view) {
    const { taking, optional } = optionalArguments(view);
    if (taking.length === 0) return nothingToJudge('no option with an option-argument is shown');
    return departsOrMeets(
      optional.map(instanceOf),
      taking.length,
      'optional option-arguments',
      `all ${taking.length} are mandatory`,
    );
  },
};

import { nearestRule } from '../../model/nearest-rule.ts';
import { instanceOf, optionNames } from '../name-instances.ts';
import { notJudged, type Rule } from '../rule.ts';

export const guideline5: Rule = {
  standard: 'posix',
  section: 'Guideline 5',
  label: 'grouping',
  asks: "options without option-arguments can be grouped behind one '-'",
  judge(view) {
    const flags = optionNames(view).filter(({ name }) => name.form === 'short');
    if (flags.length < 2)
      return notJudged('fewer than two short options are shown', 'nothing to group: no fact would change it');
    const grouping = nearestRule([view.interface.root], 'grouping');
    if (grouping === undefined) {
      return notJudged(
        'help output does not say whether the parser takes groups',
        'state the parsing rule "grouping" in an interface document',
      );
    }
    return grouping.value
      ? {
          standing: 'meets',
          count: flags.length,
          evidence: 'the parser takes groups',
          instances: [],
        }
      : {
          standing: 'departs',
          count: flags.length,
          evidence: 'the parser refuses groups',
          instances: flags.map(instanceOf),
        };
  },
};

import { nearestRule } from '../../model/nearest-rule.ts';
import { instanceOf, optionNames } from '../name-instances.ts';
import { nothingToJudge, notJudged, type Rule } from '../rule.ts';

export const guideline5: Rule = {
  standard: 'posix',
  section: 'Guideline 5',
  label: 'grouping',
  asks: "options without option-arguments can be grouped behind one '-'",
  judge(view) {
    const flags = optionNames(view).filter(({ name }) => name.form === 'short');
    if (flags.length < 2) return nothingToJudge('fewer than two short options are shown');
    const grouping = nearestRule([view.interface.root], 'grouping');
    if (grouping === undefined) {
      return notJudged(
        'whether the parser takes groups of letters',
        'state it by --rule=grouping=true, or =false',
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

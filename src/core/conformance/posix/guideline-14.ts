import { nearestRule } from '../../model/nearest-rule.ts';
import { notJudged, type Rule } from '../rule.ts';

export const guideline14: Rule = {
  standard: 'posix',
  section: 'Guideline 14',
  label: 'hyphen in front',
  asks: 'whatever can be read as an option or a group of options is one',
  judge(view) {
    const values = nearestRule([view.interface.root], 'hyphenValues');
    if (values === undefined) {
      return notJudged(
        "whether a word that begins with '-' may be a value",
        'state it by --rule=hyphen-values=false, or =true',
      );
    }
    return values.value
      ? {
          standing: 'departs',
          count: 1,
          evidence: "a word that begins with '-' may be a value",
          instances: [],
        }
      : {
          standing: 'meets',
          count: 1,
          evidence: "a word that begins with '-' is never a value",
          instances: [],
        };
  },
};

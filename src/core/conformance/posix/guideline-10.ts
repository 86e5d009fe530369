import { notJudged, type Rule } from '../rule.ts';

export const guideline10: Rule = {
  standard: 'posix',
  section: 'Guideline 10',
  label: 'end of options',
  asks: "the first '--' ends the options",
  judge(view) {
    const stated = view.commands.flatMap((at) => {
      const rule = at.command.rules.doubleHyphen;
      return rule === undefined ? [] : [{ at, rule }];
    });
    if (stated.length === 0) {
      return notJudged("what the word '--' does", 'state it by --rule=double-hyphen=ends-options');
    }
    const departing = stated.filter(({ rule }) => rule.value === 'ordinary' || rule.value === 'refused');
    if (departing.length > 0) {
      const instances = departing.map(({ at, rule }) => ({
        subject: '--',
        command: at.path,
        place: rule.place,
      }));
      return {
        standing: 'departs',
        count: instances.length,
        evidence: departing[0]?.rule.value === 'refused' ? "'--' is refused" : "'--' is an ordinary word",
        instances,
      };
    }
    return {
      standing: 'meets',
      count: stated.length,
      evidence: "'--' is shown to end the options",
      instances: [],
    };
  },
};

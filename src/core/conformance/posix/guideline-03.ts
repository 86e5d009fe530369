import { instanceOf, optionNames } from '../name-instances.ts';
import { notJudged, type Rule } from '../rule.ts';

export const guideline3: Rule = {
  standard: 'posix',
  section: 'Guideline 3',
  label: 'option names',
  asks: 'an option name is one letter or digit, and -W is for vendors',
  judge(view) {
    const names = optionNames(view);
    if (names.length === 0)
      return notJudged('no options are shown', 'give the help output that lists the options');
    const odd = names.filter(({ name }) => name.form === 'short' && !/^-[A-Za-z0-9]$/.test(name.text));
    const longer = names.filter(({ name }) => name.form === 'long' || name.form === 'single-hyphen-long');
    if (odd.length > 0) {
      return {
        standing: 'departs',
        count: odd.length,
        evidence: 'names that are no letter or digit',
        instances: odd.map(instanceOf),
      };
    }
    if (longer.length > 0) {
      const evidence = `${longer.length} of ${names.length} names are longer`;
      return {
        standing: 'by design',
        count: longer.length,
        evidence,
        instances: longer.map(instanceOf),
      };
    }
    return {
      standing: 'meets',
      count: names.length,
      evidence: 'all names are one letter or digit',
      instances: [],
    };
  },
};

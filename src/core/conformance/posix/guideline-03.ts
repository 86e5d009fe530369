import { instanceOf, optionNames } from '../name-instances.ts';
import { departsOrMeets, notJudged, type Rule } from '../rule.ts';

const NO_OPTIONS = notJudged('no options are shown', 'give the help output that lists the options');

/** The part of the guideline that is about what a name consists of. */
export const optionNameRule: Rule = {
  standard: 'posix',
  section: 'Guideline 3',
  label: 'option names',
  asks: 'an option name is one letter or digit',
  judge(view) {
    const names = optionNames(view);
    if (names.length === 0) return NO_OPTIONS;
    const odd = names.filter(({ name }) => name.form === 'short' && !/^-[A-Za-z0-9]$/.test(name.text));
    const longer = names.filter(({ name }) => name.form === 'long' || name.form === 'single-hyphen-long');
    if (odd.length === 0 && longer.length > 0) {
      const evidence = `${longer.length} of ${names.length} names are longer`;
      return {
        standing: 'by design',
        count: longer.length,
        evidence,
        instances: longer.map(instanceOf),
      };
    }
    return departsOrMeets(
      odd.map(instanceOf),
      names.length,
      'names that are not a letter or digit',
      'all names are one letter or digit',
    );
  },
};

/** The part that keeps one letter for vendors. */
export const vendorLetterRule: Rule = {
  standard: 'posix',
  section: 'Guideline 3',
  label: 'vendor letter',
  asks: '-W is for vendors',
  judge(view) {
    const names = optionNames(view);
    if (names.length === 0) return NO_OPTIONS;
    const taken = names.filter(
      ({ name, option }) => name.text === '-W' && !/vendor|implementation/i.test(option.help?.value ?? ''),
    );
    return departsOrMeets(
      taken.map(instanceOf),
      names.length,
      "'-W' is reserved for options of vendors",
      "'-W' is left to vendors",
    );
  },
};

/** The row of the table: it departs where one of its parts does. */
export const guideline3: Rule = {
  ...optionNameRule,
  asks: `${optionNameRule.asks}, and ${vendorLetterRule.asks}`,
  judge(view) {
    const vendor = vendorLetterRule.judge(view);
    const names = optionNameRule.judge(view);
    return names.standing !== 'departs' && vendor.standing === 'departs' ? vendor : names;
  },
};

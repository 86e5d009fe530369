import { instanceOf, optionNames } from '../name-instances.ts';
import { departsOrMeets, notJudged, type Rule } from '../rule.ts';

export const guideline4: Rule = {
  standard: 'posix',
  section: 'Guideline 4',
  label: 'option delimiter',
  asks: "every option begins with '-'",
  judge(view) {
    const names = optionNames(view);
    if (names.length === 0)
      return notJudged('no options are shown', 'give the help output that lists the options');
    const others = names.filter(({ name }) => !name.text.startsWith('-')).map(instanceOf);
    return departsOrMeets(
      others,
      names.length,
      "options that begin with '+'",
      `all ${names.length} names begin with '-'`,
    );
  },
};

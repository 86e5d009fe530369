import { instanceOf, optionNames } from '../name-instances.ts';
import { departsOrMeets, nothingToJudge, type Rule } from '../rule.ts';

export const guideline8: Rule = {
  standard: 'posix',
  section: 'Guideline 8',
  label: 'lists of option-arguments',
  asks: 'several option-arguments are given as one word, separated by commas or blanks',
  judge(view) {
    const names = optionNames(view);
    const several = names.filter(({ option }) => {
      const argument = option.argument?.value;
      return argument !== undefined && (argument.words.length > 1 || argument.count?.value.most === null);
    });
    const lists = names.filter(({ option }) =>
      option.argument?.value.words.some((word) => word.separator !== undefined),
    );
    if (several.length + lists.length === 0) {
      return nothingToJudge('no option with several option-arguments is shown');
    }
    return departsOrMeets(
      several.map(instanceOf),
      lists.length,
      'options that take several words',
      'lists are given as one word',
    );
  },
};

import { listNames } from '../../messages/wording.ts';
import type { ValueWord } from '../../model/argument.ts';
import type { Option, OptionName } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { type FaultyOptions, reportFaultyOptions } from '../faulty-options.ts';

/** One finding for each command with options that take a value without a name. */
export const valueUnnamed = defineCheck({
  name: 'help/value-unnamed',
  level: 'warning',
  title: 'An option takes a value that has no placeholder',
  why: 'It looks like a switch. Only an error message says that a word must follow, and nothing says which.',
  standard: 'POSIX XBD 12.1',
  needs: ['the option-arguments'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --quay: {help: the quay, argument: {presence: mandatory}}\n  --map: draw a map\n',
    right: 'dabbawala: 1\nprogram: tiffin\noptions:\n  --quay=NAME: the quay\n  --map: draw a map\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --map: {help: draw a map, argument: {presence: mandatory, values: [small, large]}}\n',
  },
  judge: (view, report) =>
    reportFaultyOptions(view, report, {
      // Code that takes an argument shows no reader a placeholder; what its text lacks is told as a difference between the two.
      among: ({ argument }) =>
        argument?.basis === 'stated' && argument.value.presence !== 'none' && !view.isScript(argument.place),
      isAtFault: ({ argument, names, help, place }, { command }) => {
        // Help without any text of it is the matter of `help/option-undescribed`.
        if (help === undefined && view.isHelp(place)) return false;
        const words = argument?.value.words ?? [];
        // A value in the place of a name tells what is expected as well.
        const isTold = (word: ValueWord) =>
          word.placeholder ?? word.values ?? word.keys ?? word.type ?? word.default;
        if (words.every(isTold) || names.some(isFollowedByRest)) return false;
        // Options that are given values of another show that one in forms of its own.
        const isGiven = ({ sameAs }: Option) => names.some(({ text }) => text === sameAs?.value.option);
        return !command.options.items.some(isGiven);
      },
    }),
  apart: true,
  message: ({ names }: FaultyOptions) =>
    `${listNames(names)} ${names.length === 1 ? 'takes' : 'take'} a value that has no placeholder`,
  fix: () => "add a placeholder such as '=FILE' or '=SECONDS', and use it in the text",
});

/** `--run ...`: dots stand for all words behind it. */
function isFollowedByRest({ place }: OptionName): boolean {
  return place !== null && /^[ =]?\.{3}/.test(place.source.text.slice(place.end, place.end + 4));
}

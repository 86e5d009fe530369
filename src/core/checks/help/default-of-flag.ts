import { quoteName } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import { toldDefault } from '../../notation/told-default.ts';
import { defineCheck } from '../define-check.ts';

type OfFlag = { readonly name: string; readonly told: string };

/** One finding for each option that takes no argument and whose text tells a default that only an argument can have. */
export const defaultOfFlag = defineCheck({
  name: 'help/default-of-flag',
  level: 'note',
  title: 'An option without an argument has a default',
  why: 'Either the help forgot the argument, or the text was copied. Who believes the text gives a value, and it is taken for an operand.',
  standard: 'practice',
  needs: ['the arguments of the options', 'their texts'],
  since: 11,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --boxes      how many boxes to send (default: 12)\n  --day=DAY    the day\n  --map=FILE   the map\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --boxes=NUM  how many boxes to send (default: 12)\n  --day=DAY    the day\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --late     what is late (default: false)\n  --map      draw a map (default)\n  --day=DAY  the day\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const taking = command.options.items.filter(
        ({ argument }) => argument?.value.presence === 'mandatory',
      ).length;
      const flags = command.options.items.filter(isFlag);
      report.judged(flags.length);
      const told = flags.flatMap((option) => {
        const value = toldDefault(option.help?.value ?? '')?.value ?? '';
        return LITERAL.test(value) && !SWITCH.test(value) ? [{ option, value }] : [];
      });
      // A help that shows few arguments, or none, leaves them out on purpose.
      if (told.length * 2 > taking) continue;
      for (const { option, value } of told) {
        const name = mainName(option).text;
        report.finding({
          command: path,
          subject: name,
          data: { name, told: value },
          place: option.help?.place ?? option.place,
        });
      }
    }
  },
  message: ({ name, told }: OfFlag) =>
    `${quoteName(name)} takes no argument, and its text tells the default ${quoteName(told)}`,
  fix: ({ name }) => `show the argument of ${quoteName(name)}, or take the default out of its text`,
});

/** An option without an argument; digits are levels, of which one is the default. */
function isFlag({ argument, names }: Option): boolean {
  return argument?.value.presence === 'none' && !names.some(({ text }) => /^-+\d+$/.test(text));
}

/** A number, or the name of a file. */
const LITERAL = /^[+-]?\d+(?:\.\d+)?[a-z%]{0,2}$|^[\w/-]*\w\.[a-z]{1,4}$/i;

/** How a switch can stand. */
const SWITCH = /^[01]$/;

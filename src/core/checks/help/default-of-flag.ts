import { quoteName } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import { toldDefault } from '../../notation/told-default.ts';
import { isSlipInside } from '../../words/slip-inside.ts';
import { defineCheck } from '../define-check.ts';

type OfFlag = {
  readonly name: string;
  readonly told: string;
  /** The other name of a switch that has two; null where it has one. */
  readonly other: string | null;
};

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
      for (const option of command.options.items) {
        const value = strangeDefault(option);
        if (value === undefined) continue;
        const name = mainName(option).text;
        report.finding({
          command: path,
          subject: name,
          data: { name, told: value, other: option.negatedNames[0]?.text ?? null },
          place: option.help?.place ?? option.place,
        });
      }
      // A help that shows few arguments, or none, leaves them out on purpose.
      if (told.length * 2 > taking) continue;
      for (const { option, value } of told) {
        const name = mainName(option).text;
        report.finding({
          command: path,
          subject: name,
          data: { name, told: value, other: null },
          place: option.help?.place ?? option.place,
        });
      }
    }
  },
  message: ({ name, told, other }: OfFlag) =>
    other === null
      ? `${quoteName(name)} takes no argument, and its text tells the default ${quoteName(told)}`
      : `the default of ${quoteName(name)} is told as ${quoteName(told)}, which is neither it nor ${quoteName(other)}`,
  fix: ({ name, other }) =>
    other === null
      ? `show the argument of ${quoteName(name)}, or take the default out of its text`
      : `tell which of the two names holds where none is given`,
});

/** How a switch can stand, told in a word. */
const STATE =
  /^(?:true|false|on|off|yes|no|y|n|auto|enabled?|disabled?|none|unset|detect(?:ed)?|depends|varies|always|never|both|neither|not set|undefined|null|nil)$/i;

/** The default of a switch with two names, where it is a word that is none of them and says of none whether it holds. */
function strangeDefault({ names, negatedNames, help }: Option): string | undefined {
  const value = toldDefault(help?.value ?? '')?.value ?? '';
  if (negatedNames.length === 0 || !/^-{0,2}[a-z]+(?:-[a-z]+)*$/i.test(value) || STATE.test(value))
    return undefined;
  const bare = (text: string) => text.replace(/^-+/, '').toLowerCase();
  const known = new Set([...names, ...negatedNames].map(({ text }) => bare(text)));
  // A switch is told by a name that it has: what is almost one is a slip, and any other word begins a sentence.
  const told = bare(value);
  const isAlmost = [...known].some((name) => isSlipInside(told, name) || told === `no-${name}`);
  const isNegation = /^no-?/.test(told) && negatedNames.some(({ text }) => bare(text)[3] === told[3]);
  return known.has(told) || !(isAlmost || isNegation) ? undefined : value;
}

/** An option without an argument; digits are levels, of which one is the default. */
function isFlag({ argument, names }: Option): boolean {
  return argument?.value.presence === 'none' && !names.some(({ text }) => /^-+\d+$/.test(text));
}

/** A number, or the name of a file. */
const LITERAL = /^[+-]?\d+(?:\.\d+)?[a-z%]{0,2}$|^[\w/-]*\w\.[a-z]{1,4}$/i;

/** How a switch can stand. */
const SWITCH = /^[01]$/;

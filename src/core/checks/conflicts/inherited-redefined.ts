import { quoteName } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';

type Redefined = {
  readonly name: string;
  readonly above: string;
  readonly here: string;
  readonly there: string;
};

/** One finding for each option that has the name of an inherited one and another argument. */
export const inheritedRedefined = defineCheck({
  name: 'conflicts/inherited-redefined',
  level: 'warning',
  title: 'A subcommand gives an inherited name another argument',
  why: 'Callers who know the option from the program write it after the subcommand too. There it swallows the next word, or leaves its value behind as an operand.',
  standard: 'practice',
  needs: ['which options are inherited', 'their arguments'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  -q, --quiet: {help: say less, inheritance: anywhere-below}\ncommands:\n  box:\n    options:\n      -q, --quay=NAME: boxes of one quay\n',
    right:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  -q, --quiet: {help: say less, inheritance: anywhere-below}\ncommands:\n  box:\n    options:\n      -k, --quay=NAME: boxes of one quay\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  -q, --quay=NAME: {help: the quay, inheritance: anywhere-below}\ncommands:\n  box:\n    options:\n      -q, --quay=QUAY: boxes of one quay\n',
  },
  judge(view, report) {
    for (const at of view.commands) {
      const inherited = new Map<string, { option: Option; path: readonly string[] }>();
      for (const [depth, command] of at.line.slice(0, -1).entries()) {
        for (const option of command.options.items) {
          if (option.inheritance?.value !== 'anywhere-below') continue;
          for (const { text } of option.names)
            inherited.set(text, { option, path: at.path.slice(0, depth + 1) });
        }
      }
      if (inherited.size === 0) continue;
      for (const option of at.command.options.items) {
        report.judged();
        const name = option.names.find(({ text }) => inherited.has(text));
        const above = inherited.get(name?.text ?? '');
        if (name === undefined || above === undefined) continue;
        const here = kindOf(option);
        const there = kindOf(above.option);
        if (here === undefined || there === undefined || here === there) continue;
        report.finding({
          command: at.path,
          subject: name.text,
          data: { name: name.text, above: above.path.join(' '), here, there },
          place: name.place,
          related: [{ place: mainName(above.option).place, note: `inherited from here, where it ${there}` }],
        });
      }
    }
  },
  message: ({ name, above, here, there }: Redefined) =>
    `${quoteName(name)} ${here} here, and ${there} where it is inherited from, ${quoteName(above)}`,
  fix: ({ name }) => `use a different name than ${quoteName(name)} here`,
});

/** What an option takes, in words; undefined where not known. */
function kindOf({ argument }: Option): string | undefined {
  if (argument === undefined) return undefined;
  const { presence, words } = argument.value;
  if (presence === 'none') return 'takes no argument';
  const type = words[0]?.type?.value;
  const isOptional = presence === 'optional' ? ' that may be left out' : '';
  return type === undefined || type === 'text'
    ? `takes an argument${isOptional}`
    : `takes an argument of type ${type}${isOptional}`;
}

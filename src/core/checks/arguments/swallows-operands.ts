import { mainName } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { quoteName } from '../wording.ts';

/** One finding for each option that takes any number of words in a command with operands. */
export const swallowsOperands = defineCheck<{ option: string; operand: string }>({
  name: 'arguments/swallows-operands',
  level: 'warning',
  title: 'An option with any number of words swallows the operands',
  why: 'The option takes every word up to the next one with a hyphen, operands too. Callers must know to write them first, or to end the list with another option.',
  standard: 'POSIX XBD 12.2, Guideline 8',
  needs: ['how many words an option takes', 'the operands of the command'],
  since: 1,
  examples: {
    wrong:
      'usage: tiffin [--skip DAY [DAY ...]] BOX\n\noptions:\n  --skip DAY [DAY ...]  days to leave out\n',
    right: 'usage: tiffin [--skip DAY,...] BOX\n\noptions:\n  --skip DAY,...  days to leave out\n',
    nearMiss: 'usage: tiffin [--skip DAY [DAY ...]]\n\noptions:\n  --skip DAY [DAY ...]  days to leave out\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const operands = [...command.forms.flatMap((form) => form.operands), ...command.operands.items];
      const operand = operands.find(({ kind }) => kind === 'word' || kind === 'command-line');
      for (const option of command.options.items) {
        const argument = option.argument?.value;
        if (argument === undefined || argument.presence === 'none') continue;
        report.judged();
        const isOpen = argument.count?.value.most === null;
        const isOneWord = argument.words.some(({ separator }) => separator !== undefined);
        if (!isOpen || isOneWord || operand === undefined) continue;
        const name = mainName(option);
        report.finding({
          command: path,
          subject: name.text,
          data: { option: name.text, operand: operand.name },
          place: name.place,
          related: [{ place: operand.place, note: 'is taken for one of its words' }],
        });
      }
    }
  },
  message: ({ option, operand }) =>
    `${quoteName(option)} takes any number of words, and so the operand ${quoteName(operand)} behind it too`,
  mend: ({ option }) =>
    `let ${quoteName(option)} take one word and be given several times, or take a list parted by commas`,
});

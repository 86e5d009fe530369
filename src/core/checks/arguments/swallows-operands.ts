import type { Command, Form } from '../../model/command.ts';
import type { Operand } from '../../model/operand.ts';
import { mainName, type Option } from '../../model/option.ts';
import type { Place } from '../../source/source.ts';
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
  since: 4,
  examples: {
    wrong:
      'usage: tiffin [--skip DAY [DAY ...]] BOX\n\noptions:\n  --skip DAY [DAY ...]  days to leave out\n',
    right: 'usage: tiffin [--skip DAY,...] BOX\n\noptions:\n  --skip DAY,...  days to leave out\n',
    nearMiss: 'usage: tiffin [--skip DAY [DAY ...]]\n\noptions:\n  --skip DAY [DAY ...]  days to leave out\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      for (const option of command.options.items) {
        const argument = option.argument?.value;
        if (argument === undefined || argument.presence !== 'mandatory') continue;
        report.judged();
        const isOpen = argument.count?.value.most === null;
        const isOneWord =
          argument.words.some(({ separator }) => separator !== undefined) ||
          /\bseparated\b|\bparted by\b/.test(option.help?.value ?? '');
        const operand = operandBeside(option, command);
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

/** An operand of a form with the option, or of any form where none names the option. */
function operandBeside(option: Option, command: Command): Operand | undefined {
  const names = new Set(option.names.map(({ text }) => text));
  const naming = command.forms.filter((form) => form.options.some(({ name }) => names.has(name)));
  const forms = naming.length > 0 ? naming : command.forms;
  const operands = forms.length > 0 ? forms.flatMap(operandsBeforeEnd) : command.operands.items;
  return operands.find(
    ({ kind, name }) => (kind === 'word' || kind === 'command-line') && !isAmongOptions(name, option.place),
  );
}

/** The operands of a form that stand before its `--`: what is behind that, no option takes. */
function operandsBeforeEnd({ text, operands }: Form): Operand[] {
  const end = text.search(/(?:^|[\s[])--(?=[\s\]]|$)/);
  return operands.filter(({ word, name }) => end < 0 || text.indexOf(word.placeholder?.value ?? name) < end);
}

/** Whether an operand such as COMMAND stands for one of the options, which a heading `Commands:` over them shows. */
function isAmongOptions(operand: string, place: Place): boolean {
  const name = operand.toLowerCase().replace(/[^a-z]/g, '');
  const heading = /^(commands|actions|operations|modes)\b[^\n:]{0,60}:\s*\n\s*-/im.exec(
    place?.source.text ?? '',
  );
  return name !== '' && heading?.[1]?.toLowerCase() === `${name}s`;
}

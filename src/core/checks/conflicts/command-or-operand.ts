import { quoteName } from '../../messages/wording.ts';
import { type Command, commandName } from '../../model/command.ts';
import type { Operand } from '../../model/operand.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each command with subcommands that takes an operand of any words. */
export const commandOrOperand = defineCheck({
  name: 'conflicts/command-or-operand',
  level: 'warning',
  title: 'The first word may be a subcommand or an operand',
  why: 'An operand that has the name of a subcommand runs that subcommand instead. Every new subcommand takes a word away from callers who use it as an operand.',
  standard: 'practice',
  needs: ['the subcommands and the operands of the command'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noperands:\n  OWNER: {help: whose box to print, count: 0..1}\ncommands:\n  list: list all boxes\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  print: {summary: print a box, operands: {OWNER: {help: whose box, count: 1}}}\n  list: list all boxes\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noperands:\n  BOX: {help: number of the box, count: 0..1, type: integer}\ncommands:\n  list: list all boxes\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const [sub] = command.commands.items;
      const operands = command.operands.items.length > 0 ? command.operands.items : besideCommands(command);
      if (sub === undefined || operands.length === 0) continue;
      report.judged();
      const names = new Set(command.commands.items.flatMap((one) => one.names.map(({ text }) => text)));
      // A list with the command itself is that of the program, of which the help shows one command in full.
      if (names.has(path.at(-1) ?? '')) continue;
      const operand = operands.find(({ kind, word }) => {
        const isNumber = word.type?.value === 'integer' || word.type?.value === 'number';
        const values = word.values?.value;
        const isOther = values !== undefined && !values.some(({ value }) => names.has(value));
        return kind === 'word' && !isNumber && !isOther;
      });
      // A list of the operand's values that are the commands themselves shows the commands, and no operand.
      if (operand === undefined || operand.word.values !== undefined || stands(operand.name)) continue;
      // A list of operands that no synopsis shows here is that of the subcommands.
      const shown = command.forms.flatMap(({ operands }) => operands.map(({ name }) => name));
      if (view.isHelp(operand.place) && command.forms.length > 0 && !shown.includes(operand.name)) continue;
      // `+toolchain` is told from a command by its first character.
      if (!/^[\w<[]*\w/.test(operand.name)) continue;
      report.finding({
        command: path,
        subject: operand.name,
        data: { operand: operand.name, command: commandName(sub) },
        place: operand.place,
        // What only a synopsis of help shows may stand for the subcommand in other words.
        ...(command.operands.items.length > 0 ? {} : { level: 'note' }),
        related: [{ place: sub.place, note: `may be the operand ${quoteName(operand.name)} too` }],
      });
    }
  },
  message: ({ operand, command }: { operand: string; command: string }) =>
    `the operand ${quoteName(operand)} can be a word such as ${quoteName(command)}, which is a subcommand`,
  fix: ({ operand }) =>
    `make the action on ${quoteName(operand)} a subcommand too, or make it an option-argument`,
});

/** The first operands of synopses, where another one shows the place of the subcommand: `tiffin COMMAND`, `tiffin <box>`. */
function besideCommands({ forms }: Command): Operand[] {
  const isShown = forms.some(
    ({ text, operands: [first] }) =>
      (first === undefined || stands(first.name)) && /[\s[<](?:sub-?)?command\b/i.test(text),
  );
  const firsts = forms.map(({ operands }) => operands[0]);
  return (isShown ? firsts : []).flatMap((operand) =>
    operand === undefined || stands(operand.name) ? [] : [operand],
  );
}

/** Placeholders that stand for the subcommand and its own words. */
function stands(name: string): boolean {
  return /^(?:sub-?)?(?:commands?|cmd|args?|arguments?|options?|action|verb|topic)\b/i.test(
    name.replace(/^[<[]/, ''),
  );
}

import { listNames, quoteName } from '../../messages/wording.ts';
import { nearestRule } from '../../model/nearest-rule.ts';
import { mainName } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each command with options whose optional argument may be the word that was meant as an operand. */
export const optionalArgumentSwallows = defineCheck({
  name: 'arguments/optional-argument-swallows',
  level: 'warning',
  title: 'An optional option-argument takes the operand after it',
  why: 'If the option is given without its argument and an operand follows, the operand is silently taken as the argument.',
  standard: 'POSIX XBD 12.2, Guideline 7',
  needs: ['whether an optional option-argument may be a separate word', 'the operands of the command'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nparsing: {optional-values: joined-or-separate}\nusage: tiffin [OPTION]... BOX\noptions:\n  --map[=SIZE]: draw a map\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nparsing: {optional-values: joined}\nusage: tiffin [OPTION]... BOX\noptions:\n  --map[=SIZE]: draw a map\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {optional-values: joined-or-separate}\nusage: tiffin [OPTION]...\noptions:\n  --map[=SIZE]: draw a map\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      const { command, path } = at;
      const operands = [...command.forms.flatMap((form) => form.operands), ...command.operands.items];
      const operand = operands.find(({ kind, name }) => kind !== 'keyword' && /[\p{L}\d]/u.test(name));
      const optional = command.options.items.filter(
        ({ argument }) => argument?.value.presence === 'optional',
      );
      const rule = nearestRule(at.line, 'optionalValues');
      if (optional.length === 0) continue;
      if (rule === undefined && operand !== undefined) {
        report.notJudged({
          command: path,
          count: optional.length,
          reason: 'whether an optional option-argument may be a separate word',
          remedy: 'state it by --rule=optional-values=joined, or =joined-or-separate',
          place: optional[0]?.place ?? null,
        });
        continue;
      }
      report.judged(optional.length);
      if (rule?.value !== 'joined-or-separate' || operand === undefined) continue;
      const [first] = optional;
      if (first === undefined) continue;
      report.finding({
        command: path,
        subject: mainName(first).text,
        data: { names: [...new Set(optional.map((option) => mainName(option).text))], operand: operand.name },
        place: mainName(first).place,
        related: [{ place: operand.place, note: 'is taken for its argument' }],
      });
    }
  },
  apart: true,
  message: ({ names, operand }: { names: readonly string[]; operand: string }) =>
    names.length === 1
      ? `${listNames(names)} without its argument takes the operand ${quoteName(operand)} as its argument`
      : `${listNames(names)} without their arguments take the operand ${quoteName(operand)} as one`,
  fix: ({ names }) =>
    names.length === 1
      ? `accept the argument of ${listNames(names)} only when it is joined by '='`
      : "accept their arguments only when they are joined by '='",
});

import { quoteName } from '../../messages/wording.ts';
import type { Command } from '../../model/command.ts';
import { mainName } from '../../model/option.ts';
import { operandKey } from '../../notation/operand-key.ts';
import { defineCheck } from '../define-check.ts';

/** What parsers print where there is no default: `[default: none]`. */
const NOTHING = /^(?:none|null|nil|undefined)$/i;

/** The fewest words that the only synopsis of a command shows for an operand; undefined where there are several, or it shows none. */
function leastInOnlyForm({ forms: [form, ...others] }: Command, name: string): number | undefined {
  if (form === undefined || others.length > 0) return undefined;
  const isNotation = /[[<{]/.test(form.text);
  const shown = form.operands.find((operand) => operandKey(operand.name) === operandKey(name));
  return isNotation ? shown?.count?.value.least : undefined;
}

/** One finding for each option or operand that must be given and has a default all the same. */
export const requiredWithDefault = defineCheck({
  name: 'conflicts/required-with-default',
  level: 'warning',
  title: 'Something that must be given has a default',
  why: 'The default can never apply. Either the option is not really required, and the parser refuses callers for nothing, or the default misleads them.',
  standard: 'practice',
  needs: ['which options and operands are mandatory', 'their defaults'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --quay=NAME:\n    help: the quay\n    required: true\n    argument: {default: north}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --quay=NAME:\n    help: the quay\n    required: false\n    argument: {default: north}\n',
    nearMiss: 'dabbawala: 1\nprogram: tiffin\noptions:\n  --quay=NAME: {help: the quay, required: true}\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      for (const option of command.options.items) {
        if (option.required?.value !== true) continue;
        report.judged();
        const literal = option.argument?.value.words.at(-1)?.default;
        if (literal === undefined || NOTHING.test(literal.value)) continue;
        const name = mainName(option);
        report.finding({
          command: path,
          subject: name.text,
          data: { name: name.text, default: literal.value },
          place: literal.place ?? name.place,
        });
      }
      for (const { name, word, count, place } of command.operands.items) {
        const least = count?.value.least ?? leastInOnlyForm(command, name);
        if (least === undefined || least < 1) continue;
        report.judged();
        if (word.default === undefined || NOTHING.test(word.default.value)) continue;
        report.finding({
          command: path,
          subject: name,
          data: { name, default: word.default.value },
          place: word.default.place ?? place,
        });
      }
    }
  },
  message: ({ name, default: literal }: { name: string; default: string }) =>
    `${quoteName(name)} must be given, so its default ${quoteName(literal)} never applies`,
  fix: ({ name }) => `make ${quoteName(name)} optional, or remove its default`,
});

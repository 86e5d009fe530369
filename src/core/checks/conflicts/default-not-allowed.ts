import { quoteName } from '../../messages/wording.ts';
import type { ValueWord } from '../../model/argument.ts';
import type { Fact } from '../../model/fact.ts';
import { numberRefusal } from '../../model/number-refusal.ts';
import { mainName } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each literal default that its own option or operand would refuse. */
export const defaultNotAllowed = defineCheck({
  name: 'conflicts/default-not-allowed',
  level: 'error',
  title: 'A default is not among the allowed values',
  why: 'Giving the default explicitly is refused, and leaving the option out uses a value that the program says it does not accept.',
  standard: 'practice',
  needs: ['defaults and allowed values from a document or a parser object'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY:\n    help: sort by KEY\n    argument: {values: [owner, quay], default: size}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY:\n    help: sort by KEY\n    argument: {values: [owner, quay], default: quay}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEYS:\n    help: sort by KEYS\n    argument: {values: [owner, quay], separator: ",", default: "quay,owner"}\n',
  },
  judge(view, report) {
    for (const at of view.commands) {
      for (const { name, word } of wordsWithDefault(at)) {
        const { default: literal } = word;
        // Help shows defaults in words of its own, such as "the current folder".
        if (literal === undefined || literal.basis !== 'stated' || view.isHelp(literal.place)) continue;
        // What a variable of a script holds at first need not be a word that its text allows callers to give.
        if (view.isScript(literal.place) && !view.isScript(word.values?.place ?? null)) continue;
        report.judged();
        const expected = refusal(word, literal);
        if (expected === undefined) continue;
        report.finding({
          command: at.path,
          subject: name,
          data: { name, default: literal.value, expected },
          place: literal.place,
        });
      }
    }
  },
  message: ({ name, default: literal, expected }: { name: string; default: string; expected: string }) =>
    `the default ${quoteName(literal)} of ${quoteName(name)} is not ${expected}`,
  fix: ({ name, default: literal }) =>
    `choose another default, or let ${quoteName(name)} accept ${quoteName(literal)}`,
});

function wordsWithDefault({ command }: CommandAt): { name: string; word: ValueWord }[] {
  return [
    ...command.options.items.flatMap((option) =>
      (option.argument?.value.words ?? []).map((word) => ({ name: mainName(option).text, word })),
    ),
    ...command.operands.items.map(({ name, word }) => ({ name, word })),
  ];
}

/** How many allowed values a message names. */
const VALUES_SHOWN = 5;

/** What the default would have to be; undefined where nothing speaks against it. */
function refusal(word: ValueWord, literal: Fact<string>): string | undefined {
  const { values, separator } = word;
  const split = separator?.value;
  const parts = split === undefined || split === '' ? [literal.value] : literal.value.split(split);
  if (values !== undefined && values.basis === 'stated') {
    const allowed = values.value.map(({ value }) => value);
    const more = allowed.length > VALUES_SHOWN ? ` and ${allowed.length - VALUES_SHOWN} more` : '';
    const all = new Set(allowed);
    return parts.every((part) => all.has(part))
      ? undefined
      : `one of ${allowed.slice(0, VALUES_SHOWN).join(', ')}${more}`;
  }
  return parts.map((part) => numberRefusal(word, part)).find((expected) => expected !== undefined);
}

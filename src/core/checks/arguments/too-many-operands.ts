import { listNames } from '../../messages/wording.ts';
import type { Operand } from '../../model/operand.ts';
import { defineCheck } from '../define-check.ts';

/** How many operands people keep in mind in their order. */
const MAX_OPERANDS = 3;

/** One finding for each form with more operands than people keep in mind. */
export const tooManyOperands = defineCheck({
  name: 'arguments/too-many-operands',
  level: 'warning',
  title: 'More than three operands, whose order must be remembered',
  why: 'Nothing on the command line says which word is which. Swapping two of them gives an error at best, and a wrong result without a message at worst.',
  standard: 'practice',
  needs: ['the operands of the usage line'],
  since: 4,
  examples: {
    wrong: 'Usage: tiffin OWNER QUAY DAY LITRES\n\n  -q  say nothing\n',
    right:
      'Usage: tiffin --quay=QUAY --day=DAY OWNER LITRES\n\n  --quay=QUAY  the quay\n  --day=DAY    the day\n',
    nearMiss: 'Usage: tiffin OWNER QUAY DAY...\n\n  -q  say nothing\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      for (const { operands, text } of command.forms) {
        if (operands.length === 0) continue;
        report.judged();
        // Where a mark parts them, their order is seen.
        if (/ -- /.test(text)) continue;
        const words = operands.filter(
          ({ kind, count, name }) => kind === 'word' && (count?.value.least ?? 1) > 0 && /[a-z]/i.test(name),
        );
        const names = [...new Set(words.map(({ name }) => name))];
        // The same word with a number behind it (`FILE1 FILE2`) is one meaning.
        const meanings = new Set(names.map((name) => name.replace(/[-_]?\d+>?$/, '')));
        if (meanings.size <= MAX_OPERANDS || (view.isHelp(words[0]?.place ?? null) && !words.every(isMarked)))
          continue;
        report.finding({
          command: path,
          subject: names[0] ?? '',
          data: { names },
          place: words[0]?.place ?? null,
        });
        break;
      }
    }
  },
  message: ({ names }: { names: readonly string[] }) =>
    `${names.length} operands must be given in the right order: ${listNames(names)}`,
  fix: () => 'keep the main operand, and make the others option-arguments',
});

/** In help output, words without the marks of a placeholder (`BOX`, `<box>`) may be a sentence behind the synopsis. */
function isMarked({ word, name }: Operand): boolean {
  return /^<[^<>-][^<>]*>$|^[A-Z][A-Z\d_-]*$/.test(word.placeholder?.value ?? name);
}

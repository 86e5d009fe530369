import { quoteName } from '../../messages/wording.ts';
import type { Form } from '../../model/command.ts';
import type { Operand } from '../../model/operand.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each form with two operands that each take any number of words. */
export const twoOpenEnded = defineCheck({
  name: 'arguments/two-open-ended',
  level: 'error',
  title: 'Two operands each take any number of words',
  why: 'No parser can tell where the first ends and the second begins: it gives all words to one of them.',
  standard: 'POSIX XBD 12.1',
  needs: ['the operands of the usage line'],
  since: 4,
  examples: {
    wrong: 'dabbawala: 1\nprogram: tiffin\nusage: tiffin BOX... CARRIER...\noperands: [BOX..., CARRIER...]\n',
    right: 'dabbawala: 1\nprogram: tiffin\nusage: tiffin BOX... CARRIER\noperands: [BOX..., CARRIER]\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nusage: tiffin BOX... -- CARRIER...\noperands: [BOX..., CARRIER...]\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      for (const form of command.forms) {
        const open = form.operands.filter(({ kind, count }) => kind === 'word' && count?.value.most === null);
        if (form.operands.length > 0) report.judged();
        const [first, second] = open;
        if (first === undefined || second === undefined || isParted(form, first, second)) continue;
        if ([first, second].some(({ count }) => count?.basis === 'inferred')) continue;
        report.finding({
          // In help output the second may stand for something else, or be known by its form, which a synopsis does not show.
          ...(view.isHelp(second.place) ? { level: 'note' as const } : {}),
          command: path,
          subject: second.name,
          data: { first: first.name, second: second.name },
          place: second.place,
          related: [{ place: first.place, note: 'takes any number of words before it' }],
        });
      }
    }
  },
  message: ({ first, second }: { first: string; second: string }) =>
    `${quoteName(first)} and ${quoteName(second)} each take any number of words, with nothing between them`,
  fix: ({ second }) => `make ${quoteName(second)} an option-argument, or separate the two with '--'`,
});

/** Whether an option, the name of a command, a word with a mark such as `NAME=VALUE`, or a mark such as `--` or `//` stands between two operands, or tells one by itself. */
function isParted(form: Form, first: Operand, second: Operand): boolean {
  const isMarked = ({ word, name }: Operand) => /[=:@+%]|^-/.test(word.placeholder?.value ?? name);
  if (isMarked(first) || isMarked(second)) return true;
  // The name of a command between them parts them.
  const inner = form.operands.slice(form.operands.indexOf(first) + 1, form.operands.indexOf(second));
  if (inner.some(({ kind }) => kind === 'command-line')) return true;
  const from = form.text.indexOf(placeholderOf(first)) + placeholderOf(first).length;
  const between = form.text.slice(from, form.text.indexOf(placeholderOf(second), from));
  // `[NAME PATH]...`, `[KEY [NOTE]]...`: the dots are those of both.
  if (/^\s*\[?\s*$/.test(between)) return true;
  return /(?:^|[\s[])-|\||\b(?:and|to|in|from|with|as)\b|(?:^|[\s[])[:;,/+=%@#&!]{1,9}(?:[\s\]]|$)/.test(
    between,
  );
}

function placeholderOf({ word, name }: Operand): string {
  return word.placeholder?.value ?? name;
}

import { listNames } from '../../messages/wording.ts';
import { commandName } from '../../model/command.ts';
import { repeatsName } from '../../words/repeats-name.ts';
import { defineCheck } from '../define-check.ts';

type Empty = { readonly names: readonly string[]; readonly kind: 'command' | 'operand' };

/** One finding for the commands, and one for the operands, of a command whose text only repeats the name. */
export const summarySaysNothing = defineCheck({
  name: 'help/summary-says-nothing',
  level: 'note',
  title: 'The text of a command or operand only repeats the name',
  why: 'Readers of the help have already read the name. A text that adds nothing hides the fact that one is missing.',
  standard: 'practice',
  needs: ['the texts of commands and operands'],
  since: 11,
  examples: {
    wrong:
      'Usage: tiffin COMMAND\n\nCommands:\n  weigh   the weigh command\n  close   end the round of a day\n',
    right:
      'Usage: tiffin COMMAND\n\nCommands:\n  weigh   weigh each box once\n  close   end the round of a day\n',
    nearMiss:
      'Usage: tiffin COMMAND\n\nCommands:\n  weigh     weigh boxes\n  help      help\n  version   version\n',
  },
  judge(view, report) {
    for (const { command, path } of view.commands) {
      const lists = [
        {
          kind: 'command' as const,
          told: command.commands.items.map((one) => ({ name: commandName(one), text: one.summary })),
        },
        {
          kind: 'operand' as const,
          told: command.operands.items.map(({ name, help }) => ({ name, text: help })),
        },
      ];
      for (const { kind, told } of lists) {
        report.judged(told.length);
        const faulty = told.filter(
          ({ name, text }) => text !== undefined && !CLEAR.test(name) && repeatsWord(text.value, name),
        );
        const [first] = faulty;
        if (first === undefined) continue;
        report.finding({
          command: path,
          subject: first.name,
          data: { names: faulty.map(({ name }) => name), kind },
          place: first.text?.place ?? null,
        });
      }
    }
  },
  members: { list: 'names', nameOf: (name) => name },
  message: ({ names, kind }: Empty) =>
    `the ${names.length === 1 ? 'text' : 'texts'} of the ${kind}${names.length === 1 ? '' : 's'} ${listNames(names)} ${names.length === 1 ? 'says' : 'say'} nothing that ${names.length === 1 ? 'the name does' : 'the names do'} not`,
  fix: ({ kind }) =>
    kind === 'command' ? 'say what it does, and to what' : 'say what it is, and what it is for',
});

/** Names that say all there is to say. */
const CLEAR = /^\W*(?:help|version|usage|licen[cs]e|file|files|args|arguments|quit|exit)\W*$/i;

function repeatsWord(text: string, name: string): boolean {
  const words = name
    .toLowerCase()
    .replace(/[^\p{L}\d]+/gu, ' ')
    .trim();
  // Of several words a name says what is done to what.
  if (!/^[\p{L}\d]+$/u.test(words)) return false;
  return [words, `${words}s`, `do ${words}`].some((phrase) => repeatsName(text, phrase));
}

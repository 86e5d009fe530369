import { quoteName } from '../../messages/wording.ts';
import type { Command } from '../../model/command.ts';
import { defineCheck } from '../define-check.ts';
import { standsAlone, toldTexts } from '../told-texts.ts';

type Mentioned = { readonly name: string; readonly of: string | null };

/** One finding for each command that a text speaks of and that no list has. */
export const mentionsUnknownCommand = defineCheck({
  name: 'help/mentions-unknown-command',
  level: 'note',
  title: 'A text mentions a command that does not exist',
  why: 'The command was renamed or removed, and other texts still send the reader to it.',
  standard: 'practice',
  needs: ['a list of commands', 'the texts'],
  since: 11,
  examples: {
    wrong:
      "Usage: tiffin COMMAND\n\nCommands:\n  open    begin a round\n  close   end a round\n\nRun 'tiffin start' first.\n",
    right:
      "Usage: tiffin COMMAND\n\nCommands:\n  open    begin a round\n  close   end a round\n\nRun 'tiffin open' first.\n",
    nearMiss:
      "Usage: tiffin COMMAND\n\nCommands:\n  open    begin a round\n  close   end a round\n\nRun 'tiffin help COMMAND' for more, or 'quay start' first.\n",
  },
  judge(view, report) {
    const { root, program } = view.interface;
    if (!root.described || root.commands.items.length < LEAST_LISTED || root.pluginCommands?.value === true)
      return;
    const known = new Set(root.commands.items.flatMap(namesOf));
    const patterns = mentionsOf(program.value);
    for (const { command, path } of view.commands) {
      const below = new Set(command.commands.items.flatMap(namesOf));
      for (const { text, place, of } of toldTexts(command)) {
        const mentioned = commandsIn(text, patterns).filter((name) => name !== of);
        report.judged(mentioned.length);
        const unknown = mentioned.find(
          (name) => !known.has(name) && !below.has(name) && !STANDING.has(name) && standsAlone(name, place),
        );
        if (unknown !== undefined)
          report.finding({ command: path, subject: unknown, data: { name: unknown, of }, place });
      }
    }
  },
  message: ({ name, of }: Mentioned) =>
    `${of === null ? 'a text' : `the text of ${quoteName(of)}`} mentions the command ${quoteName(name)}, which the list of commands lacks`,
  fix: ({ name }) => `name the right command, or list ${quoteName(name)}`,
});

/** So many commands make a list of which one may be missed. */
const LEAST_LISTED = 2;

/** Words that stand for a command, or are there without being listed. */
const STANDING: ReadonlySet<string> = new Set(
  'help version command commands subcommand cmd action name topic options with and or is'.split(' '),
);

function namesOf({ names }: Command): string[] {
  return names.map(({ text }) => text);
}

/** How a text calls a word a command of the program: `'tiffin open'`, `see tiffin open`, `the command 'open'`. */
function mentionsOf(program: string): RegExp[] {
  const own = program.replace(/[^\w-]/g, '\\$&');
  const patterns = [
    `["'\`]${own} ([a-z][\\w-]{1,30})(?=[ "'\`])`,
    `\\b(?:[Ss]ee|[Uu]se|[Rr]un|same as|like|[Tt]ry|as) ${own} ([a-z][\\w-]{1,30})(?=[).,;]| (?:for|first|instead|--)|$)`,
    `\\b(?:the |sub)?command ["'\`]([a-z][\\w-]{1,30})["'\`]`,
    `\\b(?:the|see|use|run) ["'\`]([a-z][\\w-]{1,30})["'\`] (?:sub-?)?command\\b`,
    `\\((?:see|same as|like) ["'\`]([a-z][\\w-]{1,30})["'\`]\\)|\\bopposite of ["'\`]([a-z][\\w-]{1,30})["'\`]`,
  ];
  return patterns.map((pattern) => new RegExp(pattern, 'g'));
}

/** The words that a text calls commands of the program. */
function commandsIn(text: string, patterns: readonly RegExp[]): string[] {
  return patterns.flatMap((pattern) =>
    [...text.matchAll(pattern)].flatMap(([, name, other]) => name ?? other ?? []),
  );
}

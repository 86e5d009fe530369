import { countOf, listNames } from '../../messages/wording.ts';
import { type Command, commandName } from '../../model/command.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each command that lists subcommands without a text beside others with one. */
export const commandUndescribed = defineCheck({
  name: 'help/command-undescribed',
  level: 'warning',
  title: 'A command is listed without a text',
  why: 'The name is all there is to choose by. The reader must open its help to find out whether it is the right one.',
  standard: 'practice',
  needs: ['a list of commands'],
  since: 4,
  examples: {
    wrong: 'Usage: tiffin COMMAND\n\nCommands:\n  open   open a round\n  close  close a round\n  count\n',
    right:
      'Usage: tiffin COMMAND\n\nCommands:\n  open   open a round\n  close  close a round\n  count  count the boxes\n',
    nearMiss: 'Usage: tiffin COMMAND\n\nCommands:\n  open, close, count\n',
  },
  judge(view, report) {
    for (const { command, path } of view.commands) {
      const listed = command.commands.items.filter(({ hidden }) => hidden?.value !== true);
      report.judged(listed.length);
      const aliases = aliasesAbove(listed);
      const bare = listed.filter(
        (one) =>
          !hasText(one) &&
          // A list of commands that are under it speaks for it.
          one.commands.items.length === 0 &&
          one.names[0]?.text !== 'help' &&
          !aliases.has(one),
      );
      const [first] = bare;
      const described = listed.filter(hasText).length;
      // Names alone in a row are an index, with the texts elsewhere.
      if (first === undefined || bare.length > described || !tellInWords(listed)) continue;
      report.finding({
        command: path,
        subject: commandName(first),
        data: { names: bare.map(commandName), described },
        place: first.place,
        // In a list where names may stand above others, it is one of two readings.
        ...(isAmongAliases(bare, listed) ? { level: 'note' } : {}),
      });
    }
  },
  apart: true,
  message: ({ names, described }: { names: readonly string[]; described: number }) =>
    `${listNames(names)} ${names.length === 1 ? 'has' : 'have'} no text, ${countOf(described, 'other command')} listed ${described === 1 ? 'has' : 'have'} one`,
  fix: () => 'say in a few words what it does',
});

function hasText({ names, summary, description }: Command): boolean {
  // A title of the command's own help that is its path says nothing.
  const isPath =
    names.some(({ text }) => description?.value.endsWith(` ${text}`)) &&
    !/ \S+ \S+ /.test(description?.value ?? '');
  return summary !== undefined || (description !== undefined && !isPath);
}

/** Fewer texts of one word may be short. */
const MIN_TEXTS = 3;

/** Whether at least half of the texts of a list have two words in a row: what stands beside others are their operands, `lid   on | off`. */
function tellInWords(listed: readonly Command[]): boolean {
  const texts = listed.flatMap(({ summary }) => summary?.value ?? []);
  return (
    texts.length < MIN_TEXTS || texts.filter((text) => /[a-z] [a-z]/i.test(text)).length * 2 >= texts.length
  );
}

/** Which commands stand in the line above another, or above one that does, which has the text of all. */
function aliasesAbove(listed: readonly Command[]): ReadonlySet<Command> {
  const found = new Set<Command>();
  for (let i = listed.length - 2; i >= 0; i--) {
    const [command, next] = [listed[i], listed[i + 1]];
    if (command === undefined || next === undefined || hasText(command)) continue;
    if (!isRightAbove(command, next)) continue;
    if (next.summary !== undefined || found.has(next)) found.add(command);
  }
  // One alone that is no short form of the next may as well lack a text.
  const [one, ...more] = found;
  const isBare =
    one !== undefined && more.length === 0 && !isShortOf(one, listed) && hasTextBeside(one, listed);
  return isBare ? new Set() : found;
}

/** Whether the text of the command below another stands in its line: below it, it may be that of both. */
function hasTextBeside(command: Command, listed: readonly Command[]): boolean {
  const next = listed[listed.indexOf(command) + 1];
  const [name, text] = [next?.place ?? null, next?.summary?.place ?? null];
  return name !== null && text !== null && !name.source.text.slice(name.end, text.start).includes('\n');
}

/** Whether the name of a command is short for that of the next, or begins as it does: `ls` above `list`. */
function isShortOf(command: Command, listed: readonly Command[]): boolean {
  const next = listed[listed.indexOf(command) + 1];
  const [own, other] = [commandName(command), next === undefined ? '' : commandName(next)];
  const letters = [...own];
  let at = 0;
  for (const letter of other) if (letter === letters[at]) at++;
  return at === letters.length || other.startsWith(own.slice(0, 2));
}

/** Whether the only command without a text stands right above one that has one. */
function isAmongAliases([first, ...more]: readonly Command[], listed: readonly Command[]): boolean {
  const next = first === undefined ? undefined : listed[listed.indexOf(first) + 1];
  return first !== undefined && more.length === 0 && next !== undefined && isRightAbove(first, next);
}

function isRightAbove({ place }: Command, { place: next }: Command): boolean {
  if (place === null || next === null || place.source !== next.source) return false;
  const between = place.source.text.slice(place.end, next.start);
  return (between.match(/\n/g) ?? []).length === 1;
}

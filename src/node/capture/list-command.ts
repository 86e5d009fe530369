import type { Interface } from '../../core/model/interface.ts';
import { profileOf } from '../../core/parsers/profile-of.ts';

/** The command that lists all others, in parsers that have one. */
export const LIST_COMMAND = 'list';

/** Whether a program's help shows no commands, but a parser whose programs list them by a command of its own (as Symfony Console's do). */
export function needsListCommand({ parser, root }: Interface): boolean {
  const names = parser?.value ?? [];
  const hasList = names.every((name) => profileOf(name)?.addedCommands.includes(LIST_COMMAND));
  return names.length > 0 && hasList && root.commands.items.length === 0;
}

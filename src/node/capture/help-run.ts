import type { Interface } from '../../core/model/interface.ts';
import { type CommandAt, walkCommands } from '../../core/model/walk.ts';
import type { ProgramRun } from '../running/run-program.ts';

/** The command at a path below the program, as far as it is described. */
export function commandAt(cli: Interface, path: readonly string[]): CommandAt | undefined {
  return [...walkCommands(cli)].find((at) => at.path.length === path.length + 1 && at.command.described);
}

/**
 * Whether a reading shows anything that only help shows. Of a run that failed, a synopsis or several things listed: one alone may be an
 * error message that names an option.
 */
export function isHelp(cli: Interface, path: readonly string[], { status }: ProgramRun): boolean {
  const command = commandAt(cli, path)?.command;
  if (command === undefined) return false;
  const listed =
    command.options.items.filter((option) => option.listed).length + command.commands.items.length;
  return command.forms.length > 0 || listed > (status === 0 ? 0 : 1);
}

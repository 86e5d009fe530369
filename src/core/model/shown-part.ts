import type { Command } from './command.ts';
import type { Interface } from './interface.ts';
import type { Option } from './option.ts';
import { walkCommands } from './walk.ts';

/** An interface without the names of options that help leaves out; the same where there are none. */
export function shownPart(cli: Interface): Interface {
  const hasHidden = ({ options }: Command) => options.items.some((option) => option.hiddenNames.length > 0);
  if (![...walkCommands(cli)].some(({ command }) => hasHidden(command))) return cli;
  return { ...cli, root: shownCommand(cli.root) };
}

/** An option without the names that help leaves out, unless it has no others. */
export function shownOption(option: Option): Option {
  if (option.hiddenNames.length === 0) return option;
  const hidden = new Set(option.hiddenNames.map(({ value }) => value));
  const names = option.names.filter(({ text }) => !hidden.has(text));
  return names.length === 0 ? option : { ...option, names, hiddenNames: [] };
}

function shownCommand(command: Command): Command {
  return {
    ...command,
    options: { ...command.options, items: command.options.items.map(shownOption) },
    commands: { ...command.commands, items: command.commands.items.map(shownCommand) },
  };
}

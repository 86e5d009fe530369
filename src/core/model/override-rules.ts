import type { Command } from './command.ts';
import type { Interface } from './interface.ts';
import type { ParsingRules } from './parsing-rules.ts';

/** An interface with some parsing rules set for all its commands, whatever its sources say of them. */
export function overrideRules(cli: Interface, rules: ParsingRules): Interface {
  const root = overrideBelow(cli.root, [], rules);
  return root === undefined ? cli : { ...cli, root };
}

/** A command with some parsing rules set for the one below it at a path, and all below that; undefined where there is none. */
export function overrideBelow(
  command: Command,
  path: readonly string[],
  rules: ParsingRules,
): Command | undefined {
  const [word, ...rest] = path;
  if (word === undefined) {
    const known = Object.entries(rules).filter(([, rule]) => rule !== undefined);
    return known.length === 0 ? command : overridden(command, Object.fromEntries(known));
  }
  const { items } = command.commands;
  const at = items.findIndex(({ names }) => names.some(({ text }) => text === word));
  const found = items[at];
  const below = found && overrideBelow(found, rest, rules);
  if (below === undefined) return undefined;
  return { ...command, commands: { ...command.commands, items: items.with(at, below) } };
}

function overridden(command: Command, rules: Partial<ParsingRules>): Command {
  return {
    ...command,
    rules: { ...command.rules, ...rules },
    commands: { ...command.commands, items: command.commands.items.map((below) => overridden(below, rules)) },
  };
}

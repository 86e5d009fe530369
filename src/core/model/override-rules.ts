import type { Command } from './command.ts';
import type { Interface } from './interface.ts';
import type { ParsingRules } from './parsing-rules.ts';

/** An interface with some parsing rules set for all its commands, whatever its sources say of them. */
export function overrideRules(from: Interface, rules: ParsingRules): Interface {
  const known = Object.entries(rules).filter(([, rule]) => rule !== undefined);
  return known.length === 0 ? from : { ...from, root: overridden(from.root, Object.fromEntries(known)) };
}

function overridden(command: Command, rules: Partial<ParsingRules>): Command {
  return {
    ...command,
    rules: { ...command.rules, ...rules },
    commands: { ...command.commands, items: command.commands.items.map((below) => overridden(below, rules)) },
  };
}

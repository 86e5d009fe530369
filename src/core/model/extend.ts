import type { Command } from './command.ts';
import type { Interface } from './interface.ts';

/**
 * The interface of a program with an extension installed: the extension's options and commands are added at their command
 * paths, behind those of the program. What both declare stands twice, since the parser has both: nothing is joined.
 */
export function extendInterface(base: Interface, extension: Interface): Interface {
  return {
    ...base,
    root: extendCommand(base.root, extension.root),
    environment: [...base.environment, ...extension.environment],
    files: [...base.files, ...extension.files],
    sources: [...base.sources, ...extension.sources],
    extended: {
      base: base.extended?.base ?? base,
      extensions: [...(base.extended?.extensions ?? []), extension],
    },
  };
}

function extendCommand(base: Command, extension: Command): Command {
  const commands = [...base.commands.items];
  for (const command of extension.commands.items) {
    const at = commands.findIndex((other) => sharesName(other, command));
    const known = commands[at];
    if (known === undefined || isDeclared(command)) commands.push(command);
    else commands[at] = extendCommand(known, command);
  }
  return {
    ...base,
    options: { ...base.options, items: [...base.options.items, ...extension.options.items] },
    commands: { ...base.commands, items: commands },
    operands: { ...base.operands, items: [...base.operands.items, ...extension.operands.items] },
    relations: [...base.relations, ...extension.relations],
    examples: [...base.examples, ...extension.examples],
    remarks: [...base.remarks, ...extension.remarks],
    described: base.described || extension.described,
  };
}

/** Whether an extension declares a command as its own, and does not only add to one that is there. */
function isDeclared(command: Command): boolean {
  return command.summary !== undefined || command.description !== undefined || command.forms.length > 0;
}

function sharesName(a: Command, b: Command): boolean {
  const names = new Set(a.names.map(({ text }) => text));
  return b.names.some(({ text }) => names.has(text));
}

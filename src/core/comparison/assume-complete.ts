import type { Command } from '../model/command.ts';
import type { Interface } from '../model/interface.ts';
import type { ItemList } from '../model/item-list.ts';

/** An interface whose lists are all there is, where its sources do not say that they are parts. */
export function assumeComplete(cli: Interface): Interface {
  return { ...cli, root: completed(cli.root) };
}

function completed(command: Command): Command {
  return {
    ...command,
    options: asComplete(command.options),
    commands: asComplete({ ...command.commands, items: command.commands.items.map(completed) }),
    operands: asComplete(command.operands),
  };
}

function asComplete<T>(list: ItemList<T>): ItemList<T> {
  return list.complete === undefined
    ? { ...list, complete: { value: true, basis: 'stated', place: null } }
    : list;
}

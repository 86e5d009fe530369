import { type Command, commandName } from '../../model/command.ts';
import type { Interface } from '../../model/interface.ts';
import type { Option } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import { ownersByName, pairOptions } from './pair-options.ts';
import { findRenamed } from './renamed.ts';

/** One command in both versions. */
export interface CommandPair {
  readonly old: CommandAt;
  readonly newer: CommandAt;
}

/** Which commands and options of an old version are which of a new one. */
export interface Pairing {
  /** The commands that both have, each before its subcommands. */
  readonly pairs: readonly CommandPair[];
  readonly commands: ReadonlyMap<Command, Command>;
  readonly removedCommands: readonly CommandAt[];
  readonly addedCommands: readonly CommandAt[];
  /** Options that both have, wherever the new version declares them. */
  readonly options: ReadonlyMap<Option, Option>;
  /** Of these, those that another command declares in the new version: the command that does. */
  readonly moved: ReadonlyMap<Option, CommandAt>;
  /** The options and commands of the new version that the old one has. */
  readonly known: ReadonlySet<Option | Command>;
}

/** Finds out what is the same in two versions of an interface. */
export function pairInterfaces(before: Interface, after: Interface): Pairing {
  const pairs: CommandPair[] = [];
  const removedCommands: CommandAt[] = [];
  const addedCommands: CommandAt[] = [];
  const visit = (pair: CommandPair) => {
    pairs.push(pair);
    const found = pairCommands(pair.old.command.commands.items, pair.newer.command.commands.items);
    const taken = new Set(found.values());
    for (const command of pair.old.command.commands.items) {
      const newer = found.get(command);
      if (newer === undefined) removedCommands.push(below(pair.old, command));
      else visit({ old: below(pair.old, command), newer: below(pair.newer, newer) });
    }
    for (const command of pair.newer.command.commands.items)
      if (!taken.has(command)) addedCommands.push(below(pair.newer, command));
  };
  visit({ old: rootOf(before), newer: rootOf(after) });
  const options = new Map<Option, Option>();
  for (const { old, newer } of pairs)
    for (const [option, same] of pairOptions(old.command.options.items, newer.command.options.items))
      options.set(option, same);
  const moved = findMoved(pairs, options);
  const commands = new Map(pairs.map(({ old, newer }) => [old.command, newer.command]));
  return {
    pairs,
    commands,
    removedCommands,
    addedCommands,
    options,
    moved,
    known: new Set([...options.values(), ...commands.values()]),
  };
}

/** Whether a source tells what a command takes, and does not only name it in the list of another. */
export function isToldOf({ described, options }: Command): boolean {
  return described || options.complete?.value === true;
}

/** Options that the same command no longer declares, but one above it does; adds them to the pairs. */
function findMoved(pairs: readonly CommandPair[], options: Map<Option, Option>): Map<Option, CommandAt> {
  const moved = new Map<Option, CommandAt>();
  for (const { old, newer } of pairs) {
    const left = old.command.options.items.filter((option) => !options.has(option));
    for (let depth = newer.line.length - 1; depth > 0 && left.length > 0; depth--) {
      const line = newer.line.slice(0, depth);
      const command = line.at(-1);
      if (command === undefined) break;
      const owners = ownersByName(command.options.items);
      for (const option of left) {
        if (options.has(option)) continue;
        const [same] = option.names.flatMap(({ text, form }) =>
          form === 'short' ? [] : (owners.get(text) ?? []),
        );
        if (same === undefined) continue;
        options.set(option, same);
        moved.set(option, { command, line, path: newer.path.slice(0, depth) });
      }
    }
  }
  return moved;
}

function rootOf({ root }: Interface): CommandAt {
  return { command: root, line: [root], path: [commandName(root)] };
}

function below(at: CommandAt, command: Command): CommandAt {
  return { command, line: [...at.line, command], path: [...at.path, commandName(command)] };
}

/** The subcommands that are the same: by their canonical names, by any name, or renamed. */
function pairCommands(before: readonly Command[], after: readonly Command[]): Map<Command, Command> {
  const pairs = new Map<Command, Command>();
  const taken = new Set<Command>();
  const pairBy = (namesOf: (command: Command) => readonly string[]) => {
    const owners = new Map<string, Command>();
    for (const command of after)
      for (const name of namesOf(command))
        if (!taken.has(command) && !owners.has(name)) owners.set(name, command);
    for (const command of before) {
      if (pairs.has(command)) continue;
      const same = namesOf(command)
        .map((name) => owners.get(name))
        .find((one) => one !== undefined && !taken.has(one));
      if (same === undefined) continue;
      pairs.set(command, same);
      taken.add(same);
    }
  };
  pairBy((command) => [commandName(command)]);
  pairBy(({ names }) => names.map(({ text }) => text));
  const olds = before.filter((command) => !pairs.has(command));
  const news = after.filter((command) => !taken.has(command));
  for (const [i, j] of findRenamed(olds.map(described), news.map(described))) {
    const [old, newer] = [olds[i], news[j]];
    if (old !== undefined && newer !== undefined) pairs.set(old, newer);
  }
  return pairs;
}

function described(command: Command) {
  return {
    names: command.names.map(({ text }) => text),
    text: command.summary?.value ?? command.description?.value,
    trait: undefined,
  };
}

import { isSameList } from '../../core/collections/list-key.ts';
import type { Command } from '../../core/model/command.ts';
import { observed } from '../../core/model/fact.ts';
import type { Interface } from '../../core/model/interface.ts';
import type { Option } from '../../core/model/option.ts';
import { walkCommands } from '../../core/model/walk.ts';

/**
 * What a parser declares, with the options marked as hidden that no help shows, where the parser itself has no notion of help. `helps` are the
 * helps of the program, each of one command: an option is hidden where neither their reading nor their text has one of its names.
 */
export function withHiddenOptions(declared: Interface, helps: readonly Interface[]): Interface {
  const shown = new Map<string, Shown>();
  for (const help of helps) {
    for (const { command, path } of walkCommands(help)) {
      const text = help.sources.find((one) => isSameList(one.command, path))?.source.text;
      if (command.described && text !== undefined) shown.set(path.slice(1).join('\0'), { command, text });
    }
  }
  return { ...declared, root: marked(declared.root, [], shown) };
}

/** A command as its help shows it, and the text of that help. */
interface Shown {
  readonly command: Command;
  readonly text: string;
}

function marked(command: Command, path: readonly string[], shown: ReadonlyMap<string, Shown>): Command {
  const help = shown.get(path.join('\0'));
  const items = command.commands.items.map((below) =>
    marked(below, [...path, below.names[0]?.text ?? ''], shown),
  );
  const options =
    help === undefined
      ? command.options
      : { ...command.options, items: command.options.items.map((option) => markedOption(option, help)) };
  return { ...command, options, commands: { ...command.commands, items } };
}

function markedOption(option: Option, { command, text }: Shown): Option {
  if (option.hidden !== undefined) return option;
  const known = new Set(
    command.options.items.flatMap(({ names, negatedNames }) =>
      [...names, ...negatedNames].map((name) => name.text),
    ),
  );
  // Some parsers take one hyphen for two.
  const isShown = option.names.some(
    ({ text: name }) =>
      known.has(name) || holds(text, name) || (name.startsWith('--') && holds(text, name.slice(1))),
  );
  return isShown ? option : { ...option, hidden: observed(true, null) };
}

/** Whether a text has a name that is no part of a longer one. */
function holds(text: string, name: string): boolean {
  for (let at = text.indexOf(name); at >= 0; at = text.indexOf(name, at + 1)) {
    if (!/[\w-]/.test(text[at - 1] ?? ' ') && !/[\w-]/.test(text[at + name.length] ?? ' ')) return true;
  }
  return false;
}

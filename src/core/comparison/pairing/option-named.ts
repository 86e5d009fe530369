import type { Command } from '../../model/command.ts';
import type { Option } from '../../model/option.ts';
import { allNames, optionsByName } from '../../model/options-by-name.ts';
import type { CommandAt } from '../../model/walk.ts';

/** The option that a name stands for, of those that a command declares, and of those of them that may stand anywhere below it. */
interface Named {
  readonly own: ReadonlyMap<string, Option>;
  readonly below: ReadonlyMap<string, Option>;
}

/** Kept by command: each name of a long list is asked for. */
const known = new WeakMap<Command, Named>();

/** What stands for an option at a command: that which has one of its names there. */
export function optionNamed(at: CommandAt, name: string): Option | undefined {
  const own = namedBy(at.command).own.get(name);
  if (own !== undefined) return own;
  for (const command of at.line.slice(0, -1)) {
    const above = namedBy(command).below.get(name);
    if (above !== undefined) return above;
  }
  return undefined;
}

function namedBy(command: Command): Named {
  const before = known.get(command);
  if (before !== undefined) return before;
  const { items } = command.options;
  const named: Named = {
    own: optionsByName(items, allNames),
    below: optionsByName(
      items.filter(({ inheritance }) => inheritance?.value === 'anywhere-below'),
      allNames,
    ),
  };
  known.set(command, named);
  return named;
}

import type { AuditView } from '../audit-view.ts';
import { groupedBy } from '../collections/grouped.ts';
import { listKey } from '../collections/list-key.ts';
import type { Command } from '../model/command.ts';
import type { Interface, SourceKind } from '../model/interface.ts';
import { joinInterfaces } from '../model/join.ts';
import { mainName, type Option } from '../model/option.ts';
import { optionsByName } from '../model/options-by-name.ts';
import { walkCommands } from '../model/walk.ts';

/** One command as two sources describe it: the first is of the kind whose facts are preferred. */
export interface CommandTwice {
  readonly path: readonly string[];
  readonly first: Command;
  readonly second: Command;
  /** What the two are called in messages: `the document`, `the help`. */
  readonly called: readonly [string, string];
}

/** An option of such a command, as the two have it. */
export interface OptionTwice {
  readonly at: CommandTwice;
  readonly name: string;
  readonly first: Option;
  readonly second: Option;
}

/** What the help that stands in a script is called. */
export const USAGE_TEXT = 'the usage text';

const CALLED: Readonly<Record<SourceKind, string>> = {
  document: 'the document',
  objects: 'the parser',
  script: 'the script',
  help: 'the help',
  manual: 'the manual page',
  markdown: 'the Markdown page',
};

/** One program as sources of two kinds describe it. */
export interface InterfaceTwice {
  readonly first: Interface;
  readonly second: Interface;
  /** What the two are called in messages: `the document`, `the help`. */
  readonly called: readonly [string, string];
}

/** The program as its sources describe it, those of one kind together, each kind held against those before it. */
export function interfacesTwice(view: AuditView): InterfaceTwice[] {
  const parts = [...groupedBy(view.interface.views, calledOf)].flatMap(([name, views]) => {
    const whole = views.length === 1 ? views[0] : joinInterfaces(views)[0];
    return name === undefined || whole === undefined ? [] : [{ name, whole }];
  });
  return parts.flatMap((one, i) =>
    parts.slice(i + 1).map((other) => ({
      first: one.whole,
      second: other.whole,
      called: [one.name, other.name] as const,
    })),
  );
}

/** What a view of a program is called; the help that stands in a script is not the one that the program prints somewhere else. */
function calledOf({ sources: [source] }: Interface): string | undefined {
  if (source === undefined) return undefined;
  return source.kind === 'help' && source.source.within !== undefined ? USAGE_TEXT : CALLED[source.kind];
}

/** The commands that sources of two kinds describe, each kind held against those before it. */
export function commandsTwice(view: AuditView): CommandTwice[] {
  return interfacesTwice(view).flatMap(({ first, second, called }) => {
    const seconds = describedByPath(second);
    return [...describedByPath(first)].flatMap(([key, { path, command }]) => {
      const other = seconds.get(key)?.command;
      return other === undefined ? [] : [{ path, first: command, second: other, called }];
    });
  });
}

/** Options that two sources have, by the command that has them. */
export function groupedByCommand(options: readonly OptionTwice[]): ReadonlyMap<CommandTwice, OptionTwice[]> {
  return groupedBy(options, ({ at }) => at);
}

function describedByPath(cli: Interface) {
  return new Map(
    [...walkCommands(cli)]
      .filter(({ command }) => command.described)
      .map(({ path, command }) => [listKey(path), { path, command }] as const),
  );
}

/** The options that two sources of a command both have. */
export function optionsTwice(view: AuditView): OptionTwice[] {
  return commandsTwice(view).flatMap((at) => {
    const seconds = optionsByName(at.second.options.items);
    const twice = namesTwice(at.second);
    return at.first.options.items.flatMap((first) => {
      const second = mostAlike(first, seconds);
      // `--style=WORD`, and below it `-p, --style=slash`: forms of one option, each with facts of its own.
      if (second?.names.some(({ text }) => twice.has(text))) return [];
      return second === undefined ? [] : [{ at, name: mainName(first).text, first, second }];
    });
  });
}

/** The option that has the most names of another one; undefined where none has any. */
function mostAlike({ names }: Option, others: ReadonlyMap<string, Option>): Option | undefined {
  const shared = new Map<Option, number>();
  for (const { text } of names) {
    const other = others.get(text);
    if (other !== undefined) shared.set(other, (shared.get(other) ?? 0) + 1);
  }
  return [...shared].sort(([, a], [, b]) => b - a)[0]?.[0];
}

/** The names that stand in several entries of a command. */
function namesTwice({ options }: Command): ReadonlySet<string> {
  const seen = new Set<string>();
  const twice = new Set<string>();
  for (const { names } of options.items)
    for (const { text } of names) {
      if (seen.has(text)) twice.add(text);
      seen.add(text);
    }
  return twice;
}

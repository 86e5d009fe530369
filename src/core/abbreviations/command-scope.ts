import type { Command, CommandName } from '../model/command.ts';
import type { Knowable } from '../model/fact.ts';
import { nearestRule } from '../model/nearest-rule.ts';
import type { CommandAt } from '../model/walk.ts';
import { indexRules } from './index-rules.ts';
import { NameIndex } from './name-index.ts';
import type { NameLookup } from './name-lookup.ts';
import { SegmentIndex } from './segment-index.ts';

/** The subcommands of one command, where their abbreviations compete. */
export interface CommandScope {
  /** What the names are of. */
  readonly kind: 'commands';
  /** The command whose subcommands they are. */
  readonly at: CommandAt;
  /** Whether the parser accepts abbreviated commands, or segments, here; undefined where the sources do not say. */
  readonly accepted: Knowable<boolean>;
  /** Whether the sources show all subcommands; undefined where they do not say. */
  readonly complete: Knowable<boolean>;
  /** Every name, aliases included, with its command. */
  readonly names: readonly {
    /** The command that has the name. */
    readonly command: Command;
    /** The name itself. */
    readonly name: CommandName;
  }[];
  /** The names, to look words up in. What the parser is not known to refuse counts as accepted. */
  readonly index: NameLookup<Command>;
  /** The same index where each segment of a name may be shortened; undefined where not. */
  readonly segments: SegmentIndex<Command> | undefined;
}

/** What parts the segments of a command name where nothing else is declared. */
const SEPARATOR = ':';

/** The subcommands of a command by all their names. */
export function commandScope(at: CommandAt): CommandScope {
  const names = at.command.commands.items.flatMap((command) =>
    command.names.map((name) => ({ command, name })),
  );
  const indexed = names.map(({ command, name }) => ({ name: name.text, target: command }));
  const bySegments = nearestRule(at.line, 'segmentAbbreviations');
  const accepted = bySegments?.value === true ? bySegments : nearestRule(at.line, 'commandAbbreviations');
  const rules = indexRules(at.line, accepted, 1);
  const separator = nearestRule(at.line, 'segmentSeparator')?.value ?? SEPARATOR;
  const segments =
    bySegments?.value === true && separator !== '' ? new SegmentIndex(indexed, separator, rules) : undefined;
  return {
    kind: 'commands',
    at,
    accepted,
    complete: at.command.commands.complete,
    names,
    index: segments ?? new NameIndex(indexed, rules),
    segments,
  };
}

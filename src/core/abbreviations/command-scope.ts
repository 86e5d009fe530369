import type { Command, CommandName } from '../model/command.ts';
import type { Knowable } from '../model/fact.ts';
import { nearestRule } from '../model/nearest-rule.ts';
import type { CommandAt } from '../model/walk.ts';
import { indexRules } from './index-rules.ts';
import { type IndexedName, NameIndex } from './name-index.ts';
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
  const segments = bySegments?.value === true ? segmentIndex(at, indexed) : undefined;
  return {
    kind: 'commands',
    at,
    accepted,
    complete: at.command.commands.complete,
    names,
    index: segments ?? new NameIndex(indexed, rulesOfNames(at, accepted)),
    segments,
  };
}

/**
 * The names of a scope as they are found where each segment may be shortened, for parsers of which that is not known; undefined where it is known, or no
 * name has segments.
 */
export function segmentsIfAccepted({ at, names }: CommandScope): SegmentIndex<Command> | undefined {
  if (nearestRule(at.line, 'segmentAbbreviations') !== undefined) return undefined;
  if (nearestRule(at.line, 'commandAbbreviations')?.value === false) return undefined;
  const separator = separatorAt(at);
  if (!names.some(({ name }) => name.text.includes(separator))) return undefined;
  return segmentIndex(
    at,
    names.map(({ command, name }) => ({ name: name.text, target: command })),
  );
}

function segmentIndex(
  at: CommandAt,
  names: readonly IndexedName<Command>[],
): SegmentIndex<Command> | undefined {
  const separator = separatorAt(at);
  const accepted = nearestRule(at.line, 'segmentAbbreviations');
  return separator === '' ? undefined : new SegmentIndex(names, separator, rulesOfNames(at, accepted));
}

function separatorAt(at: CommandAt): string {
  return nearestRule(at.line, 'segmentSeparator')?.value ?? SEPARATOR;
}

/** As for other names, but that case may count otherwise. */
function rulesOfNames(at: CommandAt, accepted: Knowable<boolean>) {
  const rules = indexRules(at.line, accepted, 1);
  const isTold = nearestRule(at.line, 'commandCaseSensitive')?.value;
  return isTold === undefined ? rules : { ...rules, foldCase: !isTold };
}

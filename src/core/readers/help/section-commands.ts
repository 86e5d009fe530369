import { addTo } from '../../collections/grouped.ts';
import { type Command, makeCommand } from '../../model/command.ts';
import { joinCommands } from '../../model/join-commands.ts';
import { describedCommand } from './assemble-interface.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { CommandSection } from './command-sections.ts';
import { type PartsReading, readParts } from './help-parts.ts';
import type { HelpSettings } from './help-settings.ts';
import { readTitle } from './title.ts';

/** What was read of the section of a command. */
export interface SectionReading {
  readonly path: readonly string[];
  readonly reading: PartsReading;
  /** The command, which the last word of the path is the name of. */
  readonly command: Command;
}

/** Reads the part of a text that describes one command of the program. */
export function readSection(
  { lines, usage, path }: CommandSection,
  cleaned: CleanedText,
  settings: HelpSettings,
): SectionReading {
  const reading = readParts(lines, cleaned, { ...settings, command: path }, usage);
  const { parts } = reading;
  const title = readTitle(lines, cleaned, parts.usage);
  const name = { text: path.at(-1) ?? '', place: parts.usage.pathPlaces[path.length - 1] ?? null };
  const command = describedCommand(parts, title, path, [name, ...parts.aliases]);
  return { path, reading, command: { ...command, summary: command.description } };
}

/** The commands that sections describe, each below those that its path leads through. `depth` is the number of words that all paths share. */
export function sectionCommands(sections: readonly SectionReading[], depth = 0): Command[] {
  const byName = new Map<string, SectionReading[]>();
  for (const section of sections) addTo(byName, section.path[depth] ?? '', section);
  return [...byName].map(([text, group]) => {
    const own = group.find(({ path }) => path.length === depth + 1);
    const deeper = group.filter(({ path }) => path.length > depth + 1);
    const place = group[0]?.reading.parts.usage.pathPlaces[depth] ?? null;
    const items = sectionCommands(deeper, depth + 1);
    const leading = makeCommand({
      names: [{ text, place }],
      place,
      commands: { items, complete: undefined },
    });
    if (own === undefined) return leading;
    return deeper.length === 0 ? own.command : joinCommands(own.command, leading);
  });
}

import type { CleanedText } from './cleaned-text.ts';
import { type CommandSynopses, readCommandSynopses } from './command-synopses.ts';
import { type Definitions, readDefinitions } from './definitions.ts';
import { findSections, type Section } from './headings.ts';
import type { HelpSettings } from './help-settings.ts';
import { findOptionEntries, type OptionEntry } from './option-entries.ts';
import { type OptionSynopses, readOptionSynopses } from './option-synopses.ts';
import { blankLine, type TextLine } from './text-line.ts';
import { readUsage, type UsageSummary } from './usage.ts';
import type { UsageLines } from './usage-found.ts';
import { usageOnlyOptions } from './usage-options.ts';

/** The lines of a text, sorted by what they are: synopses and what they define, entries of option lists, sections with the rest. */
export interface SortedLines {
  readonly first: UsageSummary;
  readonly defined: Definitions;
  readonly synopses: CommandSynopses;
  readonly shown: OptionSynopses;
  readonly entries: readonly OptionEntry[];
  readonly sections: readonly Section[];
  /** The lines, where those of synopses are empty. */
  readonly body: readonly TextLine[];
  readonly isSynopsis: (line: TextLine) => boolean;
  /** Whether no entry of an option list holds a line. */
  readonly isFree: (line: { readonly index: number }) => boolean;
}

/** Sorts the lines of a text. `found` are its synopses. */
export function sortLines(
  lines: readonly TextLine[],
  cleaned: CleanedText,
  settings: HelpSettings,
  found: UsageLines,
): SortedLines {
  const first = readUsage(found, lines, cleaned, settings);
  // The synopses are read as such: for everything else their lines are empty.
  const withoutUsage = lines.map((line) => (first.lines.taken.has(line.index) ? blankLine(line) : line));
  const defined = readDefinitions(withoutUsage, cleaned, (name) => leadsToCommand(name, first));
  const synopses = readCommandSynopses(withoutUsage, cleaned);
  const shown = readOptionSynopses(withoutUsage, cleaned);
  const isBelow = ({ index }: TextLine) => [defined, synopses, shown].some((one) => one.lines.has(index));
  const body = withoutUsage.map((line) => (isBelow(line) ? blankLine(line) : line));
  const inUsage = usageOnlyOptions(first.readings, new Set());
  const shownNames = new Set(inUsage.flatMap(({ names }) => names.map(({ text }) => text)));
  const entries = findOptionEntries(body, shownNames);
  const taken = new Uint8Array(lines.length);
  for (const entry of entries) taken.fill(1, firstLine(entry), entry.nextLine);
  const isSynopsis = (line: TextLine) => first.lines.taken.has(line.index) || isBelow(line);
  const sections = findSections(body, (line) => taken[line.index] === 1, isSynopsis);
  const isFree = (line: { readonly index: number }) => taken[line.index] !== 1;
  return { first, defined, synopses, shown, entries, sections, body, isSynopsis, isFree };
}

/** Whether a synopsis shows a placeholder in front of that for a command: `OBJECT { COMMAND | help }`. */
function leadsToCommand(placeholder: string, { readings }: UsageSummary): boolean {
  return readings.some(({ commandPlace, form: { operands } }) =>
    operands.some(
      ({ name, place }) =>
        name === placeholder &&
        place !== null &&
        commandPlace !== undefined &&
        place.end < commandPlace.start,
    ),
  );
}

export function firstLine(entry: OptionEntry): number {
  return entry.declaring[0]?.line.index ?? 0;
}

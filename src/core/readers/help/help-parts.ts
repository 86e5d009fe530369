import { flatMapped } from '../../collections/flat-mapped.ts';
import { groupedBy } from '../../collections/grouped.ts';
import { type Command, commandName } from '../../model/command.ts';
import type { Option } from '../../model/option.ts';
import type { UsageReading } from '../../notation/usage-reading.ts';
import type { Problem } from '../../source/problem.ts';
import type { Source } from '../../source/source.ts';
import { withAnnouncedValues } from './announced-values.ts';
import { type HelpParts, nameFromSource } from './assemble-interface.ts';
import { withoutChosen } from './chosen-commands.ts';
import type { CleanedText } from './cleaned-text.ts';
import { withDefaultsInAngles } from './defaults-in-angles.ts';
import { joinGivenValues, withoutGivenNumbers } from './given-values.ts';
import { headingFact, type Section } from './headings.ts';
import { HOLDS_NO_LISTS, readLists } from './help-lists.ts';
import type { HelpSettings } from './help-settings.ts';
import { joinHyphenSpellings } from './hyphen-spellings.ts';
import { joinForms, withoutRepeatedLetters } from './joined-entries.ts';
import { withJoinedPlaceholders } from './joined-placeholders.ts';
import { readLetterLines } from './letter-lines.ts';
import { ENTRY_LIMIT } from './limits.ts';
import { withListedAliases } from './listed-aliases.ts';
import { withNamesShown } from './names-in-synopses.ts';
import { withNumberOption } from './number-option.ts';
import { listedOperandNames } from './operand-list.ts';
import type { OptionEntry } from './option-entries.ts';
import { optionFromEntry } from './option-from-entry.ts';
import { withArgumentsShown } from './option-synopses.ts';
import { aliasesInUsage, readOwnAliases } from './own-aliases.ts';
import { readParserEvidence } from './parser-evidence.ts';
import { findPartialMark } from './partial-marks.ts';
import { withRequiredInUsage } from './required-options.ts';
import { withoutStarsOfSwitches } from './required-stars.ts';
import { withArgumentsOfSame } from './same-options.ts';
import { findShownParser } from './shown-parser.ts';
import { firstLine, type SortedLines, sortLines } from './sorted-lines.ts';
import type { TextLine } from './text-line.ts';
import { withToldArguments } from './told-arguments.ts';
import { withTwoLetterNames } from './two-letter-names.ts';
import { readUsageAgain, type UsageSummary } from './usage.ts';
import type { UsageLines } from './usage-found.ts';
import { findUsage } from './usage-lines.ts';
import { usageOnlyOptions } from './usage-options.ts';
import { withListedValues } from './value-lists.ts';
import { withWordsShown } from './words-in-synopses.ts';

/** A line, and what it is a part of. */
export interface ClaimedLine {
  readonly line: TextLine;
  readonly role: 'synopsis' | 'heading' | 'entry' | 'entry-text';
}

/** What was read of a text. */
export interface PartsReading {
  readonly entries: readonly OptionEntry[];
  /** The lines of lists of commands that hardly look like such. */
  readonly oddLists: readonly (readonly TextLine[])[];
  readonly parts: HelpParts;
  readonly sections: readonly Section[];
  /** Commands that a list names once more. */
  readonly repeated: readonly Command[];
  /** The lines that synopses, headings of commands and entries of option lists take, also where nothing new was taken from them. */
  readonly claimed: readonly ClaimedLine[];
  readonly problems: readonly Problem[];
}

/** The options of the lists, with what synopses and texts elsewhere say of them. */
function readOptions(
  { first, defined, shown, entries, sections }: SortedLines,
  letters: readonly Option[],
  cleaned: CleanedText,
  problems: Problem[],
): readonly Option[] {
  const listed = withTwoLetterNames([
    ...listedOptions(entries, sections, cleaned, problems),
    ...defined.options,
    ...letters,
  ]);
  const joined = withArgumentsOfSame(
    joinForms(
      joinHyphenSpellings(
        joinGivenValues(withoutGivenNumbers(withoutRepeatedLetters(withJoinedPlaceholders(listed)))),
      ),
    ),
  );
  const told = withoutStarsOfSwitches(withToldArguments(withArgumentsShown(joined, shown), first.readings));
  return withNumberOption(withWordsShown(told, first.readings));
}

/** The options that only the synopses show. */
function optionsOfSynopses(
  { readings }: UsageSummary,
  { defined, shown }: SortedLines,
  options: readonly Option[],
): Option[] {
  const known = flatMapped(options, ({ names, negatedNames }) =>
    [...names, ...negatedNames].map(({ text }) => text),
  );
  return usageOnlyOptions(
    [...readings, ...shown.readings],
    new Set(known),
    defined.shortensNames ? new Set([...shown.words, ...shownNamesOf(readings)]) : shown.words,
  );
}

/**
 * Reads the lines of a text part by part: synopses, lists of options, lists of words, and what they say together. `found` are the synopses,
 * where they are known.
 */
export function readParts(
  lines: readonly TextLine[],
  cleaned: CleanedText,
  settings: HelpSettings,
  found: UsageLines = findUsage(lines),
): PartsReading {
  const problems: Problem[] = [];
  const sorted = sortLines(lines, cleaned, settings, found);
  const { first, defined, synopses, entries, sections, body, isSynopsis, isFree } = sorted;
  const letters = readLetterLines(body, cleaned);
  let options = readOptions(sorted, letters.options, cleaned, problems);
  const again = readUsageAgain(first, options, listedOperandNames(sections), cleaned, settings);
  // What defines the placeholders of the synopses belongs to them.
  const ofUsage = new Set([...again.lines.taken, ...defined.lines]);
  const usage = { ...again, lines: { ...again.lines, taken: ofUsage } };
  options = withNamesShown(options, usage.readings);
  const more = optionsOfSynopses(usage, sorted, options);
  const program = settings.program ?? nameFromSource(cleaned.source);
  const lists = readLists(sections, isFree, usage, options, program, cleaned);
  if (lists.values.length > 0) options = options.map((option) => withListedValues(option, lists.values));
  options = withAnnouncedValues(withDefaultsInAngles(options), body, cleaned);
  const commands = upToLimit(lists.commands, cleaned, problems);
  const distinct = distinctCommands([
    ...commands,
    ...defined.commands,
    ...synopses.commands,
    ...withoutAliases(usage.commands, commands),
  ]);
  const kept = new Set(distinct);
  const repeated = commands.filter((command) => !kept.has(command));
  const recognised = findShownParser(options, lines, cleaned);
  const parts: HelpParts = {
    usage,
    options: withRequiredInUsage([...options, ...more], usage.readings),
    commands: withListedAliases(withListedAgain(distinct, repeated), sections, cleaned),
    operands: withoutChosen(lists.operands, usage.commands),
    lists,
    recognised,
    rules: readParserEvidence(options, body, cleaned, { recognised, shownEnd: usage.endOfOptions }),
    optionsComplete: findPartialMark(body, cleaned, 'options'),
    commandsComplete: findPartialMark(body, cleaned, 'commands'),
    aliases: [
      ...readOwnAliases(sections, [usage.program?.value ?? '', ...usage.path], cleaned),
      ...aliasesInUsage(usage.readings, usage.path),
    ],
  };
  const claimed = claimedLines(lines.filter(isSynopsis), entries, [...lists.heads, ...letters.lines]);
  return { parts, sections, repeated, claimed, entries, oddLists: lists.oddLists, problems };
}

/** As many commands as are kept of a list, with a problem where there are more. */
function upToLimit(
  commands: readonly Command[],
  { source }: CleanedText,
  problems: Problem[],
): readonly Command[] {
  if (commands.length <= ENTRY_LIMIT) return commands;
  problems.push(tooMany(source, 'commands', commands.length));
  return commands.slice(0, ENTRY_LIMIT);
}

function shownNamesOf(readings: readonly UsageReading[]): string[] {
  return flatMapped(readings, ({ options }) => options.map(({ declared }) => declared.text));
}

/** The options that the entries of lists declare; what is only spoken of under some headings is none. */
function listedOptions(
  entries: readonly OptionEntry[],
  sections: readonly Section[],
  cleaned: CleanedText,
  problems: Problem[],
): Option[] {
  const sectionOf = new Map(
    flatMapped(sections, (section) => section.lines.map((line) => [line.index, section] as const)),
  );
  const declared = declaredEntries(entries, (entry) => sectionOf.get(firstLine(entry)));
  if (declared.length > ENTRY_LIMIT) {
    problems.push(tooMany(cleaned.source, 'options', declared.length));
    declared.length = ENTRY_LIMIT;
  }
  const showsArguments = declared.some(({ declaring }) =>
    declaring.some(({ declaration }) => declaration.names.some((name) => name.argument !== undefined)),
  );
  return declared.map((entry) => {
    const heading = headingFact(sectionOf.get(firstLine(entry)), cleaned);
    return optionFromEntry(entry, { heading, showsArguments }, cleaned);
  });
}

/**
 * The entries that declare options. Below the heading of examples, or of an environment, options are mostly spoken of; where most of what
 * stands in columns there stands nowhere else, it is a list all the same, whatever word the heading has.
 */
function declaredEntries(
  entries: readonly OptionEntry[],
  sectionOf: (entry: OptionEntry) => Section | undefined,
): OptionEntry[] {
  const holdsNone = (entry: OptionEntry) => HOLDS_NO_LISTS.has(sectionOf(entry)?.kind ?? 'other');
  const namesOf = ({ declaring }: OptionEntry) =>
    flatMapped(declaring, ({ declaration }) => declaration.names.map(({ text }) => text));
  const elsewhere = new Set(
    flatMapped(
      entries.filter((entry) => !holdsNone(entry)),
      namesOf,
    ),
  );
  const isNew = (entry: OptionEntry) =>
    !entry.isSoft && entry.pieces.length > 0 && !namesOf(entry).some((name) => elsewhere.has(name));
  const counts = new Map<Section | undefined, { all: number; new: number }>();
  for (const entry of entries.filter(holdsNone)) {
    const section = sectionOf(entry);
    const count = counts.get(section) ?? { all: 0, new: 0 };
    counts.set(section, { all: count.all + 1, new: count.new + (isNew(entry) ? 1 : 0) });
  }
  return entries.filter((entry) => {
    if (!holdsNone(entry)) return true;
    const count = counts.get(sectionOf(entry));
    return count !== undefined && count.new >= MIN_LISTED && count.new * 2 > count.all && isNew(entry);
  });
}

/** So many entries that stand nowhere else are a list below any heading. */
const MIN_LISTED = 3;

function claimedLines(
  synopses: readonly TextLine[],
  entries: readonly OptionEntry[],
  heads: readonly TextLine[],
): ClaimedLine[] {
  return [
    ...synopses.map((line) => ({ line, role: 'synopsis' as const })),
    ...flatMapped(entries, linesOfEntry),
    ...heads.map((line) => ({ line, role: 'entry' as const })),
  ];
}

function linesOfEntry({ declaring, pieces }: OptionEntry): ClaimedLine[] {
  return [
    ...declaring.map(({ line }) => ({ line, role: 'entry' as const })),
    ...pieces.map(({ line }) => ({ line, role: 'entry-text' as const })),
  ];
}

/** Commands that a synopsis shows, without the aliases that a list shows of others: `{open,o,close} ...` has all of them. */
function withoutAliases(shown: readonly Command[], listed: readonly Command[]): Command[] {
  const aliases = new Set(flatMapped(listed, ({ names }) => names.slice(1).map(({ text }) => text)));
  return shown.filter(({ names }) => !aliases.has(names[0]?.text ?? ''));
}

function distinctCommands(commands: readonly Command[]): Command[] {
  const byName = new Map<string, Command>();
  for (const command of commands) {
    const name = command.names[0]?.text ?? '';
    const before = byName.get(name);
    if (before === undefined || (before.summary === undefined && command.summary !== undefined))
      byName.set(name, command);
  }
  return [...byName.values()];
}

function tooMany(source: Source, what: string, count: number): Problem {
  return {
    code: 'too-many-entries',
    message: `a text can list at most ${ENTRY_LIMIT} ${what}, this lists ${count}; the rest is ignored`,
    place: null,
    source: source.name,
    consequence: 'partly-read',
  };
}

/** Commands, with where the list of each names it again, by entries with a text of their own. */
function withListedAgain(commands: readonly Command[], repeated: readonly Command[]): Command[] {
  if (repeated.length === 0) return [...commands];
  const again = groupedBy(
    repeated.filter(({ summary }) => summary !== undefined),
    commandName,
  );
  return commands.map((command) => {
    const entries = (again.get(commandName(command)) ?? []).filter(
      (entry) => entry.heading?.value === command.heading?.value && operandsOf(entry) === operandsOf(command),
    );
    const isWhole = command.summary !== undefined && entries.length > 0;
    return isWhole ? { ...command, listedAgain: entries.map(({ place }) => place) } : command;
  });
}

/** What an entry shows behind its command: entries that differ in it are forms of one command. */
function operandsOf({ forms }: Command): string {
  return forms.flatMap(({ operands }) => operands.map(({ name }) => name)).join(' ');
}

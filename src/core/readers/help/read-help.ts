import { type Command, type CommandName, makeCommand } from '../../model/command.ts';
import { inferred, type Knowable, stated } from '../../model/fact.ts';
import { type Interface, makeInterface } from '../../model/interface.ts';
import type { Option } from '../../model/option.ts';
import type { ParsingRules } from '../../model/parsing-rules.ts';
import type { Relation } from '../../model/relation.ts';
import type { Problem } from '../../source/problem.ts';
import type { Source } from '../../source/source.ts';
import type { Reading } from '../reading.ts';
import { CleanedText } from './cleaned-text.ts';
import { type CommandChoice, readCommandChoice } from './command-choice.ts';
import { readCommandList } from './command-list.ts';
import { readCommandSynopses } from './command-synopses.ts';
import { joinGivenValues } from './given-values.ts';
import { findSections, headingFact, type Section } from './headings.ts';
import type { HelpSettings } from './help-settings.ts';
import { joinForms, withoutRepeatedLetters } from './joined-entries.ts';
import { ENTRY_LIMIT, TEXT_LIMIT } from './limits.ts';
import { withListedAliases } from './listed-aliases.ts';
import { withSharedCount } from './listed-operands.ts';
import { readNestedCommands } from './nested-commands.ts';
import { withNumberOption } from './number-option.ts';
import { readOperandList } from './operand-list.ts';
import { findOptionEntries, findUnreadLines, type OptionEntry } from './option-entries.ts';
import { optionFromEntry } from './option-from-entry.ts';
import { withoutOptionPlaceholders } from './option-placeholders.ts';
import { readOptionSynopses, withArgumentsShown } from './option-synopses.ts';
import { aliasesInUsage, readOwnAliases } from './own-aliases.ts';
import { readParserEvidence } from './parser-evidence.ts';
import { findPartialMark } from './partial-marks.ts';
import { withRequiredInUsage } from './required-options.ts';
import { withArgumentsOfSame } from './same-options.ts';
import { unfoldColumns } from './side-by-side.ts';
import { splitLines, type TextLine } from './text-line.ts';
import { readTitle } from './title.ts';
import { withToldArguments } from './told-arguments.ts';
import { readUsage, readUsageAgain, type UsageSummary, usageForms } from './usage.ts';
import { usageOnlyOptions } from './usage-options.ts';
import { placeholdersOf, readValueLists, withListedValues } from './value-lists.ts';

/**
 * Reads the help output of one command. Gives an interface whose tree of commands holds the path that the text
 * describes, with what it says stated and what only its layout suggests inferred; no interface, and a problem, where
 * the text is empty, too long (over 16 Mi UTF-16 units), or shows neither usage, options nor commands. Never throws.
 */
export function readHelp(source: Source, settings: HelpSettings = {}): Reading {
  if (source.text.length > TEXT_LIMIT) {
    return unusable(
      source,
      'text-too-long',
      `help output may have ${TEXT_LIMIT} characters at the most, this has ${source.text.length}`,
    );
  }
  if (source.text.trim() === '') {
    return unusable(
      source,
      'text-empty',
      'expected help output, found an empty text; does the program print its help to standard error?',
    );
  }
  const cleaned = new CleanedText(source);
  const lines = unfoldColumns(splitLines(cleaned.text));
  const problems: Problem[] = [];
  const parts = readParts(lines, readUsage(lines, cleaned, settings), cleaned, settings, problems);
  const { usage } = parts;
  if (usage.readings.length === 0 && parts.options.length === 0 && parts.commands.length === 0) {
    return unusable(
      source,
      'not-help',
      'expected help output with a usage line, options or commands, found none of them',
    );
  }
  return {
    interface: assemble(source, settings, usage, parts, readTitle(lines, cleaned, usage)),
    problems,
  };
}

interface Parts {
  /** The synopses, read with the options in mind. */
  readonly usage: UsageSummary;
  readonly options: readonly Option[];
  readonly commands: readonly Command[];
  readonly operands: ReturnType<typeof readOperandList>;
  readonly rules: ParsingRules;
  readonly optionsComplete: Knowable<boolean>;
  readonly commandsComplete: Knowable<boolean>;
  /** Other names of the command described. */
  readonly aliases: readonly CommandName[];
}

function readParts(
  lines: readonly TextLine[],
  first: UsageSummary,
  cleaned: CleanedText,
  settings: HelpSettings,
  problems: Problem[],
): Parts {
  // The synopses are read as such: for everything else their lines are empty.
  const withoutUsage = lines.map((line) => (first.lines.taken.has(line.index) ? blankLine(line) : line));
  const synopses = readCommandSynopses(withoutUsage, cleaned);
  const shown = readOptionSynopses(withoutUsage, cleaned);
  const isSynopsis = ({ index }: TextLine) => synopses.lines.has(index) || shown.lines.has(index);
  const body = withoutUsage.map((line) => (isSynopsis(line) ? blankLine(line) : line));
  const entries = findOptionEntries(body);
  const taken = new Uint8Array(lines.length);
  for (const entry of entries) taken.fill(1, firstLine(entry), entry.nextLine);
  const sections = findSections(body, (line) => taken[line.index] === 1);
  const sectionOf: (Section | undefined)[] = new Array(lines.length);
  for (const section of sections) for (const line of section.lines) sectionOf[line.index] = section;

  for (const line of findUnreadLines(body, entries).slice(0, UNREAD_LIMIT)) {
    if (HOLDS_NO_OPTIONS.has(sectionOf[line.index]?.kind ?? 'other')) continue;
    problems.push(unreadLine(line, cleaned));
  }
  const declared = entries.filter(
    (entry) => !HOLDS_NO_OPTIONS.has(sectionOf[firstLine(entry)]?.kind ?? 'other'),
  );
  if (declared.length > ENTRY_LIMIT) {
    problems.push(tooMany(cleaned.source, 'options', declared.length));
    declared.length = ENTRY_LIMIT;
  }
  const showsArguments = declared.some(({ declaring }) =>
    declaring.some(({ declaration }) => declaration.names.some((name) => name.argument !== undefined)),
  );
  let options: readonly Option[] = declared.map((entry) => {
    const heading = headingFact(sectionOf[firstLine(entry)], cleaned);
    return optionFromEntry(entry, { heading, showsArguments }, cleaned);
  });
  options = withArgumentsOfSame(joinForms(joinGivenValues(withoutRepeatedLetters(options))));
  options = withNumberOption(withToldArguments(withArgumentsShown(options, shown), first.readings));
  const usage = readUsageAgain(first, options, cleaned, settings);
  const valueLists = readValueLists(sections, placeholdersOf(options), cleaned);
  if (valueLists.length > 0) options = options.map((option) => withListedValues(option, valueLists));
  const known = new Set(options.flatMap((option) => option.names.map((name) => name.text)));
  const negated = options.flatMap((option) => option.negatedNames.map((name) => name.text));
  const more = usageOnlyOptions([...usage.readings, ...shown.readings], new Set([...known, ...negated]));

  const isValueList = new Set(valueLists.map((list) => list.section));
  const free = (section: Section) => ({
    ...section,
    lines: section.lines.filter((line) => taken[line.index] !== 1),
  });
  const listsCommands = (section: Section) =>
    section.kind === 'commands' ||
    (section.kind === 'other' &&
      usage.commandPlace !== undefined &&
      section.headingLine !== undefined &&
      !HOLDS_NO_COMMANDS.test(section.heading) &&
      !isValueList.has(section));
  const choices = new Map(
    sections.flatMap((section) => {
      const choice = HOLDS_NO_OPTIONS.has(section.kind)
        ? undefined
        : (readCommandChoice(free(section), cleaned) ??
          readNestedCommands(free(section), usage.readings, cleaned));
      return choice === undefined ? [] : [[section, choice] as const];
    }),
  );
  let commands = [
    ...[...choices.values()].flatMap((choice) => choice.commands),
    ...sections
      .filter((section) => listsCommands(section) && !choices.has(section))
      .flatMap((section) =>
        readCommandList(free(section), cleaned, { program: usage.program?.value, path: usage.path }),
      ),
  ];
  if (commands.length > ENTRY_LIMIT) {
    problems.push(tooMany(cleaned.source, 'commands', commands.length));
    commands = commands.slice(0, ENTRY_LIMIT);
  }
  const operands = sections
    .filter((section) => section.kind === 'operands' && !isValueList.has(section))
    .flatMap((section) => readOperandList(withoutChoice(free(section), choices.get(section)), cleaned));
  return {
    usage,
    options: withRequiredInUsage([...options, ...more], usage.readings),
    commands: withListedAliases(
      distinctCommands([...commands, ...synopses.commands, ...usage.commands]),
      sections,
      cleaned,
    ),
    operands,
    rules: readParserEvidence(options, body, cleaned, usage.endOfOptions),
    optionsComplete: findPartialMark(body, cleaned, 'options'),
    commandsComplete: findPartialMark(body, cleaned, 'commands'),
    aliases: [
      ...readOwnAliases(sections, usage.path.at(-1) ?? '', cleaned),
      ...aliasesInUsage(usage.readings),
    ],
  };
}

/** The lines of a section that are no choice of commands. */
function withoutChoice(section: Section, choice: CommandChoice | undefined): Section {
  return choice === undefined
    ? section
    : { ...section, lines: section.lines.filter((line) => !choice.lines.has(line.index)) };
}

/** Headings over the name of what the text is about, and over other names. */
const HOLDS_NO_COMMANDS = /^(?:name|(?:command )?alias(?:es)?|description|version)$/i;

const HOLDS_NO_OPTIONS: ReadonlySet<string> = new Set(['examples', 'exit', 'environment', 'defaults']);

function firstLine(entry: OptionEntry): number {
  return entry.declaring[0]?.line.index ?? 0;
}

function blankLine(line: TextLine): TextLine {
  return { ...line, text: '', first: 0, indent: 0, blank: true };
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

function assemble(
  source: Source,
  settings: HelpSettings,
  usage: UsageSummary,
  parts: Parts,
  title: ReturnType<typeof readTitle>,
): Interface {
  const path = settings.command ?? usage.path;
  const program = settings.program === undefined ? usage.program : stated(settings.program, null);
  const programName =
    program ?? inferred(title.program?.value ?? nameFromSource(source), title.program?.place ?? null);
  const hasCommands = parts.commands.some(({ names }) => names[0]?.text !== 'help');
  const forms = usageForms(usage, path, hasCommands).map((form) =>
    withoutOptionPlaceholders(form, parts.options),
  );
  const described: Partial<Command> = {
    description: title.summary,
    forms,
    options: { items: parts.options, complete: parts.optionsComplete },
    commands: { items: parts.commands, complete: parts.commandsComplete },
    operands: { items: withSharedCount(parts.operands, forms), complete: undefined },
    relations: usageRelations(usage, parts.options),
    rules: parts.rules,
    described: true,
  };
  const names = [programName.value, ...path];
  const places = [programName.place, ...path.map((_, i) => usage.pathPlaces[i] ?? null)];
  let command: Command | undefined;
  for (let i = names.length - 1; i >= 0; i--) {
    const place = places[i] ?? null;
    const aliases = command === undefined ? parts.aliases : [];
    const own = { names: [{ text: names[i] ?? '', place }, ...aliases], place };
    command =
      command === undefined
        ? makeCommand({ ...described, ...own })
        : makeCommand({
            ...own,
            commands: { items: [command], complete: undefined },
          });
  }
  return makeInterface({
    program: programName,
    invocations: usage.invocation === undefined ? [] : [usage.invocation],
    version: title.version,
    bugAddress: title.bugAddress,
    root:
      command ??
      makeCommand({
        names: [{ text: programName.value, place: null }],
        place: null,
      }),
    sources: [{ source, kind: 'help', command: names, width: settings.width }],
  });
}

/**
 * The relations that the synopsis shows. Those of several forms hold in their form only, and what stands between spellings of one
 * option (`[-h | --help]`) is none.
 */
function usageRelations(usage: UsageSummary, options: readonly Option[]): Relation[] {
  const [reading, ...others] = usage.readings;
  if (reading === undefined || others.length > 0 || reading.relations.length === 0) return [];
  const byName = new Map(
    options.flatMap((option) => option.names.map(({ text }) => [text, option] as const)),
  );
  return reading.relations.filter(
    ({ members }) => new Set(members.map(({ name }) => byName.get(name) ?? name)).size > 1,
  );
}

/** The name of the file without folders and ending stands for a program that the text does not name. */
function nameFromSource(source: Source): string {
  const base = source.name.split('/').at(-1) ?? '';
  const stem = base.replace(/\.[^.]*$/, '');
  return stem === '' || stem === '-' ? 'program' : stem;
}

/** The most lines of one text of which it is said that they could not be read. */
const UNREAD_LIMIT = 20;

function unreadLine(line: TextLine, cleaned: CleanedText): Problem {
  return {
    code: 'unread-option',
    message:
      'expected an option with its text, found a line that could not be read as one; it is passed over',
    place: cleaned.span(line.start + line.first, line.start + line.text.length),
    source: cleaned.source.name,
    consequence: 'partly-read',
  };
}

function tooMany(source: Source, what: string, count: number): Problem {
  return {
    code: 'too-many-entries',
    message: `a text may list ${ENTRY_LIMIT} ${what} at the most, this lists ${count}; the rest is passed over`,
    place: null,
    source: source.name,
    consequence: 'partly-read',
  };
}

function unusable(source: Source, code: string, message: string): Reading {
  const problem: Problem = {
    code,
    message,
    place: null,
    source: source.name,
    consequence: 'unusable',
  };
  return { interface: undefined, problems: [problem] };
}

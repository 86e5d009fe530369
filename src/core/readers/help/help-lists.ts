import type { Command } from '../../model/command.ts';
import type { EnvironmentVariable, ExitStatus } from '../../model/interface.ts';
import type { Operand } from '../../model/operand.ts';
import type { Option } from '../../model/option.ts';
import type { CleanedText } from './cleaned-text.ts';
import { type CommandChoice, readCommandChoice } from './command-choice.ts';
import { readCommandList } from './command-list.ts';
import { readExitStatuses } from './exit-statuses.ts';
import type { Section } from './headings.ts';
import { bareOperand, listKind, namesOwnPath, shownOperands } from './list-kind.ts';
import { readVariables } from './listed-variables.ts';
import { readNestedCommands } from './nested-commands.ts';
import { readOperandList } from './operand-list.ts';
import type { TextLine } from './text-line.ts';
import type { UsageSummary } from './usage.ts';
import { placeholdersOf, readValueLists, type ValueList } from './value-lists.ts';
import { findWordEntries } from './word-entries.ts';

/** What the lists of words in a text say: all that are no lists of options. */
export interface HelpLists {
  readonly commands: readonly Command[];
  readonly operands: readonly Operand[];
  readonly values: readonly ValueList[];
  readonly environment: readonly EnvironmentVariable[];
  readonly exitStatuses: readonly ExitStatus[];
  /** Lines with a choice or a placeholder under which commands are listed. */
  readonly heads: readonly TextLine[];
  /** The lines of lists of commands that hardly look like such. */
  readonly oddLists: readonly (readonly TextLine[])[];
}

/**
 * Reads the lists of words in sections. `isFree` says which lines no entry of an option list holds; the synopses and the options tell what
 * some of the words are. `program` is what the program is called where they do not tell.
 */
export function readLists(
  sections: readonly Section[],
  isFree: (line: { readonly index: number }) => boolean,
  usage: UsageSummary,
  options: readonly Option[],
  program: string,
  cleaned: CleanedText,
): HelpLists {
  const values = readValueLists(sections, placeholdersOf(options), cleaned);
  const isValueList = new Set(values.map((list) => list.section));
  const described = { program: usage.program?.value, path: usage.path };
  const shown = shownOperands(usage);
  const hasCommandList = sections.some(listsCommands);
  const commands: Command[] = [];
  const listed: Command[] = [];
  const operands: Operand[] = [];
  const environment: EnvironmentVariable[] = [];
  const exitStatuses: ExitStatus[] = [];
  const heads: TextLine[] = [];
  const oddLists: TextLine[][] = [];
  for (const section of sections) {
    const free = { ...section, lines: section.lines.filter(isFree) };
    const kind = isValueList.has(section) ? 'none' : listKind(free, usage, usage.program?.value ?? program);
    // What a heading calls commands are all of them: another list is one of keys, formats or topics, unless it shows how each is called.
    const isOther = kind === 'commands' && section.kind !== 'commands' && hasCommandList;
    if (isOther && !namesOwnPath(free, [usage.program?.value ?? program], 1)) continue;
    if (kind === 'environment') for (const one of readVariables(free, cleaned)) environment.push(one);
    if (kind === 'exit') for (const one of readExitStatuses(free, cleaned)) exitStatuses.push(one);
    if (HOLDS_NO_LISTS.has(section.kind)) continue;
    const choice = readCommandChoice(free, cleaned) ?? readNestedCommands(free, usage.readings, cleaned);
    if (choice !== undefined) {
      for (const one of choice.commands) commands.push(one);
      heads.push(choice.head);
    }
    if (choice === undefined && kind === 'commands') {
      const found = readCommandList(free, cleaned, described);
      // Words alone that no heading calls commands are none.
      if (section.kind !== 'commands' && found.every(({ summary }) => summary === undefined)) continue;
      // Not as arguments of one call: a long list would overflow the stack.
      for (const one of found) listed.push(one);
      if (section.kind !== 'commands' && isOddList(found)) oddLists.push(free.lines.filter(isFilled));
    }
    if (kind === 'operands') {
      const found = readOperandList(withoutChoice(free, choice), cleaned, shown);
      // Below another heading, only the words that a synopsis shows are operands.
      const isSure = ({ name, kind: form }: Operand) =>
        section.kind === 'operands' || form === 'keyword' || shown.has(bareOperand(name));
      for (const one of withoutRepeated(found).filter(isSure)) operands.push(one);
    }
  }
  return { commands: [...commands, ...listed], operands, values, environment, exitStatuses, heads, oddLists };
}

/** Whether a heading calls what stands below it commands, and they have texts. */
function listsCommands({ kind, lines }: Section): boolean {
  return kind === 'commands' && findWordEntries(lines).some(({ pieces }) => pieces.length > 0);
}

/** Operands of one name that a list has several times are none: it is a table with a kind of thing in front of each line. */
function withoutRepeated(operands: readonly Operand[]): Operand[] {
  const counts = new Map<string, number>();
  for (const { name } of operands) counts.set(name, (counts.get(name) ?? 0) + 1);
  return operands.filter(({ name }) => (counts.get(name) ?? 0) < MIN_REPEATED);
}

/** Twice may be a slip. */
const MIN_REPEATED = 3;

function isFilled({ blank }: TextLine): boolean {
  return !blank;
}

/** Whether commands that no heading calls so may be something else: few, with capitals, or most of them without a text. */
function isOddList(commands: readonly Command[]): boolean {
  const withText = commands.filter(({ summary }) => summary !== undefined).length;
  const isSmall = ({ names }: Command) => /^[a-z]/.test(names[0]?.text ?? '');
  if (commands.length === 0) return false;
  return commands.length < MIN_COMMANDS || withText * 2 < commands.length || !commands.every(isSmall);
}

/** So many words with texts are surely a list. */
const MIN_COMMANDS = 3;

/** Kinds of section in which commands and options are spoken of, and not listed. */
export const HOLDS_NO_LISTS: ReadonlySet<string> = new Set(['examples', 'exit', 'environment', 'defaults']);

/** The lines of a section that are no choice of commands. */
function withoutChoice(section: Section, choice: CommandChoice | undefined): Section {
  return choice === undefined
    ? section
    : { ...section, lines: section.lines.filter((line) => !choice.lines.has(line.index)) };
}

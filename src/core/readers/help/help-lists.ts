import type { Command } from '../../model/command.ts';
import type { EnvironmentVariable, ExitStatus } from '../../model/interface.ts';
import type { Operand } from '../../model/operand.ts';
import type { Option } from '../../model/option.ts';
import type { CleanedText } from './cleaned-text.ts';
import { type CommandChoice, readCommandChoice } from './command-choice.ts';
import { readCommandList } from './command-list.ts';
import { readExitStatuses } from './exit-statuses.ts';
import type { Section } from './headings.ts';
import { listKind } from './list-kind.ts';
import { readVariables } from './listed-variables.ts';
import { readNestedCommands } from './nested-commands.ts';
import { readOperandList } from './operand-list.ts';
import type { TextLine } from './text-line.ts';
import type { UsageSummary } from './usage.ts';
import { placeholdersOf, readValueLists, type ValueList } from './value-lists.ts';

/** What the lists of words in a text say: all that are no lists of options. */
export interface HelpLists {
  readonly commands: readonly Command[];
  readonly operands: readonly Operand[];
  readonly values: readonly ValueList[];
  readonly environment: readonly EnvironmentVariable[];
  readonly exitStatuses: readonly ExitStatus[];
  /** Lines with a choice or a placeholder under which commands are listed. */
  readonly heads: readonly TextLine[];
}

/**
 * Reads the lists of words in sections. `isFree` says which lines no entry of an option list holds; the synopses and the options tell what
 * some of the words are.
 */
export function readLists(
  sections: readonly Section[],
  isFree: (line: { readonly index: number }) => boolean,
  usage: UsageSummary,
  options: readonly Option[],
  cleaned: CleanedText,
): HelpLists {
  const values = readValueLists(sections, placeholdersOf(options), cleaned);
  const isValueList = new Set(values.map((list) => list.section));
  const described = { program: usage.program?.value, path: usage.path };
  const commands: Command[] = [];
  const listed: Command[] = [];
  const operands: Operand[] = [];
  const environment: EnvironmentVariable[] = [];
  const exitStatuses: ExitStatus[] = [];
  const heads: TextLine[] = [];
  for (const section of sections) {
    const free = { ...section, lines: section.lines.filter(isFree) };
    const kind = isValueList.has(section) ? 'none' : listKind(free, usage);
    if (kind === 'environment') environment.push(...readVariables(free, cleaned));
    if (kind === 'exit') exitStatuses.push(...readExitStatuses(free, cleaned));
    if (HOLDS_NO_LISTS.has(section.kind)) continue;
    const choice = readCommandChoice(free, cleaned) ?? readNestedCommands(free, usage.readings, cleaned);
    if (choice !== undefined) {
      commands.push(...choice.commands);
      heads.push(choice.head);
    }
    if (choice === undefined && kind === 'commands')
      listed.push(...readCommandList(free, cleaned, described));
    if (kind === 'operands') operands.push(...readOperandList(withoutChoice(free, choice), cleaned));
  }
  return { commands: [...commands, ...listed], operands, values, environment, exitStatuses, heads };
}

/** Kinds of section in which commands and options are spoken of, and not listed. */
export const HOLDS_NO_LISTS: ReadonlySet<string> = new Set(['examples', 'exit', 'environment', 'defaults']);

/** The lines of a section that are no choice of commands. */
function withoutChoice(section: Section, choice: CommandChoice | undefined): Section {
  return choice === undefined
    ? section
    : { ...section, lines: section.lines.filter((line) => !choice.lines.has(line.index)) };
}

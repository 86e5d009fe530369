import { expectKeys } from '../../messages/misuse-error.ts';
import type { Command } from '../../model/command.ts';
import type { Interface } from '../../model/interface.ts';
import type { Problem } from '../../source/problem.ts';
import type { Source } from '../../source/source.ts';
import type { Reading } from '../reading.ts';
import { assembleInterface, type HelpParts } from './assemble-interface.ts';
import { CleanedText } from './cleaned-text.ts';
import { type PartedText, partCommands } from './command-sections.ts';
import { findDoubts } from './doubts.ts';
import { readExamples } from './example-lines.ts';
import { unfoldLabels } from './hanging-labels.ts';
import {
  type CommandHeading,
  commandHeadings,
  headingsOverSynopses,
  partHeadedSections,
} from './headed-sections.ts';
import { type PartsReading, readParts } from './help-parts.ts';
import { HELP_SETTINGS, type HelpSettings } from './help-settings.ts';
import { TEXT_LIMIT } from './limits.ts';
import { countLines, type LineWithRole, lineRoles } from './line-roles.ts';
import { readRemarks } from './remarks.ts';
import { readSection, sectionCommands } from './section-commands.ts';
import { unfoldColumns } from './side-by-side.ts';
import { splitLines, type TextLine } from './text-line.ts';
import { readTitle } from './title.ts';
import { toldStatuses } from './told-statuses.ts';
import { unreadProblems } from './unread-lines.ts';

/**
 * Reads the help output of one command. Gives an interface whose tree of commands holds the path that the text
 * describes, with what it says stated and what only its layout suggests inferred; no interface, and a problem, where
 * the text is empty, too long (over 16 Mi UTF-16 units), or shows neither usage, options nor commands. Lines that look
 * like entries of a list and could not be read are problems. Whatever the text holds, it does not throw; a setting that there is not is a MisuseError.
 */
export function readHelp(source: Source, settings: HelpSettings = {}): Reading {
  expectKeys('readHelp', settings, HELP_SETTINGS);
  const { interface: cli, problems } = readHelpLines(source, settings);
  return { interface: cli, problems };
}

/** A text as it was read: the interface, and every line with its role. */
export interface HelpLines {
  readonly interface: Interface | undefined;
  readonly problems: readonly Problem[];
  /** None where the text is too long. */
  readonly lines: readonly LineWithRole[];
}

/** Reads help output as `readHelp` does, and tells of each line what it is. */
export function readHelpLines(source: Source, settings: HelpSettings): HelpLines {
  if (source.text.length > TEXT_LIMIT) {
    const message = `help output can have at most ${TEXT_LIMIT} characters, this has ${source.text.length}`;
    return unusable(source, 'text-too-long', message, []);
  }
  const cleaned = new CleanedText(source);
  const asTheyStand = splitLines(cleaned.text);
  if (source.text.trim() === '') {
    const message =
      'expected help output, found an empty text; does the program print its help to standard error?';
    return unusable(source, 'text-empty', message, lineRoles(undefined, asTheyStand, [], cleaned));
  }
  const { own, sections, reading } = readOwn(unfoldColumns(unfoldLabels(asTheyStand)), cleaned, settings);
  const below = sections.map((section) => readSection(section, cleaned, settings));
  const all = [reading, ...below.map(({ reading }) => reading)];
  if (holdsNoHelp(reading.parts) && below.length === 0) {
    const message = 'expected help output with a usage line, options or commands, found none of them';
    return unusable(source, 'not-help', message, lineRoles(undefined, asTheyStand, all, cleaned));
  }
  const cli = assembleInterface(
    source,
    settings,
    reading.parts,
    readTitle(own, cleaned, reading.parts.usage),
    sectionCommands(below),
  );
  const roles = lineRoles(cli, asTheyStand, all, cleaned);
  const view = { doubts: findDoubts(all, roles, cleaned), lines: countLines(roles) };
  const sources = cli.sources.map((one) => ({ ...one, ...view }));
  const remarks = readRemarks(roles, cleaned);
  const root = withTexts(cli.root, {
    examples: readExamples(roles, cli.program.value, cleaned),
    remarks,
  });
  const exitStatuses = cli.exitStatuses.length > 0 ? cli.exitStatuses : toldStatuses(remarks);
  return {
    interface: { ...cli, root, exitStatuses, sources },
    problems: [...all.flatMap(({ problems }) => problems), ...unreadProblems(roles, cleaned)],
    lines: roles,
  };
}

/** A command of which the text describes one along its first subcommands: that one has the examples and the running text. */
function withTexts(command: Command, texts: Pick<Command, 'examples' | 'remarks'>): Command {
  const [first, ...others] = command.commands.items;
  if (command.described || first === undefined) return { ...command, ...texts };
  return {
    ...command,
    commands: { ...command.commands, items: [withTexts(first, texts), ...others] },
  };
}

/** A text parted by commands, with what its own part was read as. */
type OwnReading = PartedText & { readonly reading: PartsReading };

/** The parts of a text that are about the command itself, as they were read; and the sections that are about commands below it. */
function readOwn(lines: readonly TextLine[], cleaned: CleanedText, settings: HelpSettings): OwnReading {
  const headings = commandHeadings(lines);
  const overSynopses = headingsOverSynopses(lines, headings);
  if (overSynopses.length > 0) {
    const whole = readParts(lines, cleaned, settings);
    const headed = readHeaded(lines, overSynopses, whole, cleaned, settings);
    if (headed !== undefined) return headed;
  }
  const bySynopses = partCommands(lines, settings);
  const reading = readParts(bySynopses.own, cleaned, settings);
  const unheaded = { ...bySynopses, reading };
  if (bySynopses.sections.length > 0 || headings.length === 0) return unheaded;
  return readHeaded(lines, headings, reading, cleaned, settings) ?? unheaded;
}

/** The text parted by its headings, where some of them are those of commands; `whole` is what it was read as without that. */
function readHeaded(
  lines: readonly TextLine[],
  headings: readonly CommandHeading[],
  { parts }: PartsReading,
  cleaned: CleanedText,
  settings: HelpSettings,
): OwnReading | undefined {
  const names = new Set(parts.commands.map(({ names: [name] }) => name?.text ?? ''));
  const headed = partHeadedSections(lines, headings, names, parts.usage.lines);
  if (headed === undefined) return undefined;
  const reading = readParts(headed.own, cleaned, settings, headed.usage);
  const claimed = headed.names.map((line) => ({ line, role: 'heading' as const }));
  return { ...headed, reading: { ...reading, claimed: [...reading.claimed, ...claimed] } };
}

const COMPLAINT =
  /\b(?:error|not found|no such|cannot|can't|could not|undefined|unknown|unrecogni[sz]ed|invalid)\b/i;

/** Whether nothing was read that only help shows. A name alone may be a word that the program was called with: `--help: not found`. */
function holdsNoHelp({ usage, options, commands }: HelpParts): boolean {
  const [option, ...more] = options;
  const isName =
    option === undefined ||
    (more.length === 0 && (option.help === undefined || COMPLAINT.test(option.help.value)));
  return usage.readings.length === 0 && commands.length === 0 && isName;
}

function unusable(source: Source, code: string, message: string, lines: readonly LineWithRole[]): HelpLines {
  const problem: Problem = {
    code,
    message,
    place: null,
    source: source.name,
    consequence: 'unusable',
  };
  return { interface: undefined, problems: [problem], lines };
}

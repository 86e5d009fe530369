import { addTo } from '../../collections/grouped.ts';
import type { CommandSection, PartedText } from './command-sections.ts';
import { blankLine, type TextLine } from './text-line.ts';
import type { UsageForm, UsageLines } from './usage-found.ts';

/** A longer line is no heading. */
const HEADING_LIMIT = 100;

/** `Options for pack:`, `Options of the command 'pack'` */
const OPTIONS_FOR =
  /^\s*(?:[Oo]ptions|[Aa]rguments|[Ff]lags|[Ss]witches|[Pp]arameters) (?:for|of)(?: the)? (?:(?:sub-?)?command )?["'`]?([a-z][\w-]*(?::[\w-]+)*)["'`]?(?: (?:sub-?)?command)?:?$/;
/** `pack:`, `pack options:`, `'pack' command options:` */
const NAME_FIRST =
  /^\s*["'`]?([a-z][\w-]*(?::[\w-]+)*)["'`]?(?: (?:sub-?)?command)?(?: (?:options|arguments|flags|switches|parameters))?:$/;

/** `Pack options:`, with the capital that headings begin with. */
const CAPITAL_FIRST =
  /^\s*([A-Z][a-z][\w-]*)(?: (?:sub-?)?command)? (?:options|arguments|flags|switches|parameters):$/;

/** `pack`, `route plan`, as the parts of manual pages are headed. */
const NAME_ALONE = /^\s*((?:[a-z][\w-]{0,40} ){0,4}[a-z][\w-]{0,40})$/;

/** Headings that only begin with the name of a command must be so many, each over options. */
const MIN_NAMED = 2;

/** An option, as an entry of a list begins. */
const OPTION_LINE = /^\s*--?[\w?]/;

/** A heading that may be that of one command. */
export interface CommandHeading {
  readonly line: TextLine;
  /** What it calls the command: its path, where it is nothing else. */
  readonly command: string;
  /** Whether it says that options of a command follow. */
  readonly isExplicit: boolean;
  /** Whether it is a name and nothing else, which is the heading of a command only where a synopsis of that one stands below. */
  readonly isAlone: boolean;
}

/** The headings of a text that may be those of commands; most texts have none. */
export function commandHeadings(lines: readonly TextLine[]): CommandHeading[] {
  return lines.flatMap((line) => {
    if (line.blank || line.text.length > HEADING_LIMIT) return [];
    const explicit = OPTIONS_FOR.exec(line.text)?.[1];
    const alone = NAME_ALONE.exec(line.text)?.[1];
    const command =
      explicit ??
      NAME_FIRST.exec(line.text)?.[1] ??
      CAPITAL_FIRST.exec(line.text)?.[1]?.toLowerCase() ??
      alone;
    const isAlone = alone !== undefined;
    return command === undefined ? [] : [{ line, command, isExplicit: explicit !== undefined, isAlone }];
  });
}

/** The headings that are the name of a command and have a synopsis of that command below them. */
export function headingsOverSynopses(
  lines: readonly TextLine[],
  headings: readonly CommandHeading[],
): CommandHeading[] {
  return headings.filter(
    (heading) =>
      heading.isAlone &&
      linesBelow(lines, heading.line).some(({ text, first }) => {
        const behind = text.indexOf(' ', first);
        return behind > 0 && `${text} `.startsWith(` ${heading.command} `, behind);
      }),
  );
}

/** A text whose headings give parts of it to commands. */
export interface HeadedText extends PartedText {
  /** The synopses, those that show such a command up to its name. */
  readonly usage: UsageLines;
  /** The headings that are names of commands and belong to none of the parts. */
  readonly names: readonly TextLine[];
}

/**
 * Parts a text whose headings say which command the options below them are of, `Options for pack:`, from those of the program. `names` are those of the
 * commands that the text shows elsewhere, `usage` are its synopses; undefined where no heading is that of a command.
 */
export function partHeadedSections(
  lines: readonly TextLine[],
  headings: readonly CommandHeading[],
  names: ReadonlySet<string>,
  usage: UsageLines,
): HeadedText | undefined {
  const byCommand = new Map<string, TextLine[]>();
  const shown = new Map<string, UsageForm[]>();
  const programs = new Set(usage.forms.map(programOf));
  const taken = new Set<number>();
  const alone: TextLine[] = [];
  let explicit = 0;
  let named = 0;
  for (const { line: heading, command, isExplicit, isAlone } of headings) {
    if (taken.has(heading.index)) continue;
    const below = isAlone || names.has(command) ? linesBelow(lines, heading) : [];
    const synopsis = isAlone ? below.find((line) => isSynopsisOf(command, line, programs)) : undefined;
    if (below.length === 0 || (isAlone && synopsis === undefined)) continue;
    const holdsOptions = below.some(({ text }) => OPTION_LINE.test(text));
    if (holdsOptions && (isExplicit || isAlone)) explicit++;
    else if (holdsOptions) named++;
    const section = byCommand.get(command) ?? [];
    byCommand.set(command, section);
    if (isAlone) alone.push(heading);
    if (isAlone) taken.add(heading.index);
    for (const line of isAlone ? below : [heading, ...below]) {
      taken.add(line.index);
      const own = { ...line, index: section.length };
      section.push(own);
      if (line === synopsis)
        shown.set(command, [{ pieces: [{ line: own, start: line.first, end: line.text.length }] }]);
    }
  }
  if (explicit === 0 && named < MIN_NAMED) return undefined;
  const forms = new Map<string, UsageForm[]>();
  for (const form of usage.forms) addTo(forms, commandOf(form) ?? '', form);
  const sections = [...byCommand].map(
    ([command, section]): CommandSection => ({
      lines: section,
      usage: usageOf(usage, shown.get(command), forms.get(command)),
      path: command.split(' '),
    }),
  );
  return {
    own: lines.map((line) => (taken.has(line.index) ? blankLine(line) : line)),
    usage: { ...usage, forms: usage.forms.map((form) => upToName(form, byCommand)) },
    names: alone,
    sections,
  };
}

/** The synopses of a command: the one below its heading, or those of the text that show it. */
function usageOf(
  usage: UsageLines,
  below: readonly UsageForm[] | undefined,
  elsewhere: readonly UsageForm[] = [],
): UsageLines {
  if (below === undefined) return { ...usage, forms: elsewhere, taken: new Set() };
  const taken = new Set(below.flatMap(({ pieces }) => pieces.map(({ line }) => line.index)));
  return { ...usage, forms: below, taken };
}

/** The program that a synopsis begins with. */
function programOf({ pieces: [piece] }: UsageForm): string {
  return /^\S*/.exec(piece?.line.text.slice(piece.start, piece.end) ?? '')?.[0] ?? '';
}

/** Whether a line is a synopsis of the command with a path. */
function isSynopsisOf(path: string, line: TextLine, programs: ReadonlySet<string>): boolean {
  const text = line.text.slice(line.first);
  const [program = ''] = text.split(' ', 1);
  return programs.has(program) && `${text} `.startsWith(`${program} ${path} `);
}

/** The word behind the program, with the program in front of it. */
const COMMAND_SHOWN = /^\S+ +([a-z][\w:-]*)(?=\s|$)/;

/** The word behind the program in a synopsis; undefined where none stands there. */
function commandOf({ pieces: [piece] }: UsageForm): string | undefined {
  return piece && COMMAND_SHOWN.exec(piece.line.text.slice(piece.start, piece.end))?.[1];
}

/** A synopsis of one of some commands without what stands behind its name, which is the command's; any other as it is. */
function upToName(form: UsageForm, commands: ReadonlyMap<string, unknown>): UsageForm {
  const [piece] = form.pieces;
  const head = piece && COMMAND_SHOWN.exec(piece.line.text.slice(piece.start, piece.end));
  if (!piece || !head || !commands.has(head[1] ?? '')) return form;
  return { pieces: [{ ...piece, end: piece.start + head[0].length }] };
}

/** The lines below a heading, up to one that is no deeper, unless they are options at its own indentation. */
function linesBelow(lines: readonly TextLine[], heading: TextLine): TextLine[] {
  const below: TextLine[] = [];
  for (let i = heading.index + 1; i < lines.length; i++) {
    const line = lines[i];
    if (line === undefined) break;
    const isOption = line.indent === heading.indent && OPTION_LINE.test(line.text);
    if (!line.blank && line.indent <= heading.indent && !isOption) break;
    below.push(line);
  }
  while (below.at(-1)?.blank === true) below.pop();
  return below;
}

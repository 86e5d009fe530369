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

/** Headings that only begin with the name of a command must be so many, each over options. */
const MIN_NAMED = 2;

/** An option, as an entry of a list begins. */
const OPTION_LINE = /^\s*--?[\w?]/;

/** A heading that may be that of one command. */
export interface CommandHeading {
  readonly line: TextLine;
  /** What it calls the command. */
  readonly command: string;
  /** Whether it says that options of a command follow. */
  readonly isExplicit: boolean;
}

/** The headings of a text that may be those of commands; most texts have none. */
export function commandHeadings(lines: readonly TextLine[]): CommandHeading[] {
  return lines.flatMap((line) => {
    if (line.blank || line.text.length > HEADING_LIMIT) return [];
    const explicit = OPTIONS_FOR.exec(line.text)?.[1];
    const command = explicit ?? NAME_FIRST.exec(line.text)?.[1];
    return command === undefined ? [] : [{ line, command, isExplicit: explicit !== undefined }];
  });
}

/** A text whose headings give parts of it to commands. */
export interface HeadedText extends PartedText {
  /** The synopses, those that show such a command up to its name. */
  readonly usage: UsageLines;
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
  const taken = new Set<number>();
  let explicit = 0;
  let named = 0;
  for (const { line: heading, command, isExplicit } of headings) {
    const below = names.has(command) ? linesBelow(lines, heading) : [];
    if (below.length === 0) continue;
    const holdsOptions = below.some(({ text }) => OPTION_LINE.test(text));
    if (holdsOptions && isExplicit) explicit++;
    else if (holdsOptions) named++;
    const section = byCommand.get(command) ?? [];
    byCommand.set(command, section);
    for (const line of [heading, ...below]) {
      taken.add(line.index);
      section.push({ ...line, index: section.length });
    }
  }
  if (explicit === 0 && named < MIN_NAMED) return undefined;
  const forms = new Map<string, UsageForm[]>();
  for (const form of usage.forms) addTo(forms, commandOf(form) ?? '', form);
  const sections = [...byCommand].map(
    ([command, section]): CommandSection => ({
      lines: section,
      usage: { ...usage, forms: forms.get(command) ?? [], taken: new Set() },
      path: [command],
    }),
  );
  return {
    own: lines.map((line) => (taken.has(line.index) ? blankLine(line) : line)),
    usage: { ...usage, forms: usage.forms.map((form) => upToName(form, byCommand)) },
    sections,
  };
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

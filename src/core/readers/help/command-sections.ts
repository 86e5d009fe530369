import { ANY_OPTIONS } from '../../notation/usage-words.ts';
import type { HelpSettings } from './help-settings.ts';
import { blankLine, type TextLine, type TextPiece } from './text-line.ts';
import type { UsageLines } from './usage-found.ts';
import { withoutText } from './usage-text.ts';

/** A part of a text that begins with the synopsis of one command and tells of that command only. */
export interface CommandSection {
  /** The lines of the part, numbered anew. */
  readonly lines: readonly TextLine[];
  /** The synopsis that it begins with. */
  readonly usage: UsageLines;
  /** The path of the command, without the program. */
  readonly path: readonly string[];
}

/** A text with sections of commands, parted. */
export interface PartedText {
  /** The lines of the text, those of sections empty. */
  readonly own: readonly TextLine[];
  readonly sections: readonly CommandSection[];
}

/** So many parts of a text must list options: one list behind several synopses is of all of them. */
const MIN_LISTS = 2;

/** `tiffin [COMMAND] ... [OPTIONS]`, with or without a word before it. */
const PROGRAM_HEAD = /^\s*(?:usage:?\s+)?([\w./-]*\w) [[<{(A-Z-]/i;
/** `tiffin pack [OPTIONS] BOX` */
const COMMAND_HEAD = /^\s*([\w./-]*\w) ([a-z][\w:-]*)(?= |$)/;
/** `Command: pack [options] <box>`, without the program. */
const LABELLED_HEAD = /^\s*(?:sub-?)?command:\s+(?=([a-z][\w:-]*)(?= |$))/i;
/** What stands behind the name of a command only in its synopsis: a bracket, an option, a word in capitals, or nothing. */
const NOTATION = /^$|[[<{]|\s--?\w|\s[A-Z][A-Z0-9_-]+\b/;
/** Three plain words in a row, unless a bracket stands before them; an end that sentences have; quotes. */
const SENTENCE = /^[^[<{]*(?:\s[a-z]{2,}){3}|[:;!?,]$|[^.]\.$|["'`]/;
/** A list that is of all commands, whatever stands above it. */
const COMMON_LIST = /^\s*(?:common|global|general|shared) [a-z]+:\s*$/i;
const OPTION_LINE = /^\s+--?[\w?]/;
/** A longer line is no synopsis that could be told from running text. */
const HEAD_LIMIT = 200;

/**
 * Parts a text that shows the program and each command by a synopsis with a text and options of its own below it:
 *
 *     tiffin [COMMAND] ... [OPTIONS]
 *       Carry boxes.
 *
 *       -q --quiet   say less
 *
 *     tiffin pack [OPTIONS] BOX
 *       Pack a box.
 *
 *       -l --late    also late ones
 */
export function partCommands(lines: readonly TextLine[], settings: HelpSettings): PartedText {
  const unparted: PartedText = { own: lines, sections: [] };
  // The synopses of the commands below one begin with its path.
  const isOfProgram = settings.command === undefined || settings.command.length === 0;
  const program = isOfProgram ? programOf(lines) : undefined;
  if (program === undefined) return unparted;
  const own: TextLine[] = [];
  const sections: (CommandHead & { readonly lines: TextLine[] })[] = [];
  let open: { readonly lines: TextLine[]; readonly indent: number } | undefined;
  for (const line of lines) {
    const head = headOf(line, lines, program);
    if (head !== undefined) {
      open = { lines: [], indent: line.indent };
      sections.push({ ...head, lines: open.lines });
    } else if (open !== undefined && !line.blank && endsSection(line, open.indent)) open = undefined;
    if (open === undefined) own.push(line);
    else {
      own.push(blankLine(line));
      open.lines.push({ ...line, index: open.lines.length });
    }
  }
  const names = new Set(sections.map(({ path }) => path.join(' ')));
  const lists = [own, ...sections.map((section) => section.lines)].filter(holdsOptions);
  if (names.size < sections.length || lists.length < MIN_LISTS) return unparted;
  return {
    own,
    sections: sections.map((section) => ({ ...section, usage: usageOf(section.lines, section.start) })),
  };
}

/** The program whose synopsis stands above all lists of options. */
function programOf(lines: readonly TextLine[]): string | undefined {
  for (const { text } of lines) {
    const name = PROGRAM_HEAD.exec(text.slice(0, HEAD_LIMIT))?.[1];
    if (name !== undefined || OPTION_LINE.test(text)) return name;
  }
  return undefined;
}

/** The line that a section begins with: the path of the command, and where its synopsis begins in the line. */
interface CommandHead {
  readonly path: readonly string[];
  readonly start: number;
}

/** The command whose synopsis a line is, behind an empty line or a label; undefined where it is none. */
function headOf(line: TextLine, lines: readonly TextLine[], program: string): CommandHead | undefined {
  if (line.blank || line.text.length > HEAD_LIMIT) return undefined;
  const labelled = LABELLED_HEAD.exec(line.text);
  const start = labelled === null ? line.first : labelled[0].length;
  const [head = '', name, command] = COMMAND_HEAD.exec(line.text) ?? [];
  if (labelled === null && (name !== program || !lines[line.index - 1]?.blank)) return undefined;
  const first = labelled === null ? command : labelled[1];
  if (first === undefined) return undefined;
  const behind = line.text.slice(labelled === null ? head.length : start + first.length);
  if (!NOTATION.test(behind) || SENTENCE.test(behind)) return undefined;
  // All words in front of the place of the options are the path; without such a place more of them may be operands.
  const words = behind.trim().split(/ +/);
  const optionsAt = words.findIndex((word) => ANY_OPTIONS.test(word));
  const more = words.slice(0, Math.max(0, optionsAt));
  return { path: more.every((word) => /^[a-z][\w:-]*$/.test(word)) ? [first, ...more] : [first], start };
}

/** Whether a line is about something else than the command above it. */
function endsSection({ indent, text }: TextLine, indentOfHead: number): boolean {
  return indent < indentOfHead || COMMON_LIST.test(text.slice(0, HEAD_LIMIT));
}

function holdsOptions(lines: readonly TextLine[]): boolean {
  return lines.some(({ text }) => OPTION_LINE.test(text));
}

/** The synopsis at the head of a section, with the lines that go on with it in brackets. */
function usageOf(lines: readonly TextLine[], start: number): UsageLines {
  const pieces: TextPiece[] = [];
  for (const line of lines) {
    if (pieces.length > 0 && !/^\s+[[<{|]/.test(line.text)) break;
    const from = pieces.length === 0 ? start : line.first;
    pieces.push({ line, start: from, end: withoutText(line, from) });
  }
  return {
    forms: [{ pieces }],
    taken: new Set(pieces.map(({ line }) => line.index)),
    announced: true,
    isPath: false,
  };
}

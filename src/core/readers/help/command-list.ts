import { type Command, type CommandName, makeCommand } from '../../model/command.ts';
import { stated } from '../../model/fact.ts';
import { notesIn } from '../../notation/mark-notes.ts';
import { FILE_NAME } from '../../notation/usage-words.ts';
import { matches } from '../../source/matches.ts';
import { textWidth } from '../../source/text-width.ts';
import type { CleanedText } from './cleaned-text.ts';
import { type Head, withPaths } from './command-paths.ts';
import { readHeadSynopsis } from './head-synopsis.ts';
import { headingFact, type Section } from './headings.ts';
import { TextFlow } from './text-flow.ts';
import type { TextLine } from './text-line.ts';
import { findWordEntries, type WordEntry } from './word-entries.ts';

/** A command's name: no placeholder and no sentence; `route:plan` and `list-users` are names. */
const NAME = /^(?!.*:[A-Z]{2})(?!.*\.$)[A-Za-z0-9_][\w.+@-]*(?::[\w.+@-]+)*$/;

/** Which command a text is about. */
export interface Described {
  /** The program's name; undefined where the text does not tell it. */
  readonly program: string | undefined;
  /** The words behind it that lead to the command. In front of names (`tiffin route  plan routes`) they are passed over. */
  readonly path: readonly string[];
}

/** Reads the commands that the lines of a section list, with their aliases and texts. */
export function readCommandList(section: Section, cleaned: CleanedText, described: Described): Command[] {
  const running = readRunningList(section.lines, cleaned) ?? readGrid(section.lines, cleaned);
  if (running !== undefined) return running;
  return commandsOfEntries(findWordEntries(section.lines), section, cleaned, described);
}

/** The commands that entries name; entries that name none are passed over. */
export function commandsOfEntries(
  found: readonly WordEntry[],
  section: Section,
  cleaned: CleanedText,
  described: Described,
): Command[] {
  const { entries, wrapped } = joinWrappedHeads(found, described);
  const path = commonPath(
    entries.filter((entry) => !wrapped.has(entry)),
    described.path,
  );
  const read = entries.flatMap((entry) => {
    // The program alone, in a list of command lines, is no command.
    const head = readHead(entry, cleaned, path);
    const isOther = isJustified(entry) || isSentence(entry) || isSetting(entry, section.kind === 'commands');
    if (head === undefined || isOther) return [];
    if (head.names.some(({ text }) => FILE_NAME.test(text))) return [];
    const isProgram = head.names[0]?.text === (path === described.path ? described.program : path[0]);
    if (isProgram && head.further === undefined) return [];
    return [{ head, command: commandOf(head.names, entry, section, cleaned) }];
  });
  return withPaths(read);
}

/**
 * Entries whose heads were too long for their column: `tiffin box` with a text behind it, and `open <day>` right below. Only the path that
 * the text is about is joined so, since it alone names no command. Also those that were joined, whose heads are without the path.
 */
function joinWrappedHeads(
  entries: readonly WordEntry[],
  { program, path }: Described,
): { entries: readonly WordEntry[]; wrapped: ReadonlySet<WordEntry> } {
  const words = path[0] === program ? path : [program ?? '', ...path];
  const left = words.join(' ');
  const joined: WordEntry[] = [];
  const wrapped = new Set<WordEntry>();
  for (let i = 0; i < entries.length; i++) {
    const entry = entries[i];
    const next = entries[i + 1];
    if (entry === undefined) continue;
    const isPath = words.length > 1 && entry.line.text.slice(entry.start, entry.end) === left;
    const isWrapped =
      isPath &&
      entry.pieces.length > 0 &&
      next?.line.index === entry.line.index + 1 &&
      next.line.indent === entry.line.indent;
    if (isWrapped) i++;
    const entire = isWrapped ? { ...next, pieces: [...entry.pieces, ...next.pieces] } : entry;
    if (isWrapped) wrapped.add(entire);
    joined.push(entire);
  }
  return { entries: joined, wrapped };
}

function commandOf(
  names: readonly CommandName[],
  entry: WordEntry,
  section: Section,
  cleaned: CleanedText,
): Command {
  const flow = new TextFlow(cleaned, entry.pieces);
  const place = names[0]?.place ?? null;
  const { forms, options } = headSynopsis(names, entry, cleaned);
  return makeCommand({
    names: [...names, ...aliasesInText(flow, names)],
    forms,
    options: { items: options, complete: undefined },
    summary: flow.text === '' || isNotation(flow.text) ? undefined : stated(flow.text, flow.place),
    heading: headingFact(section, cleaned),
    place,
  });
}

/** What stands behind the names: `open (o) [--late] <box>`. */
function headSynopsis(names: readonly CommandName[], { line, start, end }: WordEntry, cleaned: CleanedText) {
  const [first, last] = [names[0]?.place, names.at(-1)?.place];
  const at = (last?.end ?? line.start + start) - line.start;
  const mark = /^[:)]*\s*/.exec(line.text.slice(at, end))?.[0].length ?? 0;
  const name = {
    line,
    start: (first?.start ?? line.start + start) - line.start,
    end: (first?.end ?? line.start + end) - line.start,
  };
  return readHeadSynopsis(name, { line, start: at + mark, end }, cleaned);
}

/** Brackets, an option, or the mark in front of a text, and nothing else: no text. */
function isNotation(text: string): boolean {
  if (/^(?:--?\w[\w-]{0,60}|[#:|=–—-]{1,2})$/.test(text)) return true;
  return (
    /^[[{<]/.test(text) &&
    text
      .replace(/\[[^\][]*\]|\{[^{}]*\}|<[^<>]*>|\.{3}/g, '')
      .trim()
      .split(/\s+/).length < 2
  );
}

/** `[deprecated] ...`, `[CAREFUL] ...`: what a command is, and no other name of it. */
const STATE =
  /^(?:deprecated|experimental|beta|alpha|preview|optional|required|default|new|internal|obsolete|advanced|interactive)$/i;
const CAPITALS = /^[A-Z]{2,}$/;

/** `[aliases: ls, l]` at the end of a text, and `[ls|l]` at its beginning. */
function aliasesInText(flow: TextFlow, names: readonly CommandName[]): CommandName[] {
  const { text } = flow;
  const known = new Set(names.map((name) => name.text));
  const notes = notesIn(text).filter(({ kind }) => kind === 'aliases');
  const leading = /^\[([\w:.-]+(?:\|[\w:.-]+)*)\] \S/.exec(text)?.[1];
  const lists = [
    ...(leading === undefined || STATE.test(leading) || CAPITALS.test(leading)
      ? []
      : [{ from: 1, list: leading }]),
    ...notes.map(({ start, value }) => ({ from: start, list: value })),
  ];
  return lists.flatMap(({ from, list }) => {
    return matches(list, /[^\s,|]+/g).flatMap((match) => {
      const start = from + match.index;
      const isName = NAME.test(match[0]) && !known.has(match[0]);
      return isName ? [{ text: match[0], place: flow.span(start, start + match[0].length) }] : [];
    });
  });
}

/** A line of running text that was stretched to the margin (`The  boxes   of a day`) is no entry. */
function isJustified({ line, start, pieces }: WordEntry): boolean {
  const [piece] = pieces;
  if (piece?.line !== line || !/^[A-Z][a-z]/.test(line.text.slice(start, start + 2))) return false;
  return /[a-z,] {2,}[a-z]/.test(line.text.slice(piece.start, piece.end));
}

/** `tiffin.day   = monday|tuesday`: what can be set, and to what; but not a sentence behind a name of a list that is called commands: `open = open the box`. */
function isSetting({ line, start, end, pieces: [text] }: WordEntry, isCalledCommands: boolean): boolean {
  if (text?.line !== line || !/=\s*$/.test(line.text.slice(end, text.start))) return false;
  const isSentence = /^[A-Za-z]+ [a-z]/.test(line.text.slice(text.start, text.start + 60));
  return !(isCalledCommands && isSentence && !line.text.slice(start, end).includes('.'));
}

/** So many plain words behind a name are no operands of it. */
const MIN_SENTENCE_WORDS = 4;

/** Whether the left part is the beginning of a sentence, with a wide blank in it: `There are rounds for each  day`. */
function isSentence({ line, start, end }: WordEntry): boolean {
  const [, ...behind] = line.text.slice(start, end).split(/\s+/);
  return behind.length >= MIN_SENTENCE_WORDS && behind.every((word) => /^[a-z]+[,.]?$/i.test(word));
}

/** The words that every entry begins with: the program's name, with the path behind it that the text is about (`tiffin box`). */
function commonPath(entries: readonly WordEntry[], programPath: readonly string[]): readonly string[] {
  const words = entries.map(({ line, start, end }) => line.text.slice(start, end).split(/\s+/));
  const [first] = words;
  const program = first?.[0];
  const isCommon =
    first !== undefined &&
    program !== undefined &&
    NAME.test(program) &&
    words.every((own) => own[0] === program) &&
    words.some((own) => own.length > 1) &&
    (words.length > 1 || NAME.test(first[1] ?? ''));
  if (!isCommon) return programPath;
  const path = [program];
  for (const word of programPath)
    if (words.every((own) => own[path.length] === word && own.length > path.length + 1)) path.push(word);
  return path;
}

const HEAD_PARTS = /[^\s,|()]+|[,|()]/g;
const HEAD_PARTS_BY_SLASH = /[^\s,|()/]+|[,|()/]/g;

/** `status/st`: two or three names, and no path. */
const SLASHED_NAMES =
  /^(?!(?:bin|etc|lib|src|tmp|usr|var)\/)[a-z][\w-]{0,40}(?:\/[a-z][\w-]{0,40}){1,2}(?=\s|$)/;

function readHead(entry: WordEntry, cleaned: CleanedText, programPath: readonly string[]): Head | undefined {
  const { line, end } = entry;
  const at = pathEnd(entry, programPath);
  const names: CommandName[] = [];
  let expectsName = true;
  const left = line.text.slice(at, end);
  for (const match of matches(left, SLASHED_NAMES.test(left) ? HEAD_PARTS_BY_SLASH : HEAD_PARTS)) {
    // `box:   text`, `box*  text` with a mark for a note.
    const text = names.length === 0 ? match[0].replace(/[:*]$/, '') : match[0];
    const start = line.start + at + match.index;
    const name = { text, place: cleaned.span(start, start + text.length) };
    // `box(quay)` has an operand and no alias, and `(none)` is no name.
    if (text === '(' && (names.length === 0 || line.text[at + match.index - 1] !== ' ')) break;
    if (',|(/'.includes(text) || (text === 'or' && !expectsName)) {
      expectsName = true;
    } else if (text === ')') {
      expectsName = false;
    } else if (text === 'default' && line.text[at + match.index - 1] === '(') {
      // `open (default)`: what is done without a command.
      expectsName = false;
    } else if (expectsName && NAME.test(text)) {
      names.push(name);
      expectsName = false;
    } else {
      // What follows a name are its operands, or more of its path; what begins with something else is no command.
      const isFurther = names.length === 1 && !expectsName && /^[a-z]/.test(text) && NAME.test(text);
      return names.length === 0 ? undefined : { names, further: isFurther ? name : undefined };
    }
  }
  return names.length === 0 ? undefined : { names, further: undefined };
}

/** Where the words behind the program's path begin. A command may have the name of the one above it, and then has no other behind it. */
function pathEnd({ line, start, end }: WordEntry, programPath: readonly string[]): number {
  let at = start;
  for (const word of programPath) {
    const next = at + word.length + 1;
    const isPassed = line.text.startsWith(`${word} `, at) && next < end && /\w/.test(line.text[next] ?? '');
    if (isPassed) at = next;
  }
  return at;
}

/** The lines of the first paragraph. */
function firstParagraph(lines: readonly TextLine[]): TextLine[] {
  const start = lines.findIndex((line) => !line.blank);
  if (start < 0) return [];
  const end = lines.findIndex((line, i) => i > start && line.blank);
  return lines.slice(start, end < 0 ? lines.length : end);
}

/** Names in running lines, parted by commas: `add, list, remove,`. */
function readRunningList(lines: readonly TextLine[], cleaned: CleanedText): Command[] | undefined {
  const filled = firstParagraph(lines);
  const text = filled.map((line) => line.text.trim());
  const isRunning =
    filled.length > 0 &&
    text.join(' ').includes(', ') &&
    text.every(
      (part, i) =>
        part.split(',').every((word) => NAME.test(word.trim()) || word === '') &&
        (i === text.length - 1 || part.endsWith(',')),
    );
  return isRunning ? namesIn(filled, /[^\s,]+/g, cleaned) : undefined;
}

/** The display column of each word of a line. */
function startsOf({ text }: TextLine): number[] {
  let [column, done] = [0, 0];
  return matches(text, /\S+/g).map(({ index }) => {
    column += textWidth(text.slice(done, index), column);
    done = index;
    return column;
  });
}

/** Names in several columns, without texts. */
function readGrid(lines: readonly TextLine[], cleaned: CleanedText): Command[] | undefined {
  const filled = firstParagraph(lines);
  const [first] = filled;
  if (first === undefined) return undefined;
  const columns = new Set(startsOf(first));
  const isGrid =
    columns.size >= 3 &&
    filled.every(
      (line) =>
        !/\S \S/.test(line.text) &&
        line.text
          .trim()
          .split(/\s+/)
          .every((word) => NAME.test(word)) &&
        startsOf(line).every((column) => columns.has(column)),
    );
  return isGrid ? namesIn(filled, /\S+/g, cleaned) : undefined;
}

function namesIn(lines: readonly TextLine[], word: RegExp, cleaned: CleanedText): Command[] {
  return lines.flatMap((line) =>
    matches(line.text, word).map((match) => {
      const start = line.start + match.index;
      const place = cleaned.span(start, start + match[0].length);
      return makeCommand({ names: [{ text: match[0], place }], place });
    }),
  );
}

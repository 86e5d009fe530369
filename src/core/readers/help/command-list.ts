import { type Command, type CommandName, makeCommand } from '../../model/command.ts';
import { stated } from '../../model/fact.ts';
import type { CleanedText } from './cleaned-text.ts';
import { headingFact, type Section } from './headings.ts';
import { TextFlow } from './text-flow.ts';
import { columnAt, type TextLine } from './text-line.ts';
import { findWordEntries, type WordEntry } from './word-entries.ts';

/** A command's name: no placeholder and no sentence; `route:plan` and `list-users` are names. */
const NAME = /^[A-Za-z0-9_][\w.+@-]*(?::[\w.+@-]+)*$/;

/**
 * Reads the commands that the lines of a section list, with their aliases and texts. `programPath` words in front of a
 * name (`tiffin route  plan routes`) are passed over.
 */
export function readCommandList(
  section: Section,
  cleaned: CleanedText,
  programPath: readonly string[],
): Command[] {
  const running = readRunningList(section.lines, cleaned) ?? readGrid(section.lines, cleaned);
  if (running !== undefined) return running;
  const commands: Command[] = [];
  const entries = findWordEntries(section.lines);
  const common = commonFirstWord(entries);
  const path = common ?? programPath;
  for (const entry of entries) {
    // The program alone, in a list of command lines, is no command.
    if (entry.line.text.slice(entry.start, entry.end) === common?.[0]) continue;
    const names = readNames(entry, cleaned, path);
    if (names.length === 0 || isJustified(entry)) continue;
    const flow = new TextFlow(cleaned, entry.pieces);
    const first = names[0]?.place ?? null;
    commands.push(
      makeCommand({
        names,
        summary: flow.text === '' ? undefined : stated(flow.text, flow.whole),
        heading: headingFact(section, cleaned),
        place: first,
      }),
    );
  }
  return commands;
}

/** A line of running text that was stretched to the margin (`The  boxes   of a day`) is no entry. */
function isJustified({ line, start, pieces }: WordEntry): boolean {
  const [piece] = pieces;
  if (piece?.line !== line || !/^[A-Z][a-z]/.test(line.text.slice(start, start + 2))) return false;
  return /[a-z,] {2,}[a-z]/.test(line.text.slice(piece.start, piece.end));
}

/** The program's name, where every entry begins with it (`tiffin box`, `tiffin route`). */
function commonFirstWord(entries: readonly WordEntry[]): string[] | undefined {
  const words = entries.map(({ line, start, end }) => line.text.slice(start, end).split(/\s+/));
  const first = words[0]?.[0];
  const isCommon =
    first !== undefined &&
    words.every((own) => own[0] === first) &&
    (words.length > 1 || NAME.test(words[0]?.[1] ?? ''));
  return isCommon ? [first] : undefined;
}

function readNames(entry: WordEntry, cleaned: CleanedText, programPath: readonly string[]): CommandName[] {
  const { line, end } = entry;
  let at = entry.start;
  for (const word of programPath) {
    // A command may have the name of the one above it.
    if (line.text.startsWith(`${word} `, at) && at + word.length + 1 < end) at += word.length + 1;
  }
  const names: CommandName[] = [];
  let expectsName = true;
  for (const match of line.text.slice(at, end).matchAll(/[^\s,|()]+|[,|()]/g)) {
    const text = match[0];
    const start = line.start + at + match.index;
    // `box(quay)` has an operand and no alias, and `(none)` is no name.
    if (text === '(' && (names.length === 0 || line.text[at + match.index - 1] !== ' ')) return names;
    if (',|('.includes(text)) {
      expectsName = true;
    } else if (text === ')') {
      expectsName = false;
    } else if (expectsName && NAME.test(text)) {
      names.push({ text, place: cleaned.span(start, start + text.length) });
      expectsName = false;
    } else {
      // What follows a name are its operands; what begins with something else is no command.
      return names;
    }
  }
  return names;
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

/** Names in several columns, without texts. */
function readGrid(lines: readonly TextLine[], cleaned: CleanedText): Command[] | undefined {
  const filled = firstParagraph(lines);
  const [first] = filled;
  if (first === undefined) return undefined;
  const startsOf = (line: TextLine) =>
    [...line.text.matchAll(/\S+/g)].map((match) => columnAt(line, match.index));
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
    [...line.text.matchAll(word)].map((match) => {
      const start = line.start + match.index;
      const place = cleaned.span(start, start + match[0].length);
      return makeCommand({ names: [{ text: match[0], place }], place });
    }),
  );
}

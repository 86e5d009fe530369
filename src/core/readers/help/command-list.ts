import { type Command, type CommandName, makeCommand } from '../../model/command.ts';
import { stated } from '../../model/fact.ts';
import type { CleanedText } from './cleaned-text.ts';
import { headingFact, type Section } from './headings.ts';
import { TextFlow } from './text-flow.ts';
import type { TextLine } from './text-line.ts';
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
  const running = readRunningList(section.lines, cleaned);
  if (running.length > 0) return running;
  const commands: Command[] = [];
  const entries = findWordEntries(section.lines);
  const path = commonFirstWord(entries) ?? programPath;
  for (const entry of entries) {
    const names = readNames(entry, cleaned, path);
    if (names.length === 0) continue;
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
    if (line.text.startsWith(`${word} `, at) || line.text.slice(at, end) === word) at += word.length + 1;
  }
  const names: CommandName[] = [];
  let expectsName = true;
  for (const match of line.text.slice(at, end).matchAll(/[^\s,|()]+|[,|()]/g)) {
    const text = match[0];
    const start = line.start + at + match.index;
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

/** Names in running lines, parted by commas: `add, list, remove,`. */
function readRunningList(lines: readonly TextLine[], cleaned: CleanedText): Command[] {
  const filled: TextLine[] = [];
  for (const line of lines) {
    if (!line.blank) filled.push(line);
    else if (filled.length > 0) break;
  }
  const text = filled.map((line) => line.text.trim());
  const isRunning =
    filled.length > 0 &&
    text.join(' ').includes(', ') &&
    text.every(
      (part, i) =>
        part.split(',').every((word) => NAME.test(word.trim()) || word === '') &&
        (i === text.length - 1 || part.endsWith(',')),
    );
  if (!isRunning) return [];
  return filled.flatMap((line) =>
    [...line.text.matchAll(/[^\s,]+/g)].map((match) => {
      const start = line.start + match.index;
      const place = cleaned.span(start, start + match[0].length);
      return makeCommand({ names: [{ text: match[0], place }], place });
    }),
  );
}

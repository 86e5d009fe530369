import { type Command, makeCommand } from '../../model/command.ts';
import { stated } from '../../model/fact.ts';
import { matches } from '../../source/matches.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { Section } from './headings.ts';
import { TextFlow } from './text-flow.ts';
import type { TextLine } from './text-line.ts';
import { findWordEntries, type WordEntry } from './word-entries.ts';

const CHOICE = /^\{([\w.+-]{1,60}(?:,[\w.+-]{1,60}){0,200})\}/;

/** A choice of commands, `{open,close}`, with the deeper lines on which each has its text. */
export interface CommandChoice {
  readonly commands: readonly Command[];
  /** The line with the choice, or with what stands for a command. */
  readonly head: TextLine;
  /** The lines that it takes, by number. */
  readonly lines: ReadonlySet<number>;
}

/**
 * Reads `{open,close}` as an entry of a list, with an entry for each of its words at a deeper indentation below it: those are
 * commands. Undefined where the words have no entries of their own, as the allowed values of an operand have not.
 */
export function readCommandChoice(section: Section, cleaned: CleanedText): CommandChoice | undefined {
  const choice = section.lines.find((line) => !line.blank && CHOICE.test(line.text.slice(line.first)));
  if (choice === undefined) return undefined;
  const words = new Set(CHOICE.exec(choice.text.slice(choice.first))?.[1]?.split(',') ?? []);
  const below = deeperLines(section.lines, choice);
  if (beginsWithText(below)) return undefined;
  const commands: Command[] = [];
  const entries = findWordEntries(below);
  const forgotten = forgottenOf(entries, words);
  for (const entry of entries) {
    const left = entry.line.text.slice(entry.start, entry.end);
    const name = nameOf(entry);
    if (!words.has(name) && !forgotten.has(entry)) continue;
    const start = entry.line.start + entry.start;
    const place = cleaned.span(start, start + name.length);
    const flow = new TextFlow(cleaned, entry.pieces);
    const aliases = matches(left.slice(name.length), /[\w.+-]+/g).flatMap((match) => {
      const at = start + name.length + match.index;
      return words.has(match[0]) ? [{ text: match[0], place: cleaned.span(at, at + match[0].length) }] : [];
    });
    commands.push(
      makeCommand({
        names: [{ text: name, place }, ...aliases],
        summary: flow.text === '' ? undefined : stated(flow.text, flow.place),
        place,
      }),
    );
  }
  if (commands.length === 0) return undefined;
  // A command may stand in the choice and go without a text.
  const named = new Set(commands.flatMap(({ names }) => names.map(({ text }) => text)));
  const from = choice.start + choice.first;
  for (const match of matches(choice.text.slice(choice.first), /[\w.+-]+/g)) {
    if (!words.has(match[0]) || named.has(match[0])) continue;
    const place = cleaned.span(from + match.index, from + match.index + match[0].length);
    commands.push(makeCommand({ names: [{ text: match[0], place }], place }));
  }
  return { commands, head: choice, lines: new Set([choice, ...below].map((line) => line.index)) };
}

function nameOf({ line, start, end }: WordEntry): string {
  return line.text.slice(start, end).split(/[\s(,]/)[0] ?? '';
}

/** So many entries that the choice has, for each that it lacks, show that it was forgotten there. */
const KNOWN_FOR_ONE = 2;

/** Entries with names and texts, at the indentation of those that the choice has, which it lacks. */
function forgottenOf(entries: readonly WordEntry[], words: ReadonlySet<string>): ReadonlySet<WordEntry> {
  const known = entries.filter((entry) => words.has(nameOf(entry)));
  const indent = known[0]?.line.indent;
  const others = entries.filter(
    (entry) =>
      entry.line.indent === indent &&
      !words.has(nameOf(entry)) &&
      entry.pieces.length > 0 &&
      /^[a-z][\w-]*$/.test(entry.line.text.slice(entry.start, entry.end)),
  );
  return new Set(others.length * KNOWN_FOR_ONE <= known.length ? others : []);
}

/** Whether words with a colon stand above the entries, at their indentation: `Action:`. It is a text, in which the values of an operand have theirs. */
function beginsWithText(lines: readonly TextLine[]): boolean {
  const [first, second] = lines;
  return (
    first !== undefined &&
    /^\p{Lu}[\p{L} ]{1,60}:$/u.test(first.text.slice(first.first)) &&
    second?.indent === first.indent
  );
}

/** The lines behind one as long as they stand deeper than it. */
function deeperLines(lines: readonly TextLine[], first: TextLine): TextLine[] {
  const from = lines.indexOf(first) + 1;
  const below: TextLine[] = [];
  for (const line of lines.slice(from)) {
    if (!line.blank && line.indent <= first.indent) break;
    below.push(line);
  }
  return below;
}

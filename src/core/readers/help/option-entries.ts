import type { Declaration } from '../../notation/declaration.ts';
import { type SplitEntry, splitEntry } from './split-entry.ts';
import { indexAtColumn, type TextLine } from './text-line.ts';

/** A piece of text on one line, by its indexes there. */
export interface TextPiece {
  readonly line: TextLine;
  readonly start: number;
  readonly end: number;
}

/** Names on one line. */
export interface DeclaringLine {
  readonly line: TextLine;
  readonly declaration: Declaration;
}

/** An entry of an option list: the lines that declare it, and the pieces of its text. */
export interface OptionEntry {
  readonly declaring: readonly DeclaringLine[];
  readonly pieces: readonly TextPiece[];
  /** The index of the first line after the entry. */
  readonly nextLine: number;
}

/** Finds the entries of option lists by their layout, in the order of the text. */
export function findOptionEntries(lines: readonly TextLine[]): OptionEntry[] {
  const found: OptionEntry[] = [];
  let declaring: DeclaringLine[] = [];
  let textUntil = 0;
  const candidates = findCandidates(lines);
  const bracketedIndents = new Set(
    candidates.filter((one) => isBracketed(one) && one.firmness === 'columns').map(({ line }) => line.indent),
  );
  for (const [i, candidate] of candidates.entries()) {
    if (candidate.line.index < textUntil) continue;
    declaring.push(candidate);
    // `--colour[=WHEN],` alone on a line: its other names and its text follow.
    const goesOn = candidate.firmness === 'alone' && candidate.line.text.endsWith(',');
    if (goesOn && candidates[i + 1]?.line.index === candidate.line.index + 1) continue;
    const { pieces, nextLine } = gatherText(candidate, lines);
    // `[-l|--long]` without a text is a part of a synopsis, unless others like it have one.
    if (pieces.length === 0 && isBracketed(candidate) && !bracketedIndents.has(candidate.line.indent)) {
      declaring = [];
      continue;
    }
    found.push({ declaring, pieces, nextLine });
    declaring = [];
    textUntil = nextLine;
  }
  return found;
}

/**
 * The lines that begin with a hyphen where the entries of an option list do, and are no entry nor any entry's text: the reader could not make
 * out what they declare.
 */
export function findUnreadLines(lines: readonly TextLine[], entries: readonly OptionEntry[]): TextLine[] {
  const taken = new Uint8Array(lines.length);
  const indents = new Map<number, number>();
  for (const { declaring, nextLine } of entries) {
    const first = declaring[0]?.line;
    if (first === undefined) continue;
    taken.fill(1, first.index, nextLine);
    indents.set(first.indent, (indents.get(first.indent) ?? 0) + 1);
  }
  return lines.filter(
    (line) =>
      !line.blank &&
      line.indent > 0 &&
      taken[line.index] !== 1 &&
      /^--?[A-Za-z]/.test(line.text.slice(line.first, line.first + 3)) &&
      (indents.get(line.indent) ?? 0) >= ENTRIES_OF_A_LIST &&
      // What can be read and was refused is running text.
      splitEntry(line, []) === undefined,
  );
}

/** So many entries at one indentation make a list. */
const ENTRIES_OF_A_LIST = 3;

interface Candidate extends SplitEntry {
  readonly line: TextLine;
}

function isBracketed({ line }: Candidate): boolean {
  return '[{'.includes(line.text[line.first] ?? ' ');
}

function mayDeclare(line: TextLine): boolean {
  if (line.blank) return false;
  const character = line.text[line.first];
  const isBracket = (character === '[' || character === '{') && line.text[line.first + 1] === '-';
  return character === '-' || character === '+' || isBracket;
}

function findCandidates(lines: readonly TextLine[]): Candidate[] {
  const starters = lines.filter(mayDeclare);
  const sure = starters.map((line) => splitEntry(line, []));
  const columnsBefore = nearestColumns(sure);
  const columnsAfter = nearestColumns(sure.toReversed()).toReversed();
  const candidates: Candidate[] = [];
  for (const [i, line] of starters.entries()) {
    const near = [columnsBefore[i], columnsAfter[i], nextLineColumn(line, lines)];
    const columns = [...new Set(near)].filter((column) => column !== undefined);
    const first = sure[i];
    const isSettled = first?.firmness === 'columns' && columns.every((column) => column === first.textColumn);
    const split = isSettled ? first : splitEntry(line, columns);
    if (split !== undefined) candidates.push({ ...split, line });
  }
  const indents = firmIndents(candidates);
  const accepted = new Set<number>();
  return candidates.filter((candidate) => {
    if (!isEntry(candidate, lines, indents, accepted)) return false;
    accepted.add(candidate.line.index);
    return true;
  });
}

/** For each line, the text column of the nearest earlier line that has its names and text in columns. */
function nearestColumns(splits: readonly (SplitEntry | undefined)[]): (number | undefined)[] {
  let column: number | undefined;
  return splits.map((split) => {
    const own = column;
    if (split?.firmness === 'columns') column = split.textColumn;
    return own;
  });
}

/** The column at which the next line continues a text: deeper than the line, and no entry itself. */
function nextLineColumn(line: TextLine, lines: readonly TextLine[]): number | undefined {
  const next = lines[line.index + 1];
  if (next === undefined || next.blank || next.indent <= line.indent + 2 || mayDeclare(next))
    return undefined;
  return next.indent;
}

/** How many firm entries stand at each indentation. */
function firmIndents(candidates: readonly Candidate[]): ReadonlyMap<number, number> {
  const counts = new Map<number, number>();
  for (const { firmness, line } of candidates) {
    if (firmness === 'columns' || firmness === 'marked')
      counts.set(line.indent, (counts.get(line.indent) ?? 0) + 1);
  }
  return counts;
}

/** Refuses lines of running text that happen to begin with an option's name. */
function isEntry(
  candidate: Candidate,
  lines: readonly TextLine[],
  indents: ReadonlyMap<number, number>,
  accepted: ReadonlySet<number>,
): boolean {
  if (isAmongWords(candidate, lines) || continuesTextOfWord(candidate, lines)) return false;
  if (candidate.firmness === 'columns' || candidate.firmness === 'marked') return true;
  const before = lines[candidate.line.index - 1];
  const continuesText =
    before !== undefined &&
    !before.blank &&
    before.indent === candidate.line.indent &&
    !accepted.has(before.index) &&
    !isUnreadEntry(before);
  const indented = indents.has(candidate.line.indent);
  if (candidate.firmness === 'alone') return indented || !continuesText || before.text.endsWith(':');
  return indented && !continuesText;
}

/** A line in columns with a name that cannot be read (`--fish-<N>   with N fish`). */
function isUnreadEntry(line: TextLine): boolean {
  return /^--?\S{1,60} {2,}\S/.test(line.text.slice(line.first, line.first + 90));
}

/** Whether a line stands below the text of a word in columns (`raw    same as -echo`), and goes on with it. */
function continuesTextOfWord({ line }: Candidate, lines: readonly TextLine[]): boolean {
  const before = lines[line.index - 1];
  if (before === undefined || before.blank || before.indent >= line.indent || mayDeclare(before))
    return false;
  const at = indexAtColumn(before, line.indent);
  return (
    at !== undefined &&
    /[^ ] {2,}$/.test(before.text.slice(Math.max(0, at - 40), at)) &&
    before.text[at] !== ' '
  );
}

/**
 * Whether an entry without a long name and an argument stands in a list most of whose entries begin with no hyphen (`cbreak` above `-cbreak`): there
 * it is a word like them.
 */
function isAmongWords({ line, declaration }: Candidate, lines: readonly TextLine[]): boolean {
  if (declaration.names.some(({ form, argument }) => form === 'long' || argument !== undefined)) return false;
  let words = 0;
  let options = 1;
  for (const step of [-1, 1]) {
    for (let i = line.index + step; ; i += step) {
      const other = lines[i];
      if (other === undefined || other.blank || Math.abs(i - line.index) > BLOCK_LIMIT) break;
      if (other.indent !== line.indent) continue;
      if (mayDeclare(other)) options++;
      else if (/^\S{1,30}(?: [A-Z]\S*)? {2,}\S/.test(other.text.slice(other.first))) words++;
    }
  }
  return words > options;
}

/** How far around an entry its list is looked at. */
const BLOCK_LIMIT = 60;

/** How many blank lines may stand inside one entry's text. */
const BLANK_LIMIT = 1;

function gatherText(
  candidate: Candidate,
  lines: readonly TextLine[],
): { pieces: TextPiece[]; nextLine: number } {
  const pieces: TextPiece[] = [];
  const { line, textStart, textColumn } = candidate;
  if (textStart !== undefined && textStart < line.text.length) {
    pieces.push({ line, start: textStart, end: line.text.length });
  }
  let column = candidate.firmness === 'columns' ? textColumn : undefined;
  let blanks = 0;
  let nextLine = line.index + 1;
  for (let i = nextLine; i < lines.length; i++) {
    const next = lines[i];
    if (next === undefined) break;
    if (next.blank) {
      blanks++;
      if (blanks > BLANK_LIMIT) break;
      continue;
    }
    if (!belongsToText(next, line, column, blanks > 0)) break;
    column ??= next.indent;
    pieces.push({ line: next, start: next.first, end: next.text.length });
    nextLine = i + 1;
    blanks = 0;
  }
  return { pieces, nextLine };
}

function belongsToText(
  next: TextLine,
  entry: TextLine,
  column: number | undefined,
  afterBlank: boolean,
): boolean {
  if (next.indent <= entry.indent) return false;
  if (mayDeclare(next)) {
    // A list inside the text, or a text that begins with a hyphen, stands at the text's own column or deeper.
    return column !== undefined && next.indent >= column && !isPaddedEntry(next, column);
  }
  if (column === undefined) return next.indent >= entry.indent + 2;
  return next.indent >= (afterBlank ? column : Math.min(column, entry.indent + 3));
}

/** A long name alone in a padded column (`    --long  text`) may stand as deep as a text. */
function isPaddedEntry(line: TextLine, column: number): boolean {
  const split = splitEntry(line, []);
  return (
    split?.firmness === 'columns' &&
    line.indent === column &&
    indexAtColumn(line, column) === line.first &&
    split.declaration.names[0]?.form === 'long'
  );
}

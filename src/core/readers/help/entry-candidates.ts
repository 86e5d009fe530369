import { byBlock, firmColumnsOf, isNamesOnly, nameColumnsOf } from './block-columns.ts';
import type { SplitEntry } from './entry-split.ts';
import { textAtColumn } from './split-at-column.ts';
import { splitEntry } from './split-entry.ts';
import { indexAtColumn, type TextLine } from './text-line.ts';

/** A line that declares options, as its layout and that of its neighbours show. */
export interface Candidate extends SplitEntry {
  readonly line: TextLine;
}

/** Whether a line goes on with a command line that a backslash broke. */
function goesOnWithCommandLine(line: TextLine, lines: readonly TextLine[]): boolean {
  return lines[line.index - 1]?.text.endsWith('\\') === true;
}

/** Whether a line is a part of a choice by bars over several lines: `-c | -d |`, and `-n name }` below it. */
function isAlternation({ text, index, indent }: TextLine, lines: readonly TextLine[]): boolean {
  if (/[^|]\|$/.test(text)) return true;
  const above = lines[index - 1];
  return /\s\}$/.test(text) && !text.includes('{') && above !== undefined && above.indent >= indent - 2;
}

/** Whether a line begins as an entry does: with a hyphen, a plus, or one of them in a bracket. */
export function mayDeclare(line: TextLine): boolean {
  if (line.blank) return false;
  const character = line.text[line.first];
  const isBracket = (character === '[' || character === '{') && line.text[line.first + 1] === '-';
  return character === '-' || character === '+' || isBracket;
}

/**
 * Finds the lines that declare options, in their order; running text that begins with an option's name is none. `shown` are the names that
 * the synopses show.
 */
export function findCandidates(lines: readonly TextLine[], shown: ReadonlySet<string>): Candidate[] {
  const starters = lines.filter(
    (line) => mayDeclare(line) && !goesOnWithCommandLine(line, lines) && !isAlternation(line, lines),
  );
  const sure = starters.map((line) => splitEntry(line));
  const columnsBefore = nearestColumns(sure);
  const columnsAfter = nearestColumns(sure.toReversed()).toReversed();
  const columnBelow = commonColumnBelow(starters, lines);
  const voted = byBlock(starters, lines, (from, to) => firmColumnsOf(sure.slice(from, to)));
  const named = byBlock(starters, lines, (from, to) => nameColumnsOf(starters.slice(from, to)));
  const bare = byBlock(starters, lines, (from, to) => isNamesOnly(starters.slice(from, to)));
  const candidates: Candidate[] = [];
  for (const [i, line] of starters.entries()) {
    const columns = distinct(columnsBefore[i], columnsAfter[i], nextLineColumn(line, lines), columnBelow);
    const first = sure[i];
    const namesFollow = namesFollowBelow(line, lines);
    const isDecided =
      first !== undefined &&
      !namesFollow &&
      !bare[i] &&
      named[i]?.size === 0 &&
      isSettled(first, line, columns);
    const around = {
      columns,
      firmColumns: voted[i] ?? new Set<number>(),
      nameColumns: named[i] ?? new Set<number>(),
      isNamesOnly: bare[i] === true,
      textIsBelow: leavesRoom(line, lines),
      namesFollow,
    };
    const split = isDecided ? first : splitEntry(line, around);
    if (split !== undefined) candidates.push({ ...split, line });
  }
  // `--help: no such file` alone is the message of a program that took it for a word.
  if (candidates.length === 1 && isMessage(lines)) return [];
  const evidence = { indents: firmIndents(candidates, lines), rows: runsOf(candidates), shown };
  const accepted = new Set<number>();
  return candidates.filter((candidate) => {
    if (!isEntry(candidate, lines, evidence, accepted)) return false;
    accepted.add(candidate.line.index);
    return true;
  });
}

/** Whether a line ends in a comma above one that begins with a name. */
function namesFollowBelow(line: TextLine, lines: readonly TextLine[]): boolean {
  const next = lines[line.index + 1];
  return line.text.endsWith(',') && next !== undefined && mayDeclare(next);
}

/** So many texts below names at one column make it the column of all. */
const LEAST_BELOW = 2;

/** The column at which most texts stand that begin below their names; undefined where there are too few. */
function commonColumnBelow(starters: readonly TextLine[], lines: readonly TextLine[]): number | undefined {
  const counts = new Map<number, number>();
  for (const line of starters) {
    const column = nextLineColumn(line, lines);
    if (column !== undefined) counts.set(column, (counts.get(column) ?? 0) + 1);
  }
  const [most] = [...counts].sort((a, b) => b[1] - a[1]);
  return most === undefined || most[1] < LEAST_BELOW ? undefined : most[0];
}

function distinct(...columns: readonly (number | undefined)[]): number[] {
  const found: number[] = [];
  for (const column of columns) if (column !== undefined && !found.includes(column)) found.push(column);
  return found;
}

/** Whether the columns of its neighbours cannot change how a line is split. */
function isSettled(split: SplitEntry, line: TextLine, columns: readonly number[]): boolean {
  if (split.firmness === 'columns') return columns.every((column) => column === split.textColumn);
  return (
    split.firmness === 'alone' &&
    !split.declaration.loose &&
    columns.every((column) => textAtColumn(line, column) === undefined)
  );
}

function isMessage(lines: readonly TextLine[]): boolean {
  const filled = lines.filter(({ blank }) => !blank);
  return filled.length === 1 && /^\s*--\w[\w-]*(?:$|: \S)/.test(filled[0]?.text ?? '');
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
  let next = lines[line.index + 1];
  // `-d NAME` above `--default=NAME`, above the text of both.
  if (next !== undefined && next.indent === line.indent && next.text.startsWith('--', next.first))
    next = lines[next.index + 1];
  if (next === undefined || next.blank || next.indent <= line.indent + 2 || mayDeclare(next))
    return undefined;
  return next.indent;
}

/** A text is not broken before a word that ends here or earlier. */
const LEAST_WIDTH = 60;

/** Whether the first word of the text on the next line would have had room behind this line: then that text begins there. */
function leavesRoom(line: TextLine, lines: readonly TextLine[]): boolean {
  const next = lines[line.index + 1];
  if (next === undefined || nextLineColumn(line, lines) === undefined) return false;
  const word = /^\S*/.exec(next.text.slice(next.first, next.first + LEAST_WIDTH))?.[0] ?? '';
  return line.text.length + 1 + word.length <= LEAST_WIDTH;
}

/**
 * How many firm entries stand at each indentation; others are firm where a list has nothing else: names above a deeper text, and
 * lines one below the other.
 */
function firmIndents(
  candidates: readonly Candidate[],
  lines: readonly TextLine[],
): ReadonlyMap<number, number> {
  const counts = new Map<number, number>();
  const add = ({ line }: Candidate) => counts.set(line.indent, (counts.get(line.indent) ?? 0) + 1);
  for (const candidate of candidates)
    if (candidate.firmness === 'columns' || candidate.firmness === 'marked') add(candidate);
  if (counts.size > 0) return counts;
  const above = candidates.filter(
    ({ firmness, line }) => firmness === 'alone' && nextLineColumn(line, lines) !== undefined,
  );
  if (above.length >= LEAST_OF_A_LIST) above.forEach(add);
  else linesInARow(candidates).forEach(add);
  return counts;
}

/** Candidates with plain texts that stand one below the other at one indentation, as the lines of running text seldom do. */
function linesInARow(all: readonly Candidate[]): Candidate[] {
  // Brackets and bars are those of a synopsis.
  const candidates = all.filter(
    ({ line, textStart = line.text.length }) =>
      !/[[\]{}|]/.test(line.text.slice(textStart)) && line.text[line.first] === '-',
  );
  const isBelow = (below: Candidate | undefined, above: Candidate | undefined) =>
    below !== undefined &&
    above !== undefined &&
    below.line.index === above.line.index + 1 &&
    below.line.indent === above.line.indent;
  return candidates.filter(
    (candidate, i) => isBelow(candidate, candidates[i - 1]) && isBelow(candidates[i + 1], candidate),
  );
}

/** The candidates that stand in such a run, at its ends too. */
function runsOf(candidates: readonly Candidate[]): ReadonlySet<TextLine> {
  const inner = new Set(linesInARow(candidates).map(({ line }) => line.index));
  return new Set(
    candidates.flatMap(({ line }) =>
      [line.index - 1, line.index, line.index + 1].some((index) => inner.has(index)) ? [line] : [],
    ),
  );
}

/** So many names above texts are a list. */
const LEAST_OF_A_LIST = 3;

/** An option has no more letters, nor long names, than this. */
const MOST_SPELLINGS = 4;

/** What tells entries from running text. */
interface Evidence {
  /** How many firm entries stand at each indentation. */
  readonly indents: ReadonlyMap<number, number>;
  /** The lines that stand in a run of lines that all begin with names. */
  readonly rows: ReadonlySet<TextLine>;
  /** The names that the synopses show. */
  readonly shown: ReadonlySet<string>;
}

/** Refuses lines of running text that happen to begin with an option's name. */
function isEntry(
  candidate: Candidate,
  lines: readonly TextLine[],
  { indents, rows, shown }: Evidence,
  accepted: ReadonlySet<number>,
): boolean {
  if (isAmongWords(candidate, lines) || continuesTextOfWord(candidate, lines)) return false;
  if (candidate.firmness !== 'columns' && isExample(candidate, lines)) return false;
  if (candidate.firmness === 'columns' || candidate.firmness === 'marked') return true;
  const before = lines[candidate.line.index - 1];
  const continuesText =
    before !== undefined &&
    !before.blank &&
    before.indent === candidate.line.indent &&
    !accepted.has(before.index) &&
    !isUnreadEntry(before);
  // So many names with no text are an enumeration in running text.
  const { names } = candidate.declaration;
  const longs = names.filter(({ text }) => text.startsWith('--')).length;
  const isEnumeration = longs > MOST_SPELLINGS || names.length - longs > MOST_SPELLINGS;
  if (candidate.firmness === 'alone' && isEnumeration) return false;
  const indented = indents.has(candidate.line.indent);
  if (candidate.firmness === 'alone') return indented || !continuesText || before.text.endsWith(':');
  if (rows.has(candidate.line)) return true;
  const isShown = names.every(({ text }) => shown.has(text)) && !speaksOf(candidate);
  return (indented || isShown) && !continuesText;
}

/** Whether a line speaks of the option that it begins with: `-q is ignored`. */
function speaksOf({ line, textStart = line.text.length }: Candidate): boolean {
  return /^(?:is|are|was|has|have|and|or|can|could|may|might|must|should|will|would|does|do|if|when)\b/.test(
    line.text.slice(textStart),
  );
}

/** Whether a line by itself is what a sentence above it leads to: `like`, `for example:`. */
function isExample({ line }: Candidate, lines: readonly TextLine[]): boolean {
  // A blank line may stand between them.
  const above = lines[line.index - 1];
  const before = above?.blank ? lines[line.index - 2] : above;
  const after = lines[line.index + 1];
  if (before === undefined || before.blank || before.indent > line.indent || mayDeclare(before)) return false;
  if (after !== undefined && !after.blank && mayDeclare(after)) return false;
  // `Use tiffin with -b, --box, -c,` goes on with more options.
  return /[a-z,] (?:like|as|use|with|try|equivalent to|e\.g\.|for (?:example|instance))[:,]?$|\s-[\w-]+,$/.test(
    before.text.trimEnd().slice(-60),
  );
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

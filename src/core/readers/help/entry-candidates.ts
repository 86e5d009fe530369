import { flatMapped } from '../../collections/flat-mapped.ts';
import { byBlock, firmColumnsOf, isByColon, isByHash, isNamesOnly, nameColumnsOf } from './block-columns.ts';
import { type Candidate, makeCandidate, mayDeclare } from './candidate.ts';
import type { SplitEntry } from './entry-split.ts';
import { type Evidence, isEntry } from './running-text.ts';
import { textAtColumn } from './split-at-column.ts';
import { NO_SURROUNDINGS, splitEntry } from './split-entry.ts';
import type { TextLine } from './text-line.ts';

/** Whether a line goes on with a command line that a backslash broke. */
function goesOnWithCommandLine(line: TextLine, lines: readonly TextLine[]): boolean {
  return lines[line.index - 1]?.text.endsWith('\\') === true;
}

/** Whether a line is a part of a choice by bars over several lines: `-c | -d |`, and `-n name }` below it. */
function isAlternation({ text, index, indent }: TextLine, lines: readonly TextLine[]): boolean {
  if (/[^|]\|$/.test(text) && !/\S(?: {2,}|\t\s*)[A-Za-z(]\w* \w/.test(text)) return true;
  const above = lines[index - 1];
  return /\s\}$/.test(text) && !text.includes('{') && above !== undefined && above.indent >= indent - 2;
}

/**
 * Finds the lines that declare options, in their order; running text that begins with an option's name is none. `shown` are the names that
 * the synopses show.
 */
export function findCandidates(lines: readonly TextLine[], shown: ReadonlySet<string>): Candidate[] {
  const starters = lines.filter(
    (line) => mayDeclare(line) && !goesOnWithCommandLine(line, lines) && !isAlternation(line, lines),
  );
  const byHash = isByHash(starters);
  const sure = starters.map((line) => splitEntry(line, { ...NO_SURROUNDINGS, isByHash: byHash }));
  const columnsBefore = nearestColumns(sure);
  const columnsAfter = nearestColumns(sure.toReversed()).toReversed();
  const columnBelow = commonColumnBelow(starters, lines);
  const voted = byBlock(starters, lines, (from, to) => firmColumnsOf(sure.slice(from, to)));
  const named = byBlock(starters, lines, (from, to) => nameColumnsOf(starters.slice(from, to)));
  const bare = byBlock(starters, lines, (from, to) => isNamesOnly(starters.slice(from, to)));
  const allByColon = isByColon(sure, starters);
  const byColon = byBlock(starters, lines, (from, to) =>
    isByColon(sure.slice(from, to), starters.slice(from, to)),
  );
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
      isByColon: allByColon || byColon[i] === true,
      isByHash: byHash,
      isNamesOnly: bare[i] === true,
      textIsBelow: nextLineColumn(line, lines) !== undefined,
      namesFollow,
    };
    const split = isDecided ? first : splitEntry(line, around);
    if (split !== undefined) candidates.push(makeCandidate(split, line));
  }
  // `--help: no such file` alone is the message of a program that took it for a word.
  if (candidates.length === 1 && isMessage(lines)) return [];
  const evidence: Evidence = { indents: firmIndents(candidates, lines), rows: runsOf(candidates), shown };
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
const MIN_BELOW = 2;

/** The column at which most texts stand that begin below their names; undefined where there are too few. */
function commonColumnBelow(starters: readonly TextLine[], lines: readonly TextLine[]): number | undefined {
  const counts = new Map<number, number>();
  for (const line of starters) {
    const column = nextLineColumn(line, lines);
    if (column !== undefined) counts.set(column, (counts.get(column) ?? 0) + 1);
  }
  const [most] = [...counts].sort((a, b) => b[1] - a[1]);
  return most === undefined || most[1] < MIN_BELOW ? undefined : most[0];
}

function distinct(...columns: readonly (number | undefined)[]): number[] {
  const found: number[] = [];
  for (const column of columns) if (column !== undefined && !found.includes(column)) found.push(column);
  return found;
}

/** Whether the columns of its neighbours cannot change how a line is split. */
function isSettled(split: SplitEntry, line: TextLine, columns: readonly number[]): boolean {
  if (split.certainty === 'columns') return columns.every((column) => column === split.textColumn);
  return (
    split.certainty === 'alone' &&
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
    if (split?.certainty === 'columns') column = split.textColumn;
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
    if (candidate.certainty === 'columns' || candidate.certainty === 'marked') add(candidate);
  if (counts.size > 0) return counts;
  const above = candidates.filter(
    ({ certainty, line }) => certainty === 'alone' && nextLineColumn(line, lines) !== undefined,
  );
  const paragraphs = candidates.filter(
    ({ certainty, line }) => certainty === 'soft' && lines[line.index - 1]?.blank === true,
  );
  if (above.length > 0) above.forEach(add);
  else if (paragraphs.length >= MIN_OF_A_LIST) paragraphs.forEach(add);
  else linesInARow(candidates).forEach(add);
  return counts;
}

/** `the share of them [0.5]` */
const MARK_AT_END = /(?<=[\w).,:] ?)\[[^[\]{}|-]{0,40}\]\.?$/;

/** Candidates with plain texts that stand one below the other at one indentation, as the lines of running text seldom do. */
function linesInARow(all: readonly Candidate[]): Candidate[] {
  // Brackets and bars are those of a synopsis; one at the end may hold a default.
  const candidates = all.filter(
    ({ line, textStart = line.text.length }) =>
      !/[[\]{}|]/.test(line.text.slice(textStart).replace(MARK_AT_END, '')) && line.text[line.first] === '-',
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
    flatMapped(candidates, ({ line }) =>
      [line.index - 1, line.index, line.index + 1].some((index) => inner.has(index)) ? [line] : [],
    ),
  );
}

/** So many names at the beginnings of paragraphs are a list. */
const MIN_OF_A_LIST = 3;

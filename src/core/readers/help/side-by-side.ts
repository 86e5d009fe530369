import { scanDeclaration } from '../../notation/declaration.ts';
import { matches } from '../../source/matches.ts';
import { mayDeclare } from './candidate.ts';
import type { TextLine } from './text-line.ts';

/** So many lines must have an entry at one column to the right. */
const MIN_LINES = 3;

/** Longer lines are no columns. */
const LINE_LIMIT = 300;

/** So many columns are looked at in one block, whatever a stranger puts into its lines. */
const COLUMNS_LIMIT = 8;

/**
 * Lines in which entries stand side by side (`-p  to a pipe      -l  a list`) as lines with one entry each, column by column; all other
 * lines as they are. The pieces know where they stand in the text.
 */
export function unfoldColumns(lines: readonly TextLine[]): readonly TextLine[] {
  const unfolded: TextLine[] = [];
  /** Lines up to here are in `unfolded`. */
  let done = 0;
  for (let i = 0; i < lines.length; i++) {
    const end = blockEnd(lines, i);
    const block = end - i < MIN_LINES ? [] : lines.slice(i, end);
    const columns = rightColumns(block);
    if (columns.length > 0) {
      for (let before = done; before < i; before++) unfolded.push(lines[before] as TextLine);
      for (const one of columnByColumn(block, columns)) unfolded.push(one);
      done = end;
    }
    i = Math.max(i, end - 1);
  }
  if (done === 0) return lines;
  return [...unfolded, ...lines.slice(done)].map((line, index) => ({ ...line, index }));
}

/** The index after the lines from an index on that all begin as entries do. */
function blockEnd(lines: readonly TextLine[], from: number): number {
  let end = from;
  for (; end < lines.length && end < from + BLOCK_LIMIT; end++) {
    const line = lines[end];
    if (line === undefined || !mayDeclare(line)) break;
  }
  return end;
}

const BLOCK_LIMIT = 200;

/** The indexes at which entries stand to the right, in lines one below the other; the lines must have texts on both sides, or long names alone. */
function rightColumns(block: readonly TextLine[]): number[] {
  const counts = new Map<number, number>();
  for (const at of block.flatMap(entriesToTheRight)) counts.set(at, (counts.get(at) ?? 0) + 1);
  return [...counts]
    .filter(([, count]) => count > 1)
    .slice(0, COLUMNS_LIMIT)
    .flatMap(([at]) => (longestRun(block, at) >= MIN_LINES ? [at] : []))
    .sort((a, b) => a - b);
}

/** How many lines one below the other have an entry at an index. */
function longestRun(block: readonly TextLine[], at: number): number {
  let longest = 0;
  let run = 0;
  for (const line of block) {
    run = line.text[at] === '-' && beginsAt(line, at) ? run + 1 : 0;
    longest = Math.max(longest, run);
  }
  return longest;
}

function entriesToTheRight(line: TextLine): number[] {
  if (line.text.length > LINE_LIMIT || !line.text.includes('  -', line.first)) return [];
  const gaps = matches(line.text, / {2,}(?=--?[\w?])/g).filter(({ index }) => index > line.first);
  const found: number[] = [];
  let from = line.first;
  for (const { index, 0: gap } of gaps) {
    const at = index + gap.length;
    const left = piece(line, from, index);
    const right = piece(line, at, line.text.length);
    const areEntries = (hasText(left) && hasText(right)) || (isLongNameAlone(left) && isLongNameAlone(right));
    if (!areEntries) continue;
    found.push(at);
    from = at;
  }
  return found;
}

/** `--help             --srcdir=DIR`: long names with nothing behind them, each in its column, are options of their own. */
function isLongNameAlone({ text, first }: TextLine): boolean {
  return /^--[A-Za-z][\w-]*(?:=\S+|\[=\S+\])?$/.test(text.slice(first));
}

/** Whether a piece of a line is an entry with its text: names, behind a gutter or a blank a text. */
function hasText({ text, first }: TextLine): boolean {
  const gutter = /\S(?= {2,}\S)/.exec(text.slice(first));
  const end = gutter === null ? text.length : first + gutter.index + 1;
  const declaration = scanDeclaration(text, first, end);
  if (declaration === undefined) return false;
  // What stands in brackets behind a gutter is an argument.
  if (gutter !== null) return declaration.end === end && !/^\s*[<[{]/.test(text.slice(end));
  const words = declaration.loose ? (declaration.names.at(-1)?.argument?.words.length ?? 0) : 0;
  return words > 1 || /\w/.test(text.slice(declaration.end));
}

function columnByColumn(block: readonly TextLine[], columns: readonly number[]): TextLine[] {
  const bounds = [0, ...columns, Number.POSITIVE_INFINITY];
  return bounds.slice(0, -1).flatMap((_, k) => block.flatMap((line) => pieceInColumn(line, bounds, k)));
}

/** The piece of a line that begins at a column; none where it has none there, or where text reaches across. */
function pieceInColumn(line: TextLine, bounds: readonly number[], k: number): TextLine[] {
  const start = bounds[k] ?? 0;
  if (k > 0 && !beginsAt(line, start)) return [];
  const end = bounds.slice(k + 1).find((at) => beginsAt(line, at)) ?? line.text.length;
  return [piece(line, k === 0 ? 0 : start - indentBefore(line, start), end)];
}

/** Whether something begins at a column; an entry needs only one blank before it. */
function beginsAt(line: TextLine, at: number): boolean {
  const { text } = line;
  if (at >= text.length || text[at] === ' ' || text[at - 1] !== ' ') return false;
  return text[at - 2] === ' ' || (text[at] === '-' && hasText(piece(line, at, text.length)));
}

/** So many of the blanks before a piece are taken along that it is indented as the first one. */
function indentBefore({ text, first }: TextLine, at: number): number {
  const gap = at - text.slice(0, at).trimEnd().length;
  return Math.min(first, gap);
}

function piece(line: TextLine, from: number, to: number): TextLine {
  const text = line.text.slice(from, to).trimEnd();
  const first = text.length - text.trimStart().length;
  return {
    index: line.index,
    start: line.start + from,
    text,
    first,
    indent: first,
    isStretched: false,
    blank: text === '',
  };
}

import { isBlank } from '../../notation/characters.ts';
import type { TextPiece } from './text-line.ts';
import { columnAt, type TextLine } from './text-line.ts';

/** An entry of a list of commands, operands or values: words on the left, text on the right or below. */
export interface WordEntry {
  readonly line: TextLine;
  /** The left part, by its indexes in the line. */
  readonly start: number;
  readonly end: number;
  readonly pieces: readonly TextPiece[];
}

/** Reads the two-column entries among the lines of a section; other lines are passed over. */
export function findWordEntries(lines: readonly TextLine[]): WordEntry[] {
  const starters = lines.filter((line) => !line.blank && splitAtGutter(line) !== undefined);
  const filled = lines.filter((line) => !line.blank);
  const indent = (starters[0] ?? filled[0])?.indent;
  if (indent === undefined) return [];
  const entries: {
    line: TextLine;
    start: number;
    end: number;
    pieces: TextPiece[];
  }[] = [];
  let current: { line: TextLine; start: number; end: number; pieces: TextPiece[] } | undefined;
  let previous: TextLine | undefined;
  const columns = textColumns(starters);
  for (const line of lines) {
    if (line.blank) continue;
    // Below a line of running text, a word that ends where texts begin does so by chance.
    const isBelowEntry = current !== undefined || previous === undefined || line.index > previous.index + 1;
    const inColumns = splitAtGutter(line) ?? (isBelowEntry ? splitAtColumn(line, columns) : undefined);
    if (line.indent === indent && (inColumns !== undefined || isNameAlone(line))) {
      const split = inColumns ?? { end: line.text.length, textStart: undefined };
      current = { line, start: line.first, end: split.end, pieces: [] };
      if (split.textStart !== undefined) {
        current.pieces.push({
          line,
          start: split.textStart,
          end: line.text.length,
        });
      }
      entries.push(current);
    } else if (line.indent > indent && current !== undefined && line.index <= (previous?.index ?? 0) + 2) {
      current.pieces.push({ line, start: line.first, end: line.text.length });
    } else {
      current = undefined;
    }
    previous = line;
  }
  return entries;
}

/** A name alone, with placeholders at most; its text stands below, or nowhere. */
function isNameAlone(line: TextLine): boolean {
  return /^[^\s,.;:!?]+(?:\.{3}|…)?(?:,? [a-z][\w-]*)?(?:,? (?:[<[{(]\S*|\.{3}[\]>)]*|[A-Z][A-Z0-9_.-]*)){0,6}$/.test(
    line.text.trim().slice(0, 200),
  );
}

/** The columns at which texts begin behind a gutter. */
function textColumns(starters: readonly TextLine[]): ReadonlySet<number> {
  return new Set(
    starters.flatMap((line) => {
      const split = splitAtGutter(line);
      return split === undefined ? [] : [columnAt(line, split.textStart)];
    }),
  );
}

/** A name that fills its column has one blank before its text. */
function splitAtColumn(
  line: TextLine,
  columns: ReadonlySet<number>,
): { end: number; textStart: number } | undefined {
  const name = /^\S+(?= \S)/.exec(line.text.slice(line.first, line.first + 120));
  if (name === null) return undefined;
  const end = line.first + name[0].length;
  return columns.has(columnAt(line, end + 1)) ? { end, textStart: end + 1 } : undefined;
}

function splitAtGutter(line: TextLine): { end: number; textStart: number } | undefined {
  const { text, first } = line;
  for (let i = first; i < text.length && i < first + 120; i++) {
    const isTab = text[i] === '\t';
    const isDash = text[i] === ' ' && text[i + 1] === '-' && text[i + 2] === ' ';
    if (!isTab && !isDash && !(text[i] === ' ' && isBlank(text[i + 1]))) continue;
    let textStart = isDash ? i + 3 : i;
    while (isBlank(text[textStart])) textStart++;
    return { end: i, textStart };
  }
  return undefined;
}

import { isBlank } from '../../notation/characters.ts';
import type { TextPiece } from './option-entries.ts';
import type { TextLine } from './text-line.ts';

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
  for (const line of lines) {
    if (line.blank) continue;
    if (line.indent === indent && isEntryLine(line)) {
      const split = splitAtGutter(line) ?? {
        end: line.text.length,
        textStart: undefined,
      };
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

function isEntryLine(line: TextLine): boolean {
  if (splitAtGutter(line) !== undefined) return true;
  // A name alone, with placeholders at most; its text stands below, or nowhere.
  return /^[^\s,.;:!?]+(?:,? (?:[<[{(]\S*|[A-Z][A-Z0-9_.-]*|[a-z][\w-]*))?$/.test(
    line.text.trim().slice(0, 200),
  );
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

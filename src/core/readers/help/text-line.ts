import { textWidth } from '../../source/text-width.ts';
import { stretchedLines } from './stretched-lines.ts';

/** One line of a cleaned text. */
export interface TextLine {
  /** The line's number, from 0. */
  readonly index: number;
  /** Its offset in the cleaned text. */
  readonly start: number;
  /** The line without trailing blanks. */
  readonly text: string;
  /** The index in `text` of its first character that is not blank. */
  readonly first: number;
  /** The display column of that character, from 0. */
  readonly indent: number;
  readonly blank: boolean;
  /** Whether it is running text that was stretched to the margin of a page. */
  readonly isStretched: boolean;
}

export function splitLines(text: string): TextLine[] {
  const lines: (Omit<TextLine, 'isStretched'> & { isStretched: boolean })[] = [];
  let start = 0;
  while (start <= text.length) {
    let end = text.indexOf('\n', start);
    if (end < 0) end = text.length;
    const line = text.slice(start, end).trimEnd();
    const first = line.length - line.trimStart().length;
    lines.push({
      index: lines.length,
      start,
      text: line,
      first,
      indent: textWidth(line.slice(0, first)),
      blank: line === '',
      isStretched: false,
    });
    start = end + 1;
  }
  for (const line of stretchedLines(lines)) line.isStretched = true;
  return lines;
}

/** A line of which nothing is left to read, in the place of one that something was read of. */
export function blankLine(line: TextLine): TextLine {
  return { ...line, text: '', first: 0, indent: 0, blank: true };
}

/** The display column, from 0, of an index in a line. */
export function columnAt(line: TextLine, index: number): number {
  return textWidth(line.text.slice(0, index));
}

/** The index in a line at a display column, from 0; undefined where no character begins there. */
export function indexAtColumn(line: TextLine, column: number): number | undefined {
  if (isSimple(line.text)) return column < line.text.length ? column : undefined;
  let low = 0;
  let high = line.text.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (columnAt(line, middle) < column) low = middle + 1;
    else high = middle;
  }
  return low < line.text.length && columnAt(line, low) === column ? low : undefined;
}

function isSimple(text: string): boolean {
  for (let i = 0; i < text.length; i++) {
    const unit = text.charCodeAt(i);
    if (unit < 0x20 || unit > 0x7e) return false;
  }
  return true;
}

/** A piece of text on one line, by its indexes there. */
export interface TextPiece {
  readonly line: TextLine;
  readonly start: number;
  readonly end: number;
}

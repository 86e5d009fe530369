import { firstIndex } from '../collections/first-index.ts';
import { DisplayColumns } from './display-columns.ts';
import { inFile, type Source, type Span } from './source.ts';

/** A point in a text: line and column from 1, the column and the offset in UTF-16 units. */
export interface Position {
  /** Counted from 1. */
  readonly line: number;
  /** Counted from 1, in UTF-16 units. */
  readonly column: number;
  /** Counted from 0, in UTF-16 units, from the beginning of the text. */
  readonly offset: number;
}

/** The lines of one text: offsets to positions and back. A line ends with `\n`, `\r\n` or `\r`. */
export class LineIndex {
  readonly #text: string;
  readonly #starts: number[] = [0];

  constructor(text: string) {
    this.#text = text;
    for (let i = 0; i < text.length; i++) {
      const unit = text.charCodeAt(i);
      if (unit === 10 || (unit === 13 && text.charCodeAt(i + 1) !== 10)) this.#starts.push(i + 1);
    }
  }

  /** The position of an offset; offsets outside the text count as its nearest end. */
  position(offset: number): Position {
    const at = Math.max(0, Math.min(offset, this.#text.length));
    const line = firstIndex(this.#starts, (start) => start <= at);
    return {
      line,
      column: at - (this.#starts[line - 1] ?? 0) + 1,
      offset: at,
    };
  }

  /** Start and end offset of a line (from 1), without its line break; undefined past the last line. */
  lineRange(line: number):
    | {
        /** The offset of its first unit. */
        start: number;
        /** The offset behind its last unit. */
        end: number;
      }
    | undefined {
    const start = this.#starts[line - 1];
    if (start === undefined) return undefined;
    let end = this.#starts[line] ?? this.#text.length;
    while (end > start && isLineBreak(this.#text.charCodeAt(end - 1))) end--;
    return { start, end };
  }
}

function isLineBreak(unit: number): boolean {
  return unit === 10 || unit === 13;
}

/** Line indexes by source, each built once: one of these belongs to one report. Of an embedded text, the lines are those of its file. */
export class LineIndexes {
  readonly #bySource = new Map<Source, LineIndex>();
  readonly #columns = new Map<Source, DisplayColumns>();

  /** The index of a source's lines. */
  of(source: Source): LineIndex {
    let index = this.#bySource.get(source);
    if (index === undefined) {
      index = new LineIndex(source.text);
      this.#bySource.set(source, index);
    }
    return index;
  }

  /** Where a span starts. */
  start(span: Span): Position {
    const { source, start } = inFile(span);
    return this.of(source).position(start);
  }

  /** Where a span ends, behind its last character. */
  end(span: Span): Position {
    const { source, end } = inFile(span);
    return this.of(source).position(end);
  }

  /** The display column, from 1, where a span starts, as its line is printed. */
  displayColumn(span: Span): number {
    const { source } = inFile(span);
    const columns = this.#columns.get(source) ?? new DisplayColumns(source.text);
    this.#columns.set(source, columns);
    const { offset, column } = this.start(span);
    return columns.column(offset - column + 1, offset) + 1;
  }
}

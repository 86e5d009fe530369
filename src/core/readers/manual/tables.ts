import type { PageReading } from './page-reading.ts';
import { partOf, type RoffText } from './roff-text.ts';
import { madeText, plainText, type StyledText } from './styled-text.ts';

/** Blanks between the cells of a row. */
const GAP = 3;
/** The widest that a column is filled up to. */
const WIDEST = 40;

type Cell = readonly StyledText[];

/** A table of a page, from `.TS` to `.TE`: options, formats, then rows of cells. */
export class Table {
  readonly #reading: PageReading;
  readonly #rows: Cell[][] = [];
  #part: 'options' | 'formats' | 'rows' = 'options';
  #separator = '\t';
  /** The row of which a cell of several lines is open. */
  #open: { readonly row: Cell[]; cell: StyledText[] } | undefined;

  constructor(reading: PageReading) {
    this.#reading = reading;
  }

  /** Takes a line of the table. */
  text(line: RoffText): void {
    const said = line.text.trim();
    if (this.#part === 'options') {
      const separator = /\btab\s*\((.)\)/.exec(said)?.[1];
      if (separator !== undefined) this.#separator = separator;
      this.#part = 'formats';
      if (said.endsWith(';')) return;
    }
    if (this.#part === 'formats') {
      if (said.endsWith('.')) this.#part = 'rows';
      return;
    }
    if (this.#open !== undefined) this.#goOn(line);
    else if (/^[_=]$/.test(said)) this.#endHeading();
    else if (said !== '') this.#cells([], line);
  }

  /** A macro among the lines: `.T&` begins other formats. */
  macro(name: string): void {
    if (name === 'T&') this.#part = 'formats';
  }

  /** Adds the rows to the page. */
  end(at: number): void {
    const { page } = this.#reading;
    if (this.#open !== undefined) this.#rows.push(this.#open.row.concat([this.#open.cell]));
    const widths: number[] = [];
    for (const row of this.#rows)
      for (const [i, cell] of row.entries())
        widths[i] = Math.max(widths[i] ?? 0, Math.min(WIDEST, plainText(cell).trim().length));
    const isFilled = page.isFilled;
    page.blank();
    page.isFilled = false;
    for (const row of this.#rows)
      page.add(
        row.flatMap((cell, i) => {
          const width = plainText(cell).length;
          const blanks = i === row.length - 1 ? 0 : Math.max(0, (widths[i] ?? 0) - width) + GAP;
          return [...cell, madeText(' '.repeat(blanks), cell.at(-1)?.at ?? at)];
        }),
      );
    page.isFilled = isFilled;
    page.blank();
  }

  /** A rule below the first row: that one was the heading of the columns, and no row of the list that follows. */
  #endHeading(): void {
    if (this.#rows.length === 1) this.#rows.length = 0;
  }

  #cells(before: readonly Cell[], line: RoffText): void {
    const row = [...before];
    let from = 0;
    for (;;) {
      const end = line.text.indexOf(this.#separator, from);
      const cell = partOf(line, from, end < 0 ? undefined : end);
      if (end < 0 && cell.text.trim() === 'T{') {
        this.#open = { row, cell: [] };
        return;
      }
      row.push(this.#reading.escapes.read(cell).pieces);
      if (end < 0) break;
      from = end + 1;
    }
    this.#rows.push(row);
  }

  /** Adds a line to a cell of several, up to the one that begins with `T}`. */
  #goOn(line: RoffText): void {
    const open = this.#open;
    if (open === undefined) return;
    if (!line.text.startsWith('T}')) {
      if (open.cell.length > 0) open.cell.push(madeText(' ', line.at));
      for (const piece of this.#reading.escapes.read(line).pieces) open.cell.push(piece);
      return;
    }
    this.#open = undefined;
    const row = [...open.row, open.cell];
    if (line.text.startsWith(this.#separator, 2)) this.#cells(row, partOf(line, 3));
    else this.#rows.push(row);
  }
}

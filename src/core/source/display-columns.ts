import { firstIndex } from '../collections/first-index.ts';
import { printable } from './printable.ts';
import { textWidth } from './text-width.ts';

/** After so many characters of a line its column is noted, from where the next ones are counted. */
const STEP = 1000;

interface Mark {
  readonly offset: number;
  readonly column: number;
}

/** The display columns of the offsets of one text, as the text is printed. Long lines are walked once, not for each of their places. */
export class DisplayColumns {
  readonly #text: string;
  /** By the start of a line, marks in the order of their offsets. */
  readonly #marks = new Map<number, Mark[]>();

  constructor(text: string) {
    this.#text = text;
  }

  /** The display column, from 0, of an offset in the line that starts at `lineStart`; tabs every 8. */
  column(lineStart: number, offset: number): number {
    if (offset - lineStart <= STEP) return this.#width({ offset: lineStart, column: 0 }, offset);
    const marks = this.#marks.get(lineStart) ?? [{ offset: lineStart, column: 0 }];
    this.#marks.set(lineStart, marks);
    for (let last = marks.at(-1); last !== undefined && last.offset + STEP <= offset; last = marks.at(-1)) {
      const next = this.#plainFrom(last.offset + STEP, offset);
      if (next === undefined) break;
      marks.push({ offset: next, column: this.#width(last, next) });
    }
    const nearest = marks[firstIndex(marks, (mark) => mark.offset <= offset) - 1];
    return this.#width(nearest ?? { offset: lineStart, column: 0 }, offset);
  }

  /** The first offset from one to another where a character begins whatever stands before it: one of ASCII, or one of the scripts of East Asia. */
  #plainFrom(from: number, to: number): number | undefined {
    for (let i = from; i <= to; i++) {
      const unit = this.#text.charCodeAt(i);
      if ((unit >= 0x20 && unit <= 0x7e) || (unit >= 0x3041 && unit <= 0xd7a3)) return i;
    }
    return undefined;
  }

  #width({ offset, column }: Mark, to: number): number {
    return column + textWidth(printable(this.#text.slice(offset, to)), column);
  }
}

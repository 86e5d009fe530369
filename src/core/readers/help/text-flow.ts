import { firstIndex } from '../../collections/first-index.ts';
import type { PlacedText } from '../../notation/placed-text.ts';
import type { Span } from '../../source/source.ts';
import type { CleanedText } from './cleaned-text.ts';
import { columnAt, type TextPiece } from './text-line.ts';

/** Text of several lines joined into one, which still knows where each part of it stands in the source. */
export class TextFlow implements PlacedText {
  readonly text: string;
  readonly #cleaned: CleanedText;
  readonly #pieces: readonly TextPiece[];
  /** For each piece, its offset in the joined text and in the cleaned text. */
  readonly #parts: {
    readonly at: number;
    readonly offset: number;
    readonly length: number;
  }[] = [];

  constructor(cleaned: CleanedText, pieces: readonly TextPiece[]) {
    this.#cleaned = cleaned;
    this.#pieces = pieces;
    const texts: string[] = [];
    let at = 0;
    let previousLine: number | undefined;
    let joinsWithBlank = true;
    for (const { line, start, end } of pieces) {
      const text = line.text.slice(start, end);
      if (previousLine !== undefined) {
        // A blank line parts paragraphs; a word cut at a hyphen goes on without a blank.
        const gap = line.index > previousLine + 1 ? '\n\n' : joinsWithBlank ? ' ' : '';
        texts.push(gap);
        at += gap.length;
      }
      this.#parts.push({ at, offset: line.start + start, length: text.length });
      texts.push(text);
      at += text.length;
      previousLine = line.index;
      joinsWithBlank = !/[a-z]-$/.test(text);
    }
    this.text = texts.join('');
  }

  /** Where each line begins in the joined text. */
  get starts(): readonly number[] {
    return this.#parts.map(({ at }) => at);
  }

  /** The column at which a line's part of the text begins; 0 where there is no such line. */
  indentAt(line: number): number {
    const piece = this.#pieces[line];
    return piece === undefined ? 0 : columnAt(piece.line, piece.start);
  }

  /** The span in the source of a range of the joined text. */
  span(start: number, end: number): Span {
    const from = this.#offset(start);
    return this.#cleaned.span(from, Math.max(from, this.#offset(Math.max(start, end - 1)) + 1));
  }

  /** The span of the whole text. */
  get place(): Span {
    return this.span(0, this.text.length);
  }

  #offset(at: number): number {
    const part = this.#parts[Math.max(0, firstIndex(this.#parts, (one) => one.at <= at) - 1)];
    return part === undefined ? 0 : part.offset + Math.min(Math.max(0, at - part.at), part.length);
  }
}

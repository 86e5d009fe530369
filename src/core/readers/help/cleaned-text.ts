import type { Source, Span } from '../../source/source.ts';
import { withoutBoxes } from './boxes.ts';
import { withoutCellBars } from './cell-bars.ts';
import { withoutLeaders, withoutLineMarks, withoutNameBrackets, withoutOptionBullets } from './line-marks.ts';
import { withoutNameQuotes } from './quoted-names.ts';

const ESCAPE = 0x1b;
const BACKSPACE = 0x08;
const BELL = 0x07;
const TAB = 0x09;
const LINE_FEED = 0x0a;
const RETURN = 0x0d;

/**
 * A help text without terminal escapes, overstrikes, frames, leaders and other control characters, its line breaks all `\n`; it knows
 * where each of its characters stood in the text as it was read.
 */
export class CleanedText {
  readonly source: Source;
  readonly text: string;
  /** The offset in the source of each character, and of the end; undefined where the text was clean already. */
  readonly #offsets: Uint32Array | undefined;

  constructor(source: Source) {
    this.source = source;
    const cleaned = isClean(source.text) ? undefined : clean(source.text);
    const text = cleaned?.text ?? source.text;
    const thinned = withoutNameQuotes(text);
    this.text = withoutNameBrackets(
      withoutLeaders(
        withoutBoxes(withoutCellBars(withoutOptionBullets(withoutLineMarks(thinned?.text ?? text)))),
      ),
    );
    const before = cleaned?.offsets;
    this.#offsets =
      before && thinned ? thinned.offsets.map((offset) => before[offset] ?? 0) : (before ?? thinned?.offsets);
  }

  /** The span in the source of a range of this text. */
  span(start: number, end: number): Span {
    if (this.#offsets === undefined) return { source: this.source, start, end };
    const from = this.#offsets[start] ?? this.source.text.length;
    const last = end > start ? (this.#offsets[end - 1] ?? this.source.text.length - 1) + 1 : from;
    return { source: this.source, start: from, end: last };
  }
}

function isClean(text: string): boolean {
  for (let i = 0; i < text.length; i++) {
    const unit = text.charCodeAt(i);
    if (
      (unit < 0x20 && unit !== LINE_FEED && unit !== TAB) ||
      unit === 0xa0 ||
      (unit >= 0x7f && unit < 0xa0)
    ) {
      return false;
    }
  }
  return true;
}

function clean(text: string): { text: string; offsets: Uint32Array } {
  // Blanks for what a terminal passes over may be as many as the text is long.
  const units = new Uint16Array(text.length * 2);
  const offsets = new Uint32Array(text.length * 2 + 1);
  let length = 0;
  let lineStart = 0;
  let room = text.length;
  let i = 0;
  const put = (unit: number, offset: number) => {
    units[length] = unit;
    offsets[length] = offset;
    length++;
    if (unit === LINE_FEED) lineStart = length;
  };
  while (i < text.length) {
    const unit = text.charCodeAt(i);
    if (unit === ESCAPE || unit === 0x9b) {
      const end = escapeEnd(text, i);
      const blanks = Math.min(room, passedOver(text.slice(i, end), length - lineStart));
      room -= blanks;
      for (let n = 0; n < blanks; n++) put(0x20, i);
      i = end;
    } else if (unit === BACKSPACE) {
      i++;
      // Overstruck text: the bold or underlined character is the one of the two that is no underscore.
      if (length > 0 && i < text.length && units[length - 1] !== LINE_FEED) {
        if (text.charCodeAt(i) === 0x5f) i++;
        else length--;
      }
    } else if (unit === RETURN) {
      if (text.charCodeAt(i + 1) !== LINE_FEED) put(LINE_FEED, i);
      i++;
    } else {
      if (unit === 0xa0) put(0x20, i);
      else if (unit >= 0x20 ? unit < 0x7f || unit > 0x9f : unit === LINE_FEED || unit === TAB) put(unit, i);
      i++;
    }
  }
  offsets[length] = text.length;
  return {
    text: decode(units.subarray(0, length)),
    offsets: offsets.subarray(0, length + 1),
  };
}

/** No terminal is wider. */
const COLUMN_LIMIT = 500;

/** How many columns an escape moves the cursor to the right: `CSI n G` to a column, `CSI n C` by so many (ECMA-48). */
function passedOver(move: string, column: number): number {
  const [, number = '', kind] = /^(?:\x1b\[|\x9b)(\d{0,3})([CG])$/.exec(move) ?? [];
  if (kind === undefined) return 0;
  const count = Number(number === '' ? 1 : number);
  const to = kind === 'G' ? count - 1 : column + count;
  return Math.max(0, Math.min(to, COLUMN_LIMIT) - column);
}

/** The index after the terminal escape that begins at `start` (ECMA-48). */
function escapeEnd(text: string, start: number): number {
  const isSingle = text.charCodeAt(start) === 0x9b;
  const kind = isSingle ? '[' : text[start + 1];
  let i = start + (isSingle ? 1 : 2);
  if (kind === '[') {
    while (i < text.length && text.charCodeAt(i) >= 0x20 && text.charCodeAt(i) <= 0x3f) i++;
    return Math.min(i + 1, text.length);
  }
  if (kind === ']' || kind === 'P' || kind === '^' || kind === '_') {
    while (i < text.length) {
      const unit = text.charCodeAt(i);
      if (unit === BELL) return i + 1;
      if (unit === ESCAPE) return text[i + 1] === '\\' ? i + 2 : i;
      // A string that never ends must not swallow the rest of the text.
      if (unit === LINE_FEED) return i;
      i++;
    }
    return i;
  }
  if (kind !== undefined && '()*+-./#%'.includes(kind)) return Math.min(i + 1, text.length);
  return Math.min(i, text.length);
}

function decode(units: Uint16Array): string {
  const CHUNK = 8192;
  const parts: string[] = [];
  for (let i = 0; i < units.length; i += CHUNK)
    parts.push(String.fromCharCode(...units.subarray(i, i + CHUNK)));
  return parts.join('');
}

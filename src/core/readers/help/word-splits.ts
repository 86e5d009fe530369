import { isBlank } from '../../notation/characters.ts';
import { columnAt, type TextLine } from './text-line.ts';
import { markBetweenLength, markLength } from './text-mark.ts';

/** Where the left part of a line ends, and where its text begins, by their indexes in the line. */
export interface Split {
  readonly end: number;
  readonly textStart: number;
}

/** A name in small letters, operands at the most, and its text behind a colon and one blank. */
const BY_COLON =
  /^([a-z][\w.@+-]{0,60}(?:, [a-z][\w.@+-]{0,60})*(?: \([\w.@+-]{1,60}(?:, [\w.@+-]{1,60}){0,8}\))?(?: (?:[<[{][^\s:]{1,60}|[A-Z][A-Z0-9_.-]{0,60}|\.{3}[\]>]?)){0,8}): \S/;

/** A name with its text behind a colon and one blank: `open: open the box`. */
export function splitAtColon({ text, first }: TextLine): Split | undefined {
  const name = BY_COLON.exec(text.slice(first, first + 200))?.[1];
  return name === undefined ? undefined : { end: first + name.length, textStart: first + name.length + 2 };
}

/** A name with its other names and its operands, up to one blank. */
const NAMES_UP_TO_BLANK =
  /^[^\s,]+(?:, [\w:.@+-]+| \([\w:.@+-]+(?:, [\w:.@+-]+)*\)){0,4}(?: (?:<[^<>\s]{1,30}>|\[<?[\w-]{1,30}>?\])(?:\.{3})?){0,4}(?= \S)/;

/** A name that fills its column has one blank before its text. */
export function splitAtColumn(line: TextLine, columns: ReadonlySet<number>): Split | undefined {
  const names = NAMES_UP_TO_BLANK.exec(line.text.slice(line.first, line.first + 120));
  if (names === null) return undefined;
  const end = line.first + names[0].length;
  const textStart = end + 1 + markLength(line.text, end + 1);
  const isAtColumn = [end + 1, textStart].some((at) => columns.has(columnAt(line, at)));
  // Operands in brackets show where the name ends also where it is too long for its column.
  const isText = () =>
    /[>\].]$/.test(names[0]) && BEGINS_TEXT.test(line.text.slice(textStart, textStart + TEXT_LIMIT));
  return isAtColumn || isText() ? { end, textStart } : undefined;
}

/** Two words of a sentence, of which only the first may have a capital. */
const BEGINS_TEXT = /^[A-Za-z][a-z]* [a-z]+(?=[ ,.]|$)/;
const TEXT_LIMIT = 60;

/** Operands, in capitals or brackets, with a gutter behind them. */
const OPERAND_COLUMN =
  /^((?:[A-Z][A-Z0-9_-]{1,30}|<[^<>\s]{1,30}>|\[[A-Z<][^[\]]{0,30}\])(?:\.{3})?(?: (?:[A-Z][A-Z0-9_-]{1,30}|<[^<>\s]{1,30}>|\[[A-Z<][^[\]]{0,30}\])(?:\.{3})?){0,4})(?: {2,}|\t)\s*[A-Za-z(]/;

export function splitAtGutter(line: TextLine): Split | undefined {
  const { text, first } = line;
  for (let i = first; i < text.length && i < first + 120; i++) {
    const isTab = text[i] === '\t';
    const mark = markBetweenLength(text, i);
    if (!isTab && mark === 0 && !(text[i] === ' ' && isBlank(text[i + 1]))) continue;
    let textStart = i + mark;
    while (isBlank(text[textStart])) textStart++;
    // `get   BOX   the text`: operands in a column of their own.
    const operands =
      mark === 0 ? OPERAND_COLUMN.exec(text.slice(textStart, textStart + 120))?.[1] : undefined;
    if (operands !== undefined) {
      i = textStart + operands.length;
      textStart = i;
      while (isBlank(text[textStart])) textStart++;
    }
    textStart += markLength(text, textStart);
    return { end: i, textStart };
  }
  return undefined;
}

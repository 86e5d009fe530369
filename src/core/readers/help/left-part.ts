import { REQUIRED_MARK } from '../../notation/argument-words.ts';
import { bracketEnd } from '../../notation/characters.ts';
import { type Declaration, scanDeclaration } from '../../notation/declaration.ts';
import { isKindOfValue } from '../../notation/scanned-word.ts';

/** A word of a text or placeholder is looked at so far. */
export const LONGEST_WORD = 40;

/** The declaration that a range of a line wholly is, but for a comma or a mark at its end. */
export function declarationBetween(
  text: string,
  start: number,
  to: number,
  declaration: Declaration | undefined = scanDeclaration(text, start, to),
): Declaration | undefined {
  if (declaration === undefined || isInsideBracket(text, start, to) || isCall(declaration)) return undefined;
  const rest = text.slice(declaration.end, to).trim();
  // A comma behind the names: more of them follow in the next line. A mark may stand before the text.
  const isMark = rest === ',' || MARKS_ALONE.includes(rest) || REQUIRED_MARK.test(rest);
  // `--groups GROUP[,GROUP]]`, `--check NAME[,NAME...`: a bracket too many, or one that is not closed.
  const isStray =
    (rest === ']' && text.slice(start, declaration.end).includes('[')) || /^\[,[^\s\]]{1,60}$/.test(rest);
  return rest === '' || isMark || isStray ? declaration : undefined;
}

/** `-s quay -p port -u day`: letters with arguments of their own, in a row, are a command line, and no names of one option. */
export function isCall({ names }: Declaration): boolean {
  const words = names.flatMap(({ argument }) => argument?.words[0]?.placeholder ?? []);
  return (
    names.length >= MIN_OF_CALL &&
    names.every(({ form }) => form === 'short') &&
    words.length > 1 &&
    new Set(words).size === words.length
  );
}

const MIN_OF_CALL = 3;

/** Whether a range ends inside the bracket that opens it: `[-s <box>` of `[-s <box>] text`. */
function isInsideBracket(text: string, start: number, to: number): boolean {
  return text[start] === '[' && (bracketEnd(text, start, text.length) ?? to) > to;
}

const MARKS_ALONE: readonly string[] = [':', '=', '-', '--', '–', '—'];

/** Whether further names begin at an index. */
export function continuesNames(text: string, index: number): boolean {
  // `-h     or  --help    text`
  const other = /^or +(?=-)/.exec(text.slice(index, index + 20));
  if (other !== null) return continuesNames(text, index + other[0].length);
  return (
    (text[index] === '-' || text[index] === '+') &&
    !CALL.test(text.slice(index, index + LONGEST_WORD * 3)) &&
    scanDeclaration(text, index, text.length) !== undefined
  );
}

/** `-D 5 -R 1 -N 0`: three options with nothing but blanks between them are a call, and no names of one option. */
const CALL = /^(?:-[A-Za-z][\w-]{0,30}(?:[ =][^\s,|-][^\s,|]{0,30})? ){2}-[A-Za-z]/;

const PLACEHOLDER_COLUMN =
  /^(?:(?:[A-Z][A-Z0-9_-]{0,40}(?: [A-Z]{2,20})?|<[\w.][^<>]{0,40}>(?:\.{3})?|\[[\w.|-]{1,60}\]|\w[\w.-]{0,20}(?:\|\w[\w.-]{0,20}){1,5}|#(?:\[\w+\])?|\((?:date|directory|double|file|float|int|integer|number|path|string|text|time|url)\)|\/\w[\w.-]{0,20}\/[\w./-]{1,60})(?: {2,}|\t\s*| [-:] )|(?:[a-z][\w-]{0,40}|\.{1,2}\w{0,20}) {4,})(?=.*[a-z]{2})\S/;

/** `-l, --list   FORMAT   text`, `-d <dev> : text`: a placeholder in a column of its own, with a gutter or a mark behind it. */
export function isPlaceholderColumn(text: string, index: number): boolean {
  // `-l, --list   PATH` above its text.
  if (text.length - index <= LONGEST_WORD && isKindOfValue(text.slice(index))) return text.length > index + 1;
  return PLACEHOLDER_COLUMN.test(text.slice(index, index + LONGEST_WORD * 2));
}

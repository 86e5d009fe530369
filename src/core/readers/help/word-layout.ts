import { isNameAlone } from './name-alone.ts';
import { columnAt, type TextLine } from './text-line.ts';
import { splitAtColon, splitAtGutter } from './word-splits.ts';

/** Where the names and texts of a list stand. */
export interface Layout {
  readonly indent: number;
  /** The columns at which texts begin behind a gutter. */
  readonly columns: ReadonlySet<number>;
  /** The column at which all names end, where they are aligned there and not at their beginnings. */
  readonly endColumn: number | undefined;
  /** Whether all names with a gutter behind them begin with a small letter. */
  readonly isLower: boolean;
  /** Whether a colon with one blank behind it ends each name: `open: open the box`. */
  readonly isByColon: boolean;
}

/** Where the names and texts of the lines of a list stand; undefined where there are none. */
export function layoutOf(lines: readonly TextLine[]): Layout | undefined {
  const filled = lines.filter((line) => !line.blank);
  const splits = filled.flatMap((line) => {
    const split = splitAtGutter(line);
    return split === undefined ? [] : [{ line, split }];
  });
  const [first] = filled;
  if (first === undefined) return undefined;
  const byColon = layoutByColon(filled, first.indent);
  if (byColon !== undefined) return byColon;
  const byGutter = splits[0]?.line ?? first;
  // The gutters may all be those of a list below a first name.
  const isNested =
    first.indent < byGutter.indent &&
    isNameAlone(first) &&
    listBelow(first, lines, lines.indexOf(first) + 1).length > 0;
  const indent = isNested ? first.indent : byGutter.indent;
  const columns = new Set(splits.map(({ line, split }) => columnAt(line, split.textStart)));
  if (splits.length === 0) for (const column of equalWidths(filled)) columns.add(column);
  const isLower = splits.every(({ line }) => /[a-z]/.test(line.text[line.first] ?? ''));
  return { indent, columns, endColumn: commonEnd(splits), isLower, isByColon: false };
}

/** One line of this kind may be a sentence: `note: this is slow`. */
const MIN_BY_COLON = 2;

/**
 * The layout of a list in which every name has its text behind a colon and one blank: the names begin at one column, where deeper lines go on with
 * a text, or all colons stand at one.
 */
function layoutByColon(filled: readonly TextLine[], indent: number): Layout | undefined {
  const atIndent = filled.filter((line) => line.indent === indent);
  const isLeft =
    atIndent.length >= MIN_BY_COLON && atIndent.every((line) => splitAtColon(line) !== undefined);
  const ends = new Set(filled.map((line) => columnAt(line, splitAtColon(line)?.end ?? line.first)));
  const isRight =
    filled.length >= MIN_BY_COLON &&
    ends.size === 1 &&
    filled.every((line) => splitAtColon(line) !== undefined);
  if (!isLeft && !isRight) return undefined;
  const endColumn = isRight ? [...ends][0] : undefined;
  return { indent, columns: new Set(), endColumn, isLower: true, isByColon: true };
}

/** One line shows no width that names have in common. */
const MIN_EVEN = 3;

/** Names of one width, with one blank before their texts: the column of these; none where the lines do not show it. */
function equalWidths(lines: readonly TextLine[]): number[] {
  const starts = lines.map(
    (line) => /^[a-z][\w:.@+-]*(?= \S+ \S)/.exec(line.text.slice(line.first, line.first + 120))?.[0].length,
  );
  const [width] = starts;
  const [first] = lines;
  if (lines.length < MIN_EVEN || width === undefined || first === undefined) return [];
  const isEven = lines.every((line, i) => starts[i] === width && line.indent === first.indent);
  return isEven ? [first.indent + width + 1] : [];
}

function commonEnd(
  splits: readonly { readonly line: TextLine; readonly split: { readonly end: number } }[],
): number | undefined {
  const ends = new Set(splits.map(({ line, split }) => columnAt(line, split.end)));
  const indents = new Set(splits.map(({ line }) => line.indent));
  const lengths = new Set(splits.map(({ line, split }) => split.end - line.first));
  const isAligned = ends.size === 1 && indents.size > 1 && lengths.size > 1;
  return isAligned ? [...ends][0] : undefined;
}

/** The lines of a list with gutters that stands deeper below a name alone; none where what stands there is its text. */
export function listBelow(head: TextLine, lines: readonly TextLine[], from: number): TextLine[] {
  let to = from;
  while (to < lines.length && (lines[to]?.blank || (lines[to]?.indent ?? 0) > head.indent)) to++;
  const deeper = lines.slice(from, to);
  const first = deeper[0];
  if (first === undefined || first.blank) return [];
  const split = splitAtGutter(first);
  const second = deeper[1];
  const isAboveText = second !== undefined && !second.blank && second.indent > first.indent;
  if (split === undefined && !isAboveText) return [];
  const name = first.text.slice(first.first, split?.end ?? first.text.length);
  return /^[a-z][\w:.-]*(?: \([\w:.-]+(?:, [\w:.-]+)*\)|(?:, [\w:.-]+)+)?$/i.test(name) ? deeper : [];
}

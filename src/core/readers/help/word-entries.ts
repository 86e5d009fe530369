import { isBlank } from '../../notation/characters.ts';
import type { TextPiece } from './text-line.ts';
import { columnAt, type TextLine } from './text-line.ts';
import { markBetweenLength, markLength } from './text-mark.ts';

/** An entry of a list of commands, operands or values: words on the left, text on the right or below. */
export interface WordEntry {
  readonly line: TextLine;
  /** The left part, by its indexes in the line. */
  readonly start: number;
  readonly end: number;
  readonly pieces: readonly TextPiece[];
  /** The entries of a list of its own that stands deeper below it: `COMMAND`, and below it each command with its text. */
  readonly below: readonly WordEntry[];
}

/** A mark in front of each entry: `- box: text`, `* box  text`. */
const BULLET = /^\s*[-*•+o] (?=\w)/;
/** The same, or in front of an option. */
const ANY_BULLET = /^\s*[-*•+o] (?=\w|--?\w)/;

/** The lines of a list in which each entry has such a mark, as lines that begin behind it; all other lines as they are. */
function withoutBullets(lines: readonly TextLine[]): readonly TextLine[] {
  const filled = lines.filter(({ blank }) => !blank);
  const first = filled[0];
  if (first === undefined || !BULLET.test(first.text)) return lines;
  const marked = filled.filter((line) => line.indent === first.indent);
  if (marked.length < MIN_BULLETS || !marked.every(({ text }) => ANY_BULLET.test(text))) return lines;
  return lines.map((line) => {
    if (line.blank || line.indent !== first.indent || !BULLET.test(line.text)) return line;
    const at = BULLET.exec(line.text)?.[0].length ?? line.first;
    return { ...line, first: at, indent: columnAt(line, at) };
  });
}

/** A mark before a single line parts nothing. */
const MIN_BULLETS = 2;

/** The lines of a list without a sentence that leads to it from further left: `COMMAND is one of the following:`. */
function withoutAnnouncement(lines: readonly TextLine[]): readonly TextLine[] {
  const [first, second] = lines.filter(({ blank }) => !blank);
  const leads =
    first !== undefined &&
    second !== undefined &&
    second.indent > first.indent &&
    /^\S+(?! --? )(?: \S+){2,}:$/.test(first.text.trim().slice(0, 200));
  return leads ? lines.slice(lines.indexOf(first) + 1) : lines;
}

/** Where the left part of a line ends, and where its text begins, by their indexes in the line. */
interface Split {
  readonly end: number;
  readonly textStart: number;
}

interface OpenEntry {
  readonly line: TextLine;
  readonly start: number;
  readonly end: number;
  readonly pieces: TextPiece[];
  below: readonly WordEntry[];
}

/** Reads the two-column entries among the lines of a section; other lines are passed over. */
export function findWordEntries(withBullets: readonly TextLine[]): WordEntry[] {
  const lines = withoutBullets(withoutAnnouncement(withBullets));
  const layout = layoutOf(lines);
  if (layout === undefined) return [];
  const { indent, columns } = layout;
  const entries: OpenEntry[] = [];
  let current: OpenEntry | undefined;
  let previous: TextLine | undefined;
  const textColumns = new Set<number>();
  let isLeft = false;
  for (let i = 0; i < lines.length; i++) {
    const line = lines[i];
    if (line === undefined || line.blank) continue;
    const isBelowEntry = current !== undefined || previous === undefined || isBehindBlank(line, previous);
    // A word that ends where texts begin does so by chance below a line of running text, or in a sentence behind a blank line.
    const mayFill =
      isBelowEntry &&
      (!layout.isLower || /[a-z]/.test(line.text[line.first] ?? '')) &&
      !(isBehindBlank(line, previous) && (SENTENCE.test(line.text) || opensParagraph(line, lines[i + 1])));
    const byColon = layout.isByColon ? splitAtColon(line) : undefined;
    const atColumn = mayFill ? splitAtColumn(line, columns) : undefined;
    const atGutter = splitAtGutter(line);
    const inColumns = byColon ?? (endsInColon(line, atColumn, atGutter) ? atColumn : (atGutter ?? atColumn));
    // `ROUNDS:`, and deeper below it commands of that kind.
    const grouped = line.indent === indent && GROUP.test(line.text) ? listBelow(line, lines, i + 1) : [];
    if (grouped.length > 0) {
      for (const entry of findWordEntries(grouped)) entries.push({ ...entry, pieces: [...entry.pieces] });
      i += grouped.length;
      current = undefined;
      previous = grouped.findLast((one) => !one.blank);
      continue;
    }
    if (current !== undefined && line.indent === indent && goesOnWithHead(line, current)) {
      if (inColumns !== undefined)
        current.pieces.push({ line, start: inColumns.textStart, end: line.text.length });
    } else if (
      (isAtNames(line, layout, inColumns) || isNameOff(line, layout, current, lines[i + 1])) &&
      (inColumns !== undefined || isNameAlone(line)) &&
      !(isLeft && isElsewhere(line, inColumns, textColumns))
    ) {
      const split = inColumns ?? { end: line.text.length, textStart: undefined };
      current = { line, start: line.first, end: split.end, pieces: [], below: [] };
      if (split.textStart !== undefined) {
        current.pieces.push({ line, start: split.textStart, end: line.text.length });
        textColumns.add(columnAt(line, split.textStart));
      }
      entries.push(current);
      if (split.textStart === undefined) {
        const nested = listBelow(line, lines, i + 1);
        if (nested.length > 0) {
          current.below = findWordEntries(nested);
          i += nested.length;
          previous = nested.findLast((one) => !one.blank);
          continue;
        }
      }
    } else if (line.indent > indent && current !== undefined && goesOnWithText(line, current, previous)) {
      current.pieces.push({ line, start: line.first, end: line.text.length });
    } else {
      isLeft ||= current !== undefined && isBehindBlank(line, previous);
      current = undefined;
    }
    previous = line;
  }
  return entries;
}

/** Whether a line deeper than the names goes on with the text above it: behind a blank line, only at the column of that text or deeper. */
function goesOnWithText(
  line: TextLine,
  { line: first, pieces }: OpenEntry,
  previous: TextLine | undefined,
): boolean {
  const [text] = pieces;
  if (!isBehindBlank(line, previous) || text?.line !== first) return line.index <= (previous?.index ?? 0) + 2;
  return line.index === (previous?.index ?? 0) + 2 && line.indent >= columnAt(first, text.start);
}

function isBehindBlank(line: TextLine, previous: TextLine | undefined): boolean {
  return previous !== undefined && line.index > previous.index + 1;
}

/** `day: the day   (today unless given)`: a name with a colon that fills its column, and a wide blank in its text. */
function endsInColon({ text }: TextLine, atColumn: Split | undefined, atGutter: Split | undefined): boolean {
  if (atColumn === undefined || atGutter === undefined) return false;
  return atColumn.end < atGutter.end && text[atColumn.end - 1] === ':';
}

/** Whether the line below goes on at the same indentation, and is no entry by its gutter. */
function opensParagraph({ indent }: TextLine, next: TextLine | undefined): boolean {
  return next !== undefined && !next.blank && next.indent === indent && splitAtGutter(next) === undefined;
}

/** Whether a text begins at a column where none of a list does: behind a paragraph below the list, that is running text with a wide blank. */
function isElsewhere(
  line: TextLine,
  split: { readonly textStart: number } | undefined,
  columns: ReadonlySet<number>,
): boolean {
  return split !== undefined && columns.size > 0 && !columns.has(columnAt(line, split.textStart));
}

/** `Report mistakes to the office.` */
const SENTENCE = /^\s*\p{Lu}\p{Ll}+ .*[.!]$/u;

/** A label with nothing behind it, over entries that are deeper. */
const GROUP = /^\s*[\p{L}\d][\p{L}\d -]{0,40}:$/u;

/** Where the names and texts of a list stand. */
interface Layout {
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

function layoutOf(lines: readonly TextLine[]): Layout | undefined {
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

/** A name in small letters, operands at the most, and its text behind a colon and one blank. */
const BY_COLON =
  /^([a-z][\w.@+-]{0,60}(?:, [a-z][\w.@+-]{0,60})*(?: \([\w.@+-]{1,60}(?:, [\w.@+-]{1,60}){0,8}\))?(?: (?:[<[{][^\s:]{1,60}|[A-Z][A-Z0-9_.-]{0,60}|\.{3}[\]>]?)){0,8}): \S/;

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

function splitAtColon({ text, first }: TextLine): Split | undefined {
  const name = BY_COLON.exec(text.slice(first, first + 200))?.[1];
  return name === undefined ? undefined : { end: first + name.length, textStart: first + name.length + 2 };
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

/** A line with a text beside its name may stand so many columns off: people slip by one. */
const MAX_OFF = 1;

function isAtNames(
  line: TextLine,
  { indent, endColumn }: Layout,
  split: { end: number } | undefined,
): boolean {
  if (endColumn === undefined)
    return split === undefined ? line.indent === indent : Math.abs(line.indent - indent) <= MAX_OFF;
  return split !== undefined && columnAt(line, split.end) === endColumn;
}

/** Whether a line stands a little off the names of a list, and has its text below it, where those of the others stand. */
function isNameOff(
  line: TextLine,
  { indent }: Layout,
  above: OpenEntry | undefined,
  next: TextLine | undefined,
): boolean {
  const [text] = above?.pieces ?? [];
  if (text === undefined || text.line === above?.line || next === undefined || next.blank) return false;
  return (
    Math.abs(line.indent - indent) <= MAX_OFF &&
    Math.abs(next.indent - text.line.indent) <= MAX_OFF &&
    next.indent > line.indent + 1
  );
}

/** Operands of a command in the line below its name, where the name's column was too narrow: `[DAY]` below `tiffin box`. */
function goesOnWithHead(line: TextLine, { line: first, start }: OpenEntry): boolean {
  return (
    /[[<]/.test(line.text[line.first] ?? '') && /\w/.test(first.text[start] ?? '') && line.index > first.index
  );
}

/** The lines of a list with gutters that stands deeper below a name alone; none where what stands there is its text. */
function listBelow(head: TextLine, lines: readonly TextLine[], from: number): TextLine[] {
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

/** Plain words, and behind them nothing but brackets, dots and options. */
function isPathWithNotation(text: string): boolean {
  const words = text
    .replace(/\[[^[\]]*\]|<[^<>]*>/g, ' ')
    // `<box>|<lid>`, `[day:]<box>|all`
    .replace(/(?<=\s)\|\S*/g, ' ')
    .replace(/(?:^|\s)(?:\.{3}[\]>)]*|--?[a-z]\S*)(?=\s|$)/g, ' ');
  return words.trim() !== text && /^[a-z][\w:.@+-]*(?: [a-z][\w-]*){0,4}\s*$/.test(words);
}

/** A name alone, with placeholders at most; its text stands below, or nowhere. */
function isNameAlone(line: TextLine): boolean {
  // `box list [<flags>] <day>`: a path with operands.
  const head = line.text.slice(line.first).trim();
  // `with --late.`: the end of a sentence.
  if (/[^.\s]\.$/.test(head)) return false;
  if (/^\{[^\s{}]{1,800}\}$/.test(head) || isPathWithNotation(head.slice(0, 500))) return true;
  // `box (b, bx)`: with other names.
  if (/^[\w.:@+-]{1,60} \([\w.:@+-]{1,60}(?:, [\w.:@+-]{1,60}){1,8}\)$/.test(head)) return true;
  return /^[^\s,.;:!?]+(?:\.{3}|…)?(?:,? [a-z][\w-]*)?(?:,? (?:[<[{(]\S*|\.{3}[\]>)]*|[A-Z][A-Z0-9_.-]*|--?[a-z]\S*)){0,8}$/.test(
    head.slice(0, 200),
  );
}

/** A name that fills its column has one blank before its text. */
function splitAtColumn(line: TextLine, columns: ReadonlySet<number>): Split | undefined {
  const names = /^[^\s,]+(?:, [\w:.@+-]+| \([\w:.@+-]+(?:, [\w:.@+-]+)*\)){0,4}(?= \S)/.exec(
    line.text.slice(line.first, line.first + 120),
  );
  if (names === null) return undefined;
  const end = line.first + names[0].length;
  const textStart = end + 1 + markLength(line.text, end + 1);
  const isAtColumn = [end + 1, textStart].some((at) => columns.has(columnAt(line, at)));
  return isAtColumn ? { end, textStart } : undefined;
}

function splitAtGutter(line: TextLine): Split | undefined {
  const { text, first } = line;
  for (let i = first; i < text.length && i < first + 120; i++) {
    const isTab = text[i] === '\t';
    const mark = markBetweenLength(text, i);
    if (!isTab && mark === 0 && !(text[i] === ' ' && isBlank(text[i + 1]))) continue;
    let textStart = i + mark;
    while (isBlank(text[textStart])) textStart++;
    textStart += markLength(text, textStart);
    return { end: i, textStart };
  }
  return undefined;
}

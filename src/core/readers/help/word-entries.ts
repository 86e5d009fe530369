import { isNameAlone } from './name-alone.ts';
import type { TextPiece } from './text-line.ts';
import { columnAt, type TextLine } from './text-line.ts';
import { type Layout, layoutOf, listBelow } from './word-layout.ts';
import { type Split, splitAtColon, splitAtColumn, splitAtGutter } from './word-splits.ts';

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

/**
 * The lines of a list without the paragraphs of sentences that close it, behind blank lines and no deeper than its entries: what all entries have in
 * common, a bullet or a colon, these need not have.
 */
function withoutClosing(lines: readonly TextLine[]): readonly TextLine[] {
  const first = lines.find(({ blank }) => !blank);
  if (first === undefined) return lines;
  let end = lines.length;
  for (;;) {
    let last = end - 1;
    while (last >= 0 && lines[last]?.blank) last--;
    let start = last;
    while (start > 0 && lines[start - 1]?.blank === false) start--;
    if (start <= 0 || !isClosing(lines.slice(start, last + 1), first.indent)) return lines.slice(0, end);
    end = start;
  }
}

/** Whether a paragraph is sentences no deeper than so much, without a gutter. */
function isClosing(paragraph: readonly TextLine[], indent: number): boolean {
  return (
    /^\p{Lu}/u.test(paragraph[0]?.text.trimStart() ?? '') &&
    /[a-z)][.!]$/.test(paragraph.at(-1)?.text.trimEnd() ?? '') &&
    paragraph.every((line) => line.indent <= indent && splitAtGutter(line) === undefined)
  );
}

interface OpenEntry {
  readonly line: TextLine;
  readonly start: number;
  readonly end: number;
  readonly pieces: TextPiece[];
  below: readonly WordEntry[];
}

/**
 * Reads the two-column entries among the lines of a section; other lines are passed over. Among operands (`areOperands`), a bracket begins an entry;
 * elsewhere it may be an operand of the command above it, for which its line was too narrow.
 */
export function findWordEntries(withBullets: readonly TextLine[], areOperands = false): WordEntry[] {
  const lines = withoutBullets(withoutAnnouncement(withoutClosing(withBullets)));
  const layout = layoutOf(lines.filter(({ isStretched }) => !isStretched));
  if (layout === undefined) return [];
  const { indent } = layout;
  const entries: OpenEntry[] = [];
  let current: OpenEntry | undefined;
  let previous: TextLine | undefined;
  const textColumns = new Set<number>();
  let isLeft = false;
  for (let i = 0; i < lines.length; i++) {
    const line = lines[i];
    if (line === undefined || line.blank) continue;
    const isBelowEntry = current !== undefined || previous === undefined || isBehindBlank(line, previous);
    const inColumns = splitOf(
      line,
      layout,
      isBelowEntry && mayFillColumn(line, previous, lines[i + 1], layout),
    );
    // `ROUNDS:`, and deeper below it commands of that kind.
    const grouped = line.indent === indent && GROUP.test(line.text) ? listBelow(line, lines, i + 1) : [];
    if (grouped.length > 0) {
      for (const entry of findWordEntries(grouped)) entries.push({ ...entry, pieces: [...entry.pieces] });
      i += grouped.length;
      current = undefined;
      previous = grouped.findLast((one) => !one.blank);
      continue;
    }
    if (current !== undefined && !areOperands && line.indent === indent && goesOnWithHead(line, current)) {
      if (inColumns !== undefined)
        current.pieces.push({ line, start: inColumns.textStart, end: line.text.length });
    } else if (
      (isAtNames(line, layout, inColumns) || isNameOff(line, layout, current, lines[i + 1])) &&
      !line.isStretched &&
      !(areOperands && TYPE_MARK.test(line.text)) &&
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

/** Where a line is parted: behind a colon, at a gutter, or, where a name may fill its column, at that column. */
function splitOf(line: TextLine, { isByColon, columns }: Layout, mayFill: boolean): Split | undefined {
  const byColon = isByColon ? splitAtColon(line) : undefined;
  const atColumn = mayFill ? splitAtColumn(line, columns) : undefined;
  const atGutter = splitAtGutter(line);
  return byColon ?? (endsInColon(line, atColumn, atGutter) ? atColumn : (atGutter ?? atColumn));
}

/** Whether a word that ends where texts begin may be a name: in a sentence behind a blank line it does so by chance. */
function mayFillColumn(
  line: TextLine,
  previous: TextLine | undefined,
  next: TextLine | undefined,
  { isLower }: Layout,
): boolean {
  if (isLower && !/[a-z]/.test(line.text[line.first] ?? '')) return false;
  return !isBehindBlank(line, previous) || !(SENTENCE.test(line.text) || opensParagraph(line, next));
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

/** The type of an operand, for which the line above was too narrow. */
const TYPE_MARK = /^\s*\[(?:string|number|boolean|array|count|required)\](?:\s|$)/;

/** A label with nothing behind it, over entries that are deeper. */
const GROUP = /^\s*[\p{L}\d][\p{L}\d -]{0,40}:$/u;

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

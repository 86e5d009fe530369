import { matches } from '../../source/matches.ts';

/** What is looked at of a line. */
interface Line {
  readonly text: string;
  readonly indent: number;
  readonly blank: boolean;
}

/** Running text is not broken before this column. */
const MIN_MARGIN = 60;

/** So many lines that end at one column show the margin of a page. */
const MIN_AT_MARGIN = 5;

/** Columns, and marks that a printer sets to the right: `open  open a box      [boolean]`. */
const IN_COLUMNS = /\S {4,}\S|\]$/;

/** A wide blank between words of running text. */
const WIDE_BLANK = /[a-z,.;:)] {2,3}(?=[A-Za-z(])/g;

/** A word that goes on in the next line, as a formatter parts it. */
const PARTED_WORD = /[a-z]‐$/;

/**
 * The lines of paragraphs that a formatter stretched to the margin of its page, as in a rendered manual page: all their lines but the
 * last end there. Their wide blanks part no columns.
 */
export function stretchedLines<Each extends Line>(lines: readonly Each[]): readonly Each[] {
  const margin = marginOf(lines);
  if (margin === undefined) return [];
  const stretched: Each[] = [];
  for (let from = 0; from < lines.length; ) {
    const to = paragraphEnd(lines, from);
    const before = lines.slice(from, to - 1);
    const last = lines[to - 1];
    const isStretched =
      before.length > 0 &&
      last !== undefined &&
      last.text.length < margin &&
      before.every(({ text }) => text.length === margin && !IN_COLUMNS.test(text)) &&
      isReached(before);
    if (isStretched) for (let i = from; i < to; i++) stretched.push(lines[i] ?? last);
    from = to;
  }
  return stretched;
}

/** Whether lines reach the margin as running text does: by parted words, or by more wide blanks than each row of a list has. */
function isReached(lines: readonly Line[]): boolean {
  const blanks = lines.reduce((sum, { text }) => sum + matches(text, WIDE_BLANK).length, 0);
  return blanks > lines.length || lines.some(({ text }) => PARTED_WORD.test(text));
}

/** The length that most of the long lines without columns have; undefined where it is no margin. */
function marginOf(lines: readonly Line[]): number | undefined {
  const counts = new Map<number, number>();
  let most: number | undefined;
  for (const { text } of lines) {
    if (text.length < MIN_MARGIN || IN_COLUMNS.test(text)) continue;
    const count = (counts.get(text.length) ?? 0) + 1;
    counts.set(text.length, count);
    if (count > (counts.get(most ?? 0) ?? 0)) most = text.length;
  }
  return (counts.get(most ?? 0) ?? 0) >= MIN_AT_MARGIN ? most : undefined;
}

/** The index behind the lines at the indentation of the first, up to a blank one; a blank line is by itself, since its indentation says nothing. */
function paragraphEnd(lines: readonly Line[], from: number): number {
  let to = from + 1;
  if (lines[from]?.blank === true) return to;
  while (lines[to]?.blank === false && lines[to]?.indent === lines[from]?.indent) to++;
  return to;
}

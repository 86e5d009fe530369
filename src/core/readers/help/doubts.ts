import type { Operand } from '../../model/operand.ts';
import type { Doubt, DoubtReason } from '../../source/doubt.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { PartsReading } from './help-parts.ts';
import { countLines, type LineWithRole } from './line-roles.ts';
import { operandDoubts } from './operand-doubts.ts';
import type { OptionEntry } from './option-entries.ts';
import type { TextLine } from './text-line.ts';
import { isBelowUnread, looksLikeEntry } from './unclaimed-lines.ts';
import type { UsageForm } from './usage-found.ts';

/**
 * Where a text may have been misread, in the order in which the parts were read. `readings` are those of its parts, `lines` all of its lines
 * with their roles.
 */
export function findDoubts(
  readings: readonly PartsReading[],
  lines: readonly LineWithRole[],
  cleaned: CleanedText,
): Doubt[] {
  return [
    ...(isLittleRead(lines)
      ? [{ place: cleaned.span(0, cleaned.text.length), reason: 'little-read' as const }]
      : []),
    ...readings.flatMap((reading) => doubtsOf(reading, cleaned)),
    ...readings.flatMap(({ entries }) =>
      cutEntries(entries, lines).map((line) => over(line, line, 'beside-unread', cleaned)),
    ),
    ...besideUnread(lines).map(([first, last]) => over(first, last, 'beside-unread', cleaned)),
  ];
}

/** Where one part of a text may have been misread. */
function doubtsOf({ entries, parts, oddLists }: PartsReading, cleaned: CleanedText): Doubt[] {
  const overEntry = (entry: OptionEntry, reason: DoubtReason): Doubt[] => {
    const first = entry.declaring[0]?.line;
    const last = entry.pieces.at(-1)?.line ?? entry.declaring.at(-1)?.line;
    return first === undefined || last === undefined ? [] : [over(first, last, reason, cleaned)];
  };
  const synopses = parts.usage.readings.flatMap(({ form: { text, place, operands } }): Doubt[] => {
    if (place === null) return [];
    if (!parts.usage.lines.announced) return [{ place, reason: 'bare-synopsis' }];
    return ODD_IN_SYNOPSIS.test(text) || namesTwice(operands) ? [{ place, reason: 'odd-synopsis' }] : [];
  });
  const several = parts.usage.lines.forms.filter(mayBeSeveral).flatMap(({ pieces }): Doubt[] => {
    const [first] = pieces;
    const last = pieces.at(-1);
    return first && last ? [over(first.line, last.line, 'odd-synopsis', cleaned)] : [];
  });
  const isDoubted = ({ place }: Doubt) =>
    [...synopses, ...several].some(
      (doubt) => doubt.place.start <= place.start && place.end <= doubt.place.end,
    );
  return [
    ...synopses,
    ...several,
    ...operandDoubts(parts, entries).filter((doubt) => !isDoubted(doubt)),
    ...oddEntries(entries).flatMap((entry) => overEntry(entry, 'odd-entry')),
    ...stackedEntries(entries).flatMap((entry) => overEntry(entry, 'shared-text')),
    ...oddLists.flatMap((list) => {
      const [first] = list;
      const last = list.at(-1);
      return first === undefined || last === undefined ? [] : [over(first, last, 'odd-list', cleaned)];
    }),
  ];
}

function over(first: TextLine, last: TextLine, reason: DoubtReason, cleaned: CleanedText): Doubt {
  return { place: cleaned.span(first.start, last.start + last.text.length), reason };
}

/** A brace around one thing, a quotation mark, `@`, or four plain words in a row: no notation of synopses has them. */
const ODD_IN_SYNOPSIS = /\{[^{},|]+\}|["'`@]|(?:^|\s)[a-z]{2,}(?: [a-z]{2,}){3,}/;

/** Whether a synopsis has a line that is no deeper than its first and begins with a word: it may be another. */
function mayBeSeveral({ pieces: [first, ...others] }: UsageForm): boolean {
  if (first === undefined || first.start !== first.line.first) return false;
  return others.some(
    ({ line, start }) => line.indent === first.line.indent && /[A-Za-z]/.test(line.text[start] ?? ''),
  );
}

/** Whether operands of one name stand apart: the lines of the synopsis may be several. */
function namesTwice(operands: readonly Operand[]): boolean {
  return new Set(operands.map(({ name }) => name)).size < operands.length;
}

/** So many unread lines, and this share of all, and little of a text was read. */
const MIN_UNREAD = 4;
const LITTLE_READ = 1 / 3;

function isLittleRead(lines: readonly LineWithRole[]): boolean {
  const { read } = countLines(lines);
  const [texts, roles] = [lines.map(({ line }) => line), lines.map(({ role }) => role)];
  // What belongs to an entry that could not be read is a part of it.
  const unread = lines.filter(
    ({ line, role }) => role === 'unread' && (looksLikeEntry(line) || !isBelowUnread(line, texts, roles)),
  ).length;
  return unread >= MIN_UNREAD && unread > (read + unread) * LITTLE_READ;
}

/** So many entries of one shape at one indentation are a list. */
const MIN_ALIKE = 3;

/** Entries whose text one blank parts from their names, which are few of that shape and have no other entry right beside them. */
function oddEntries(entries: readonly OptionEntry[]): OptionEntry[] {
  const alike = new Map<number, number>();
  for (const { isSoft, declaring } of entries) {
    const indent = declaring[0]?.line.indent ?? 0;
    if (isSoft) alike.set(indent, (alike.get(indent) ?? 0) + 1);
  }
  return entries.filter((entry, i) => {
    const { isSoft, declaring } = entry;
    if (!isSoft || (alike.get(declaring[0]?.line.indent ?? 0) ?? 0) >= MIN_ALIKE) return false;
    const first = entry.declaring[0]?.line.index;
    const isBelow = entries[i - 1]?.nextLine === first;
    const isAbove = entries[i + 1]?.declaring[0]?.line.index === entry.nextLine;
    return !isBelow && !isAbove;
  });
}

/** So many entries without texts one above the other, and right above one that has a text, may share it. */
const MIN_STACKED = 2;

function stackedEntries(entries: readonly OptionEntry[]): OptionEntry[] {
  const runs: OptionEntry[][] = [];
  for (const entry of entries) {
    const run = runs.at(-1);
    const above = run?.at(-1);
    const isBelow = above?.pieces.length === 0 && above.nextLine === entry.declaring[0]?.line.index;
    if (run !== undefined && isBelow) run.push(entry);
    else runs.push([entry]);
  }
  // In a list of names alone, a text is the exception.
  const isOverText = (run: readonly OptionEntry[]) => (run.at(-1)?.pieces.length ?? 0) > 0;
  if (runs.filter(isOverText).length * 2 < runs.length) return [];
  return runs
    .filter((run) => isOverText(run) && (run.length > MIN_STACKED || speaksOfFirst(run)))
    .flatMap((run) => run.slice(0, -1));
}

/** Whether the text below two entries speaks of the argument of the upper one: `-w FEW, --warn=FEW`, `-f MANY, --fail=MANY`, and `warn of FEW boxes, and fail of MANY`. */
function speaksOfFirst(run: readonly OptionEntry[]): boolean {
  if (run.length !== MIN_STACKED) return false;
  const words = run[0]?.declaring.flatMap(({ declaration: { names } }) =>
    names.flatMap(({ argument }) => argument?.words.map(({ placeholder = '' }) => placeholder) ?? []),
  );
  const text = run.at(-1)?.pieces.map(({ line, start, end }) => ` ${line.text.slice(start, end)} `) ?? [];
  const told = new Set(text.flatMap((line) => line.match(/[\w-]+/g) ?? []));
  return words?.some((word) => /^[A-Z]/.test(word) && told.has(word)) === true;
}

/** The lines around each run of unread lines that look like entries, from the one before it to the one behind it. */
function besideUnread(lines: readonly LineWithRole[]): [TextLine, TextLine][] {
  const found: [TextLine, TextLine][] = [];
  for (let i = 0; i < lines.length; i++) {
    if (!isUnreadEntry(lines[i])) continue;
    const from = i;
    while (isUnreadEntry(lines[i + 1])) i++;
    const first = neighbour(lines[from - 1]) ?? lines[from]?.line;
    const last = neighbour(lines[i + 1]) ?? lines[i]?.line;
    if (first !== undefined && last !== undefined) found.push([first, last]);
  }
  return found;
}

/** The last lines of entries without a text right above a line at their indentation that is no entry: their names may go on there. */
function cutEntries(entries: readonly OptionEntry[], lines: readonly LineWithRole[]): TextLine[] {
  return entries.flatMap(({ pieces, declaring, nextLine }) => {
    const line = declaring.at(-1)?.line;
    const below = lines[nextLine];
    const mayGoOn = below?.role === 'unread' || below?.role === 'heading';
    const isCut = mayGoOn && pieces.length === 0 && line?.index === nextLine - 1;
    return isCut && below.line.indent === line.indent ? [line] : [];
  });
}

function isUnreadEntry(one: LineWithRole | undefined): boolean {
  return one?.role === 'unread' && looksLikeEntry(one.line);
}

/** A line beside others; undefined where it is blank, or a heading that parts them from what stands behind it. */
function neighbour(one: LineWithRole | undefined): TextLine | undefined {
  return one === undefined || one.role === 'blank' || one.role === 'heading' ? undefined : one.line;
}

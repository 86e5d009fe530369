import { USAGE_WORDS } from './heading-words.ts';
import { notationParagraph } from './notation-paragraph.ts';
import { synopsesBetweenBars } from './pipelines.ts';
import { columnAt, indexAtColumn, type TextLine, type TextPiece } from './text-line.ts';
import { unannounced } from './unannounced-usage.ts';
import { ANOTHER_FORM, continuesUsage, firstWord, isListed } from './usage-continuation.ts';
import type { UsageForm, UsageLines } from './usage-found.ts';
import { withoutText } from './usage-text.ts';

const ANNOUNCEMENT = new RegExp(`^\\s*(?:${USAGE_WORDS})\\s*(?:::?|：|$)\\s*`, 'iu');
/** A heading of a manual page with the first synopsis beside it. */
const CAPITAL_ANNOUNCEMENT = /^(?:SYNOPSIS|USAGE)\s{2,}(?=\S)/;
/** `Usage of tiffin:` is a heading over the options, and no synopsis. */
const LOOSE_ANNOUNCEMENT = /^\s*usage\s+(?!of\s+\S+:$)(?=\S)/i;
/** Behind a sentence, or the name of the program as messages have it: `tiffin: usage: tiffin BOX`. */
const LATE_ANNOUNCEMENT =
  /^(?:[A-Z][^.]{1,80}\.\s+usage:\s*$|[A-Z][^.;]{1,60}; usage:\s*|[\w./-]{1,100}: (?:[\w ]{1,40}: ){0,2}usage:\s*)/i;
/** `box: box [--late] <day>`: the name, and behind it the synopsis. */
const NAMED = /^([\w.-]{1,60}): (?=\1 .{0,200}[[<])/;
const LINES_LIMIT = 400;

/** Finds the synopses of a help text. */
export function findUsage(lines: readonly TextLine[]): UsageLines {
  for (const line of lines) {
    const match =
      ANNOUNCEMENT.exec(line.text) ??
      CAPITAL_ANNOUNCEMENT.exec(line.text) ??
      (line.indent <= 1 ? announcementAtMargin(line.text) : null);
    if (match === null || isInsideText(line, lines)) continue;
    const behind = line.text.slice(match[0].length, match[0].length + 300);
    const next = lines[below(lines, line.index)];
    const text = behind.trim() === '' ? notationOf(next) : behind;
    // `Usage:` with nothing but a heading, or options with their texts, below it.
    const isAboveOptions = next?.text[next.first] === '-' && isListed(next);
    if (behind.trim() === '' && (/^\s*[A-Z][\w ]{2,40}:$/.test(text) || isAboveOptions)) continue;
    const headed = behind.trim() === '' ? headedForms(lines, line) : undefined;
    if (headed !== undefined) return headed;
    if (!isSentence(` ${text}`)) return announced(lines, line, match[0].length);
  }
  return qualified(lines) ?? notationParagraph(lines) ?? unannounced(lines);
}

function announcementAtMargin(text: string): RegExpExecArray | null {
  return LOOSE_ANNOUNCEMENT.exec(text) ?? LATE_ANNOUNCEMENT.exec(text) ?? NAMED.exec(text);
}

/** The line below another, or behind an empty line or two. */
function below(lines: readonly TextLine[], index: number): number {
  let at = index + 1;
  while (lines[at]?.blank && at < index + 3) at++;
  return at;
}

/** `Basic usage:`, `First way of usage:`: a heading with the word among others. */
const QUALIFIED_HEADING = /^\s*[A-Z][\w-]{0,30} (?:[a-z]{1,30} ){0,3}usage(?: [a-z]{1,30}){0,2}:\s*$/;

/** Synopses in notation below headings such as `Basic usage:`, where no other heading announces them; undefined where there are none. */
function qualified(lines: readonly TextLine[]): UsageLines | undefined {
  const found = lines.flatMap((line) => {
    const below = lines[line.index + 1];
    const isAbove =
      QUALIFIED_HEADING.test(line.text.slice(0, 200)) &&
      below !== undefined &&
      below.indent > line.indent &&
      /^\s*[\w./-]+ .*[[<]/.test(below.text.slice(0, 300));
    return isAbove ? [announced(lines, line, line.text.length)] : [];
  });
  if (found.length === 0) return undefined;
  const taken = new Set(found.flatMap((usage) => [...usage.taken]));
  return { forms: found.flatMap(({ forms }) => forms), taken, announced: true, isPath: false };
}

/** What a line has in front of a text: `tiffin -q   -- be quiet`. */
function notationOf(line: TextLine | undefined): string {
  const text = line?.text.trim().slice(0, 300) ?? '';
  return /^.*?(?=\s{2,}|\t| --? )/.exec(text)?.[0] ?? text;
}

/** So deep, right below another line or its paragraph, stands the text of an entry. */
const TEXT_COLUMN = 12;

function isInsideText(line: TextLine, lines: readonly TextLine[]): boolean {
  if (line.indent < TEXT_COLUMN) return false;
  const [before, above] = [lines[line.index - 1], lines[line.index - 2]];
  if (before !== undefined && !before.blank) return true;
  // Behind an empty line, where a text above begins at its column.
  return above !== undefined && !above.blank && beginsAt(above, line.indent);
}

/** Whether a line has a word at a column, with two blanks before it or nothing. */
function beginsAt(line: TextLine, column: number): boolean {
  const at = indexAtColumn(line, column);
  return at !== undefined && /^\S/.test(line.text.slice(at)) && /(?:^|\s)\s$/.test(line.text.slice(0, at));
}

/** A heading over some of the synopses: `Planning mode (default):` */
const SUBHEADING = /^\s*[A-Z][^.[\]<>|]{2,60}:$/;

/**
 * Synopses below headings of their own, between which sentences may stand: they begin with the word that begins the first of them. Undefined
 * where no heading stands first.
 */
function headedForms(lines: readonly TextLine[], line: TextLine): UsageLines | undefined {
  const at = below(lines, line.index);
  const heading = lines[at];
  const first = lines[at + 1];
  if (heading === undefined || first === undefined || !SUBHEADING.test(heading.text)) return undefined;
  if (first.blank || first.indent <= heading.indent || first.text[first.first] === '-') return undefined;
  const program = firstWord(first, first.first);
  const forms: UsageForm[] = [];
  const taken = new Set([line.index]);
  for (let i = at; i < lines.length && i < line.index + LINES_LIMIT; i++) {
    const next = lines[i];
    if (next === undefined || next.blank) break;
    if (next.indent !== first.indent || firstWord(next, next.first) !== program) continue;
    forms.push({ pieces: [{ line: next, start: next.first, end: withoutText(next, next.first) }] });
    taken.add(next.index);
  }
  // One synopsis is one: that the first word comes again shows that it is the program.
  return forms.length < 2 ? undefined : { forms, taken, announced: true, isPath: false };
}

function announced(lines: readonly TextLine[], line: TextLine, afterMark: number): UsageLines {
  const taken = new Set<number>();
  const body: TextPiece[] = [];
  let end = line.index;
  let next: Announcement | undefined = { line, afterMark };
  while (next !== undefined) {
    end = readAnnounced(lines, next, body, taken);
    const above: TextPiece | undefined = body[0];
    next = above && announcedAgain(lines, end, firstWord(above.line, markEnd(above.line, above.start)));
  }
  for (const later of laterForms(lines, body, end)) {
    taken.add(later.index);
    body.push({ line: later, start: later.first, end: later.text.length });
  }
  return { forms: splitForms(withoutLabels(body)), taken, announced: true, isPath: false };
}

/** A line that announces synopses, and the index behind the words that do. */
interface Announcement {
  readonly line: TextLine;
  readonly afterMark: number;
}

/** Adds the lines of the synopses that one line announces to `body` and `taken`; gives the index of the line behind them. */
function readAnnounced(
  lines: readonly TextLine[],
  { line, afterMark }: Announcement,
  body: TextPiece[],
  taken: Set<number>,
): number {
  taken.add(line.index);
  const own: TextPiece[] = [];
  const add = (piece: TextPiece) => {
    taken.add(piece.line.index);
    own.push(piece);
    body.push(piece);
  };
  if (afterMark < line.text.length) add({ line, start: afterMark, end: line.text.length });
  // `Usage:` alone: the synopses may stand behind an empty line.
  let i = own.length === 0 ? below(lines, line.index) : line.index + 1;
  for (; i < lines.length && i < line.index + LINES_LIMIT; i++) {
    const next = lines[i];
    if (next === undefined || next.blank) break;
    if (own.length > 0 && OR_ALONE.test(next.text)) {
      taken.add(next.index);
      continue;
    }
    if (!continuesUsage(next, line, own, afterMark)) break;
    add({ line: next, start: next.first, end: next.text.length });
  }
  return i;
}

const OR_ALONE = /^\s*or:?\s*$/i;

/** `Usage: tiffin box`, and right below it, or behind a blank line, `Usage: tiffin round`: the next such line with the same program. */
function announcedAgain(lines: readonly TextLine[], from: number, program: string): Announcement | undefined {
  const line = lines[lines[from]?.blank ? from + 1 : from];
  const match = line && ANNOUNCEMENT.exec(line.text);
  if (line === undefined || !match || firstWord(line, match[0].length) !== program || program === '')
    return undefined;
  return { line, afterMark: match[0].length };
}

/**
 * Further synopses below the text of the first: `tiffin box [--late] <day>`, a paragraph deeper than it, and `tiffin round <day>`. They stand
 * at the indentation of the first, begin with its first word and go on in notation; what is no deeper than they are ends them.
 */
function laterForms(lines: readonly TextLine[], body: readonly TextPiece[], from: number): TextLine[] {
  const [opening] = body;
  if (opening === undefined || opening.start !== opening.line.first || opening.line.indent === 0) return [];
  const program = firstWord(opening.line, opening.start);
  const found: TextLine[] = [];
  for (let i = from; i < lines.length && i < from + LINES_LIMIT; i++) {
    const line = lines[i];
    if (line === undefined || line.blank) continue;
    if (line.indent > opening.line.indent) {
      // More of a synopsis stands right below it, in notation.
      const isMore =
        found.at(-1)?.index === line.index - 1 && /^(?:[[<{|]|--?\w|\.{3})/.test(line.text.slice(line.first));
      if (isMore) found.push(line);
      continue;
    }
    const isForm = line.indent === opening.line.indent && firstWord(line, line.first) === program;
    if (!isForm || !/[[<{]|\s--?\w/.test(line.text.slice(0, 300))) break;
    found.push(line);
  }
  return found;
}

/** Words in a row, as a notice has them and no synopsis. */
function isSentence(text: string): boolean {
  return !/[[<{|]|\s--?\w/.test(text) && /(?:\s[a-z]+){4}/.test(text);
}

/** What a program can be called. */
function isName(word: string): boolean {
  return /^[\w./-]*\w$/.test(word) && !word.startsWith('-');
}

function splitForms(body: readonly TextPiece[]): UsageForm[] {
  const forms: TextPiece[][] = [];
  const first = body[0];
  if (first === undefined) return [];
  const program = firstWord(first.line, markEnd(first.line, first.start));
  const programs = new Set(
    body.map(({ line, start }) => firstWord(line, markEnd(line, start))).filter(isName),
  );
  for (const [i, piece] of body.entries()) {
    const or = ANOTHER_FORM.exec(piece.line.text.slice(0, piece.end));
    const isOther = or !== null && or[0].length > piece.start;
    const start = markEnd(piece.line, isOther ? or[0].length : piece.start);
    const text = { line: piece.line, start, end: synopsisEnd(piece.line, start, body[i + 1], program) };
    // Below `Usage:`, a word alone at the indentation of the first synopsis is another name of the command.
    const isName =
      piece !== first &&
      piece.line.indent === first.line.indent &&
      first.start === first.line.first &&
      /^[a-z][\w:.-]*$/.test(piece.line.text.slice(start));
    const parts = synopsesBetweenBars(text, programs);
    if (parts !== undefined) {
      for (const part of parts) forms.push([part]);
      continue;
    }
    if (forms.length === 0 || isOther || isName || firstWord(piece.line, start) === program)
      forms.push([text]);
    else forms.at(-1)?.push(text);
  }
  return withoutAlignedTexts(forms).map((pieces) => ({ pieces }));
}

/** Where a synopsis ends in a line: before its text, or before an `or` that leads to another below it. */
function synopsisEnd(line: TextLine, start: number, next: TextPiece | undefined, program: string): number {
  const end = withoutText(line, start);
  const leads = next !== undefined && firstWord(next.line, next.start) === program;
  const or = leads ? /\s+or\s*$/i.exec(line.text.slice(Math.max(start, end - 80), end)) : null;
  return or === null ? end : end - or[0].length;
}

/** Synopses without a text that begins, behind two blanks, at the column where that of another synopsis does, whatever it begins with. */
function withoutAlignedTexts(forms: readonly (readonly TextPiece[])[]): readonly (readonly TextPiece[])[] {
  const columns = new Set(forms.flatMap(([piece]) => (piece === undefined ? [] : textColumn(piece))));
  if (columns.size === 0) return forms;
  return forms.map(([piece, ...more]) => {
    if (piece === undefined || textColumn(piece).length > 0) return [...(piece ? [piece] : []), ...more];
    const at = [...columns]
      .map((column) => indexAtColumn(piece.line, column))
      .find((i) => isBehindGutter(piece, i));
    return [
      at === undefined ? piece : { ...piece, end: piece.line.text.slice(0, at).trimEnd().length },
      ...more,
    ];
  });
}

/** The column of the text that was taken off a synopsis. */
function textColumn({ line, end }: TextPiece): number[] {
  const gap = /^\s{2,}(?=\S)/.exec(line.text.slice(end, end + 200));
  return gap === null ? [] : [columnAt(line, end + gap[0].length)];
}

function isBehindGutter({ line, start }: TextPiece, at: number | undefined): boolean {
  return (
    at !== undefined &&
    at > start &&
    /\S\s+$/.test(line.text.slice(start, at)) &&
    /\s\s$/.test(line.text.slice(0, at))
  );
}

/** Passes over a shell prompt in front of a synopsis, and over what it is for: `All boxes: tiffin --all`. */
function markEnd(line: TextLine, start: number): number {
  const prompt = /^(?:[$%>▸❯»→]|\d\.|[A-Z][a-z]*(?: [a-z]+){0,6}:)\s+(?=\S)/.exec(
    line.text.slice(start, start + 80),
  );
  return start + (prompt?.[0].length ?? 0);
}

/** `late mode: tiffin -l`, with a name of the program behind it. */
const SMALL_LABEL = /^[a-z]+(?: [a-z]+){0,6}:\s+(?=([\w./-]+))/;

/** Synopses without what each is for, where all have it in small letters and one program behind it: one alone may be an operand. */
function withoutLabels(body: readonly TextPiece[]): readonly TextPiece[] {
  const indent = body[0]?.line.indent;
  const labels = body.map(({ line, start }) =>
    line.indent === indent ? SMALL_LABEL.exec(line.text.slice(start, start + 80)) : null,
  );
  const programs = body.flatMap(({ line }, i) => (line.indent === indent ? [labels[i]?.[1]] : []));
  const isEach = programs.length > 1 && programs[0] !== undefined && new Set(programs).size === 1;
  return isEach
    ? body.map((piece, i) => ({ ...piece, start: piece.start + (labels[i]?.[0].length ?? 0) }))
    : body;
}

import { USAGE_WORDS } from './heading-words.ts';
import { labelledSynopses } from './labelled-synopses.ts';
import { notationParagraph } from './notation-paragraph.ts';
import { indexAtColumn, type TextLine, type TextPiece } from './text-line.ts';
import { unannounced } from './unannounced-usage.ts';
import { continuesUsage, firstWord, isListed } from './usage-continuation.ts';
import { markEnd, splitForms, withoutLabels } from './usage-forms.ts';
import type { UsageLines } from './usage-found.ts';
import { withoutText } from './usage-text.ts';

/** `Usage:`, also as a heading with marks, `# Usage`, `*Usage*`. */
const ANNOUNCEMENT = new RegExp(
  `^\\s*(?:(?:${USAGE_WORDS})\\s*(?:::?|：| [-=>]{1,2}(?= |$)|$)|call(?:ed as)?:|#{1,4} (?:${USAGE_WORDS}):?\\s*$|(\\*{1,2})(?:${USAGE_WORDS}):?\\1:?\\s*$)\\s*`,
  'iu',
);
/** `usage: one of:` above several. */
const ABOVE_SEVERAL = /^\s*usage:\s*(?:is )?(?:one|any) of(?: these| the following)?:?\s*$/i;
/** A heading of a manual page with the first synopsis beside it. */
const CAPITAL_ANNOUNCEMENT = /^(?:SYNOPSIS|USAGE)\s{2,}(?=\S)/;
/** `Usage of tiffin:` is a heading over the options, and no synopsis. */
const LOOSE_ANNOUNCEMENT = /^\s*usage\s+(?!of\s+\S+:$)(?=\S)/i;
/** Behind a sentence, or the name of the program as messages have it: `tiffin: usage: tiffin BOX`. */
const LATE_ANNOUNCEMENT =
  /^(?:[A-Z][^.]{1,80}\.\s+usage:\s*$|[A-Z][^.;]{1,60}; usage:\s*|[\w./-]{1,100}: (?:[\w ]{1,40}: ){0,2}usage:\s*)/i;
/** `Usage for tiffin: tiffin [--late] <day>` */
const FOR_PROGRAM = /^\s*usage (?:for|of) ([\w./-]{1,60}):\s+(?=\1 )/i;
/** `/usr/bin/tiffin syntax : /usr/bin/tiffin [-l] <day>` */
const BEHIND_PROGRAM = /^([\w./-]{1,100}) (?:usage|syntax) ?: (?=\1 )/i;
/** `box: box [--late] <day>`: the name, and behind it the synopsis. */
const NAMED = /^([\w.-]{1,60}): (?=\1 .{0,200}[[<])/;
const LINES_LIMIT = 400;

/** Finds the synopses of a help text. */
export function findUsage(lines: readonly TextLine[]): UsageLines {
  for (const line of lines) {
    const match =
      ABOVE_SEVERAL.exec(line.text) ??
      ANNOUNCEMENT.exec(line.text) ??
      CAPITAL_ANNOUNCEMENT.exec(line.text) ??
      (line.indent <= 1 ? announcementAtMargin(line.text) : null);
    if (match === null || isInsideText(line, lines)) continue;
    const behind = line.text.slice(match[0].length, match[0].length + 300);
    const next = lines[below(lines, line.index)];
    const text = behind.trim() === '' ? notationOf(next) : behind;
    // `Usage:` with nothing but a heading, or options with their texts, below it.
    const isAboveOptions = next?.text[next.first] === '-' && (isListed(next) || isFirstOfList(next, lines));
    if (behind.trim() === '' && (/^\s*[A-Z][\w ]{2,40}:$/.test(text) || isAboveOptions)) continue;
    const headed = behind.trim() === '' ? headedForms(lines, line) : undefined;
    if (headed !== undefined) return headed;
    if (!isSentence(` ${text}`)) return announced(lines, line, match[0].length);
  }
  return qualified(lines) ?? labelledSynopses(lines) ?? notationParagraph(lines) ?? unannounced(lines);
}

function announcementAtMargin(text: string): RegExpExecArray | null {
  return (
    FOR_PROGRAM.exec(text) ??
    BEHIND_PROGRAM.exec(text) ??
    LOOSE_ANNOUNCEMENT.exec(text) ??
    LATE_ANNOUNCEMENT.exec(text) ??
    NAMED.exec(text)
  );
}

/** The line below another, or behind an empty line or two. */
function below(lines: readonly TextLine[], index: number): number {
  let at = index + 1;
  while (lines[at]?.blank && at < index + 3) at++;
  return at;
}

/** `Basic usage:`, `First way of usage:`: a heading with the word among others. */
const QUALIFIED_HEADING = /^\s*[A-Z][\w-]{0,30} (?:[a-z]{1,30} ){0,3}[Uu]sage(?: [a-z]{1,30}){0,2}:\s*$/;

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

/** Whether the line below an option is one too, at the same indentation: no synopsis begins without its program twice. */
function isFirstOfList(line: TextLine, lines: readonly TextLine[]): boolean {
  const after = lines[line.index + 1];
  return after !== undefined && after.indent === line.indent && /^--?\w/.test(after.text.slice(after.first));
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
/** The same in small letters, no deeper than the synopses: `server:` */
const PLAIN_SUBHEADING = /^\s*[a-z][\w -]{2,40}:$/;
/** A program, and behind it what only a synopsis has. */
const IN_NOTATION = /^\s*[\w./-]{1,100} .{0,200}?(?:[[<]|(?<=\s)-\w)/;

/**
 * Synopses below headings of their own, between which sentences may stand: they begin with the word that begins the first of them. Undefined
 * where no heading stands first.
 */
function headedForms(lines: readonly TextLine[], line: TextLine): UsageLines | undefined {
  const at = below(lines, line.index);
  const heading = lines[at];
  const first = lines[at + 1];
  if (heading === undefined || first === undefined || !isSubheading(heading, first)) return undefined;
  const program = firstWord(first, first.first);
  const forms: TextPiece[][] = [];
  const taken = new Set([line.index]);
  for (let i = at; i < lines.length && i < line.index + LINES_LIMIT; i++) {
    const next = lines[i];
    const isEnd = next === undefined || (next.blank && !isHeadedAgain(lines, i, first));
    if (isEnd) break;
    const isForm = next.indent === first.indent && firstWord(next, next.first) === program;
    const isMore = next.indent > first.indent && /^\s*[[<]/.test(next.text) && taken.has(i - 1) && i > at + 1;
    if (!isForm && !isMore) continue;
    if (isForm) forms.push([]);
    forms.at(-1)?.push({ line: next, start: next.first, end: withoutText(next, next.first) });
    taken.add(next.index);
  }
  // One synopsis is one: that the first word comes again shows that it is the program.
  return forms.length < 2
    ? undefined
    : { forms: forms.map((pieces) => ({ pieces })), taken, announced: true, isPath: false };
}

/** Whether a line is a heading over the synopsis right below it. */
function isSubheading(heading: TextLine, first: TextLine): boolean {
  if (first.blank || first.text[first.first] === '-') return false;
  if (first.indent > heading.indent) return SUBHEADING.test(heading.text);
  return (
    first.indent === heading.indent &&
    PLAIN_SUBHEADING.test(heading.text) &&
    IN_NOTATION.test(first.text.slice(0, 400))
  );
}

/** Whether an empty line stands above a further heading with a synopsis of the same program, as the first one has it. */
function isHeadedAgain(lines: readonly TextLine[], blank: number, form: TextLine): boolean {
  const [heading, next] = [lines[blank + 1], lines[blank + 2]];
  return (
    heading !== undefined &&
    next !== undefined &&
    next.indent === form.indent &&
    firstWord(next, next.first) === firstWord(form, form.first) &&
    isSubheading(heading, next)
  );
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
    if (next?.blank && isProgramAlone(own) && areBracketed(lines, i + 1)) {
      for (i++; BRACKETED.test(lines[i]?.text.slice(0, 200) ?? ''); i++) {
        const option = lines[i];
        if (option !== undefined) add({ line: option, start: option.first, end: option.text.length });
      }
      break;
    }
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

/** Whether nothing but one word was announced so far. */
function isProgramAlone([piece, ...others]: readonly TextPiece[]): boolean {
  return (
    piece !== undefined &&
    others.length === 0 &&
    /^\S+\s*$/.test(piece.line.text.slice(piece.start, piece.end))
  );
}

/** Options in brackets, one to a line: the first may stand without them, since it must be given. */
function areBracketed(lines: readonly TextLine[], from: number): boolean {
  const [first, second] = [lines[from], lines[from + 1]];
  if (first === undefined || second === undefined) return false;
  return (
    BRACKETED.test(first.text.slice(0, 200)) && /^\s*\[/.test(second.text) && BRACKETED.test(second.text)
  );
}

/** `[ -b <box>  | --box=<box> ]`, with nothing behind it. */
const BRACKETED = /^\s*(?:\[ ?--?\w[^[\]]{0,150}\]?|--?\w[^[\]|]{0,60}\|[^[\]|]{0,60})\s*$/;

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
  return !/[[<{|]|\s--?\w/.test(text) && /(?:\s[a-z]+){4}|[a-z]\. [A-Z][a-z]+ [a-z]+ /.test(text);
}

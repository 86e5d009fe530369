import type { LineRole } from '../../source/help-annotation.ts';
import { isLabel } from './headings.ts';
import type { TextLine } from './text-line.ts';

/** An option, as an entry begins. */
const LIKE_OPTION = /^\s*[-+]{1,2}\w/;
/** A name, with a word or two behind it, and a text behind a gutter. */
const LIKE_WORD = /^\s*[\p{L}<[{(]\S{0,40}(?: \S{1,20}){0,2}(?:\s{2,}|\t)\S/u;
/** A cell that is no name, and what it means: `%a   the day`. */
const LIKE_ROW = /^\s*\S{1,20}(?:\s{2,}|\t)\S/;
/** A cell of a letter or two in capitals, with marks: `N-M   from one to the other`. */
const LIKE_NUMBER = /^\s*-?[A-Z]{1,2}(?:-[A-Z]{0,2})?(?:\s{2,}|\t)\S/;
/** Words in a row, as in sentences. */
const SENTENCE = /(?:^|\s)[\p{L}'’(-]+(?:\s[\p{L}'’,()-]+){2,}/u;
/** A line that begins with a capital and ends with a word and a full stop: `Without --late, 3 is used.` */
const WHOLE_SENTENCE = /^\s*\p{Lu}[\p{L}'’-]*,?(?: \S+){2,} [\p{L}'’]{2,}\.$/u;
/** A prompt, or a command line that a backslash breaks. */
const COMMAND_LINE = /^\s*[$%>#] \S|\\$/;
/** Three cells or more. */
const TABLE_ROW = /^\s*\S+(?: \S+)*(?:(?:\s{2,}|\t)\S+(?: \S+)*){2,}$/;
/** Nothing but marks: a rule, or what is left of a frame. */
const RULE = /^\W+$/;
/** Pages of a manual, as its first and last line and its references name them: `TIFFIN(1)`, `box-list(1), route(5)`. */
const MANUAL_PAGES = /^\s*[\w.:+-]+\(\d\w{0,3}\)(?:[\s,]|$)|\s[\w.:+-]+\(\d\w{0,3}\)$/;
/** An address, or a mark with one behind it. */
const ADDRESS = /^\s*(?:[\p{L}-]+\s*:\s*)?<?(?:https?:\/\/\S+|\S+@[^\s@]+\.\S+)>?$/u;
/** What stands beside the name of a program: `(version: 1.4)`, `License: MIT`. */
const IMPRINT =
  /^\s*\(?(?!\w+ (?:is|are|was|of|to|and|or|can|may|will|which|that|you)\b)(?:version|author|licen[cs]e|copyright|home ?page|docs|web|e-?mail|contact|irc)\b.*/i;

/** `--late and --open tell`: each name can be read in one way only, so that none is tried twice. */
const SPEAKS_OF_OPTIONS = /^\s*(?:-{1,2}\w[\w-]*,? )+(?:and|is|are|or|does) [a-z-]/;

/** `--late defaults to noon.`: a sentence in one line that begins with the name of an option. */
const SENTENCE_OF_OPTION =
  /^\s*-{1,2}\w[\w-]* (?:is|was|can|may|must|should|does|has|takes|means|implies|requires|needs|overrides|defaults|replaces|works) [a-z\d](?:(?! {2}).)*\.$/;

/** `attributes.  They may be left out`: two blanks behind the end of a sentence. */
const ENDS_SENTENCE = /^\s*\S+[.!?] {2}[A-Z(]/;

/** Running text is not broken before this column. */
const MIN_WIDTH = 50;

/** So much of a line is looked at. */
const LOOKED_AT = 400;

/** What is known of the place of a line. */
export interface Around {
  /** The kind of its section; undefined for a heading. */
  readonly kind: string | undefined;
  /** Whether nothing is read behind it. */
  readonly isBehind: boolean;
  readonly program: string | undefined;
}

/** The role of a line from which nothing was taken. `roles` are those of the lines before it. */
export function unclaimedRole(
  line: TextLine,
  lines: readonly TextLine[],
  roles: readonly LineRole[],
  around: Around,
): LineRole {
  if (line.blank) return 'blank';
  const next = lines[line.index + 1];
  if (isLabel(line) && next !== undefined && !next.blank && next.indent > line.indent) return 'heading';
  const text = line.text.slice(0, LOOKED_AT);
  const isSentence = readsAsSentence(text);
  if (isExampleLine(line, lines, roles.at(-1), around)) return 'example';
  if (TABLE_ROW.test(text) && !isSentence && isTableRow(lines[line.index - 1], lines[line.index + 1]))
    return 'table';
  const running = around.isBehind ? 'epilogue' : 'prose';
  if (RULE.test(text)) return running;
  if (isBelowUnread(line, lines, roles)) return 'unread';
  if (MANUAL_PAGES.test(text) || ADDRESS.test(text) || IMPRINT.test(text))
    return around.isBehind ? 'epilogue' : 'title';
  if (isJustified(line, lines)) return running;
  if (looksLikeEntry(line)) return goesOnWithText(line, lines, roles) ? running : 'unread';
  if (LIKE_ROW.test(text) && !ENDS_SENTENCE.test(text)) return 'table';
  // The last words of a sentence may stand alone in their line.
  const before = lines[line.index - 1];
  const goesOn = before !== undefined && !before.blank && SENTENCE.test(before.text.slice(0, LOOKED_AT));
  return isSentence || goesOn ? running : 'unread';
}

function readsAsSentence(text: string): boolean {
  return [SENTENCE, WHOLE_SENTENCE, SENTENCE_OF_OPTION].some((form) => form.test(text));
}

/** Whether a line shows what the program is called with, or stands among lines that do. `before` is the role of the line above. */
function isExampleLine(
  line: TextLine,
  lines: readonly TextLine[],
  before: LineRole | undefined,
  { kind, program }: Around,
): boolean {
  const { text, first } = line;
  // What stands between examples at the margin speaks of them.
  const isSentence = readsAsSentence(text.slice(0, LOOKED_AT));
  const isAddress = line.indent === 0 && ADDRESS.test(text);
  const isRemark =
    isAddress || (line.indent === 0 && isSentence && (before === 'prose' || /^[\p{Lu}-]/u.test(text)));
  if ((kind === 'examples' && !isRemark) || COMMAND_LINE.test(text)) return true;
  const at = first + (/^examples?:\s+/i.exec(text.slice(first, first + LOOKED_AT))?.[0].length ?? 0);
  const isOfProgram = program !== undefined && text.startsWith(`${program} `, at);
  // A text may stand beside it: `tiffin help box    more about boxes`.
  if (isOfProgram) {
    const behind = text.slice(at + program.length, at + LOOKED_AT);
    // `tiffin carries boxes home (unless --late is given)`
    if (/^(?: [a-z][a-z'-]*){3,}(?=[ ,.;(])/.test(behind) && !/\S(?: {2,}|\t)/.test(behind)) return false;
    return /\S(?: {2,}|\t)| -/.test(text) || !isSentence || isSetOff(line, lines, before);
  }
  // `--sort=owner` alone, below a sentence that leads to it.
  if (!LIKE_OPTION.test(text) || isSentence || /\S(?: {2,}|\t)/.test(text)) return false;
  const above = lines.slice(Math.max(0, line.index - 2), line.index).findLast(({ blank }) => !blank);
  return (
    above !== undefined &&
    above.indent <= line.indent &&
    /[a-z,]:?$/.test(above.text) &&
    SENTENCE.test(above.text.slice(0, LOOKED_AT))
  );
}

/** Whether a line is no end of a sentence, and stands behind a blank line, deeper than the text above it, or right below another example. */
function isSetOff(
  { text, index, indent }: TextLine,
  lines: readonly TextLine[],
  before: LineRole | undefined,
): boolean {
  if (/[.!?;,]$/.test(text)) return false;
  if (before === 'example') return lines[index - 1]?.indent === indent;
  const above = lines[index - 2];
  return before === 'blank' && above !== undefined && !above.blank && above.indent < indent;
}

/**
 * Whether a line is one of running text that was stretched to the margin: it is long, and the line right below goes on with words in small letters at
 * its own indentation, where the text of an entry would stand deeper.
 */
function isJustified({ text, index, indent }: TextLine, lines: readonly TextLine[]): boolean {
  const next = lines[index + 1];
  if (next === undefined || next.blank || next.indent !== indent || text.length < MIN_WIDTH) return false;
  const below = next.text.slice(next.first, next.first + LOOKED_AT);
  return /^[a-z]+[ ,]/.test(below) && SENTENCE.test(below) && !/^\S+(?: {3,}|\t)/.test(below);
}

/** So far above a line its entry is looked for. */
const ENTRY_LIMIT = 50;

/** Whether a line stands among entries that could not be read: deeper than one, or as an entry itself right below one. */
export function isBelowUnread(
  line: TextLine,
  lines: readonly TextLine[],
  roles: readonly LineRole[],
): boolean {
  for (let i = line.index - 1; i >= Math.max(0, line.index - ENTRY_LIMIT); i--) {
    const above = lines[i];
    if (above === undefined || roles[i] !== 'unread') return false;
    if (i === line.index - 1 && looksLikeEntry(line)) return true;
    if (above.indent < line.indent) return true;
  }
  return false;
}

/** Whether a line goes on with running text above it: entries begin behind a blank line, a heading, or another entry. */
function goesOnWithText(line: TextLine, lines: readonly TextLine[], roles: readonly LineRole[]): boolean {
  const before = lines[line.index - 1];
  const role = roles[line.index - 1];
  const isRunning = role === 'prose' || role === 'epilogue' || role === 'example' || role === 'title';
  return isRunning && before !== undefined && !before.text.endsWith(':') && before.indent <= line.indent;
}

/** Whether a line looks like an entry of a list: names with a text behind a gutter, or an option. */
export function looksLikeEntry({ text: long }: TextLine): boolean {
  const text = long.slice(0, LOOKED_AT);
  if (LIKE_NUMBER.test(text) || /[.!?] {2}\S/.test(text)) return false;
  // `--late and --open tell ...` speaks of options; a gutter parts names from their text.
  if (LIKE_OPTION.test(text)) return !SPEAKS_OF_OPTIONS.test(text) && !SENTENCE_OF_OPTION.test(text);
  return LIKE_WORD.test(text);
}

function isTableRow(...others: readonly (TextLine | undefined)[]): boolean {
  return others.some((other) => other !== undefined && TABLE_ROW.test(other.text.slice(0, LOOKED_AT)));
}

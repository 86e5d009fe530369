import { ANY_COMMAND, ANY_OPTIONS } from '../../notation/usage-words.ts';
import { indexAtColumn, type TextLine, type TextPiece } from './text-line.ts';

/** A word in front of one more synopsis. */
export const ANOTHER_FORM = /^\s*(?:or|oder|ou|o|lub|или)?\s*:\s+|^\s*or\s+/i;

/** Whether a line goes on with the synopses above it: `first` announces them, `body` is what they have so far. */
export function continuesUsage(
  next: TextLine,
  first: TextLine,
  body: readonly TextPiece[],
  afterMark: number,
): boolean {
  if (next.text[next.first] === '#' || NAME_AND_VERSION.test(next.text.slice(0, 100))) return false;
  if (body.length === 0 || isBroken(body.at(-1))) return true;
  if (ANOTHER_FORM.test(next.text)) return true;
  if (BRACKETED_WITH_TEXT.test(next.text.slice(0, 200))) return false;
  if (COMMAND_WITH_TEXT.test(next.text.slice(0, 200)) && endsInCommand(body)) return false;
  const startsBelow = afterMark >= first.text.length;
  const opening = body[0];
  if (isShownAbove(next, body) || OPERAND_AND_TEXT.test(next.text.slice(next.first, next.first + 200)))
    return false;
  if (startsBelow) {
    // `/usr/bin/tiffin send box label`: no sentence begins with the path of a program.
    const word = firstWord(next, next.first);
    if (word.startsWith('/') && opening && word === firstWord(opening.line, opening.start)) return true;
    if (opening === undefined || next.indent < opening.line.indent || isProse(next)) return false;
    // Synopses below `Usage:` at its own indentation end where the text goes on with something else.
    return next.indent > 0 || word === firstWord(opening.line, opening.start);
  }
  if (isAligned(next, first, body)) return true;
  if (isProse(next) || (next.indent < afterMark && WORD_AND_SENTENCE.test(next.text.slice(0, 200))))
    return false;
  // Plain words further left than the program's name are a summary.
  if (next.indent > first.indent && next.indent < afterMark && !NOTATION.test(next.text)) return false;
  if (next.indent <= first.indent) return firstWord(next, next.first) === firstWord(first, afterMark);
  // An option list may follow at once; a synopsis goes on with brackets or under its own first words.
  return (
    next.text[next.first] !== '-' ||
    (!showsAnyOptions(body) &&
      (next.indent >= Math.min(8, afterMark) || /\s[[<]/.test(next.text)) &&
      !isListed(next) &&
      !LETTER_AND_TEXT.test(next.text))
  );
}

/** `[-q|--quiet]         say nothing`: an entry of a list, of which the names stand in brackets. */
const BRACKETED_WITH_TEXT =
  /^\s*\[--?\w[^[\]]{0,60}\](?: <[^<>]{1,40}>)?(?: {3,}|\t+)[A-Za-z][\w']*(?: [\w'(]|\.{3})/;

/** `add-box BOX [LID...]     put a box in`: an entry of a list of commands. */
const COMMAND_WITH_TEXT =
  /^\s+[a-z][\w-]*(?: (?:[A-Z]|\[|<)\S*)*(?: {2,}|\t+)\s*[A-Za-z][\w'/]* [a-z(][^[\]<>{}|]*$/;

/** Whether the synopses so far show a place for a command, `COMMAND [ARG...]`: the commands may follow at once. */
function endsInCommand(body: readonly TextPiece[]): boolean {
  return body.some(({ line, start, end }) =>
    line.text
      .slice(start, Math.min(end, start + 300))
      .split(/[\s[\]]+/)
      .some((word) => ANY_COMMAND.test(word)),
  );
}

/** `tiffin 2.1.0`, `tiffin version 2.1` */
const NAME_AND_VERSION = /^\s*[\w.-]{1,60},? (?:version |v)?\d+(?:\.\d+)+\w*$/i;

/** Whether a backslash at the end of a line breaks the synopsis there, as shells have it. */
function isBroken(piece: TextPiece | undefined): boolean {
  return piece?.line.text.endsWith(' \\') === true;
}

/** Whether the synopses so far have a word for all options, or for whatever is given (`parameters`): options in lines of their own are a list. */
function showsAnyOptions(body: readonly TextPiece[]): boolean {
  return body.some(({ line, start, end }) =>
    line.text
      .slice(start, Math.min(end, start + 300))
      .split(/\s+/)
      .some((word) => ANY_OPTIONS.test(word.replace(/\.{2,3}/, '')) || word === 'parameters'),
  );
}

/**
 * Whether a line begins with an option or an operand that the synopses above it show already, and goes on with words or has a gutter behind it: an entry of a list.
 */
function isShownAbove(line: TextLine, body: readonly TextPiece[]): boolean {
  const text = line.text.slice(line.first, line.first + 80);
  const name = /^--?\w[\w-]*(?=(?: <[^<>]{1,40}>)? +[A-Za-z][a-z]+(?: [A-Za-z]|$))/.exec(text)?.[0];
  // `-l   list`, where `[-lrv]` stands above.
  const letter = /^-(\w)(?: \S+)?(?:\t+| {2,})\s*[A-Za-z]/.exec(text)?.[1];
  const operand = OPERAND_WITH_TEXT.exec(text)?.[1];
  const opening = body[0];
  const program = opening && firstWord(opening.line, opening.start);
  if (operand !== undefined && operand !== program && isWordOf(operand, body)) return true;
  if (name === undefined && letter === undefined) return false;
  return body.some(({ line: above, start, end }) => {
    const words = above.text.slice(start, end).split(/[^\w-]+/);
    const isShown = (word: string) =>
      word === name || (letter !== undefined && /^-\w+$/.test(word) && word.includes(letter));
    return words.some(isShown);
  });
}

/** `box     The box to open`, `DAY...: Days of the week`: a word that may be an operand, and its text. */
const OPERAND_WITH_TEXT = /^([A-Za-z][\w-]{0,40})(?:\.{3})?(?:\t+| {2,}|: {1,4})[A-Z][a-z]+(?: [a-z\d]|$)/;

/** So much of each line of a synopsis is searched. */
const SEEN_OF_LINE = 2000;

/** Whether a word stands in the synopses above, as an operand does. */
function isWordOf(word: string, body: readonly TextPiece[]): boolean {
  return body.some(({ line, start, end }) =>
    line.text
      .slice(start, Math.min(end, start + SEEN_OF_LINE))
      .split(/[^\w-]+/)
      .includes(word),
  );
}

/** Whether a line goes on below the first words of a synopsis, or below a line that does: with notation or names, and no text in columns. */
function isAligned(next: TextLine, first: TextLine, body: readonly TextPiece[]): boolean {
  const opening = body[0];
  if (opening === undefined || next.indent <= first.indent + 1 || /\S\s{2,}\S|:$/.test(next.text.trim()))
    return false;
  // An option with a sentence behind it.
  if (next.text[next.first] === '-' && /(?:\s[a-z]+){3}/.test(next.text)) return false;
  const previous = body.at(-1);
  if (previous?.line !== first && previous?.line.index === next.index - 1)
    return previous.line.indent === next.indent;
  const at = indexAtColumn(first, next.indent);
  return at !== undefined && at > opening.start && first.text[at - 1] === ' ' && first.text[at] !== ' ';
}

const NOTATION = /[[\]<>{}|]|\.{3}|(?:^|\s)-|[A-Z]{2,}/;

/** `<box>      the box to open`: an entry of a list that follows a synopsis at once. */
const OPERAND_AND_TEXT = /^<[\w-]{1,40}>(?: {3,}|\t+)[A-Za-z][\w'/-]* [a-z]+ /;

/** `b/B      Print the box`: an entry of a list, whatever it begins with. */
const WORD_AND_SENTENCE = /^\s*[^\s[<{|-]\S{0,30}(?: {2,}|\t+)[A-Z][a-z]+ [a-z]+ /;

/** `-q print the day`, with a blank and no bracket: a list that follows a synopsis at once. */
const LETTER_AND_TEXT = /^\s*-\w [a-z]+ [a-z(][^[\]<>{}|]*$/;

/** An option with its text: `-q    be quiet`, `-q - be quiet`, `-q: be quiet`, `-q : be quiet`, `-q | --quiet    be quiet`. */
export function isListed(line: TextLine): boolean {
  const text = line.text.slice(line.first, line.first + 120);
  // A sentence behind a wide gutter, whatever stands in front of it.
  if (/^-[^[\]|]*\S(?: {3,}| {0,2}\t\s*)[A-Za-z(][\w'’]*(?: [a-z]\S*){1,3}/.test(text)) return true;
  return /^--?\w[^\s:]*(?: \| --?\S+)?(?: [^\s:]+)?(?:\t\s*| {2,}| +[-:#] +|: +)(?:[:=] +)?[A-Za-z(-]\S* [a-z]/.test(
    text,
  );
}

/** `[options] may be:`, `where the options are:` */
const LEADS_TO_LIST = /(?:^|\s)(?:is|are|(?:may|can|must) be)(?: one of)?:$/i;

/** A sentence or a heading below a synopsis is no part of it. */
function isProse(line: TextLine): boolean {
  const [text = ''] = line.text
    .slice(line.first, line.first + 200)
    .trimEnd()
    .split(/\s{2,}|\t/, 1);
  if (LEADS_TO_LIST.test(text)) return true;
  if (/^[A-Za-z][\w ]*:$/.test(text) || /^[A-Z][a-z]+(?: [a-z]{2,}){2}\b/.test(text)) return true;
  // `tiffin - carry boxes`: a name and what it is.
  if (/^[\w.-]+ (?:--?|[–—]) [A-Za-z]+ [A-Za-z]/.test(text)) return true;
  // Four plain words in a row are a sentence, whatever stands beside them.
  if (/^[\w<]/.test(text) && /(?:\s[a-z]{2,}){4}|^[A-Z][a-z]* .*(?:\s[a-z]{2,}){3}/.test(text)) return true;
  return !/[[\]<>{}|]|(?:^|\s)-/.test(text) && /(?:^|\s)[A-Za-z]{2,}(?: [a-z]+){2,}/.test(text);
}

/** The word that begins at an index. */
export function firstWord(line: TextLine, start: number): string {
  return /^\S*/.exec(line.text.slice(start, start + 200))?.[0] ?? '';
}

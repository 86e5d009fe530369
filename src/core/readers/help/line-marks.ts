/** What may stand before each line: the mark of a comment of a script, or the label of a message (`help:`). */
const MARK = /^[ \t]*(?:#+|-{3}|\/\/|[\w.-]{1,20}:)(?=\s|$)/;

/** This share of the lines that are not blank begins with the mark, where a script prints its own comment, or messages, as its help. */
const MIN_SHARE = 0.8;

/** A shorter text is no help. */
const MIN_LINES = 5;

/** A text of the same length without the marks of comments, or the label, that nearly all of its lines have. */
export function withoutLineMarks(text: string): string {
  const lines = text.split('\n');
  const filled = lines.filter((line) => line.trim() !== '');
  if (filled.length < MIN_LINES) return text;
  const mark = filled.map(markOf).find((one) => one !== undefined);
  if (mark === undefined) return text;
  const marked = filled.filter((line) => markOf(line) === mark).length;
  if (marked < filled.length * MIN_SHARE) return text;
  return lines
    .map((line) => (markOf(line) === mark ? line.replace(MARK, (found) => ' '.repeat(found.length)) : line))
    .join('\n');
}

/** A bullet in front of an option: `* --late`, `• -l, --late`, `- --late`, and `•     --late` below one with a letter. */
const OPTION_BULLET = /^([ \t]*)[*•‣◦·-](?= {1,8}(?:--?[A-Za-z]|--\[no-))/m;
const ALL_OPTION_BULLETS = new RegExp(OPTION_BULLET, 'gm');

/** The same in front of a synopsis: `* usage: tiffin BOX`. */
const USAGE_BULLET = /^([ \t]*)[*•‣◦·](?= {1,3}usage: )/gim;

const OPTION_LINE = /^[ \t]*--?[A-Za-z[][^\n]*/gm;

/** One bullet is no list. */
const MIN_BULLETS = 2;

/** What says what a star before an option means: `* = required`, `(*) must be given`, `marked with *`. */
const STAR_EXPLAINED =
  /(?<=^|[\s([])\*\)? {0,2}(?:[=:-] |means|marks|indicates|denotes|must|are |is )|\bmarked (?:with|by) (?:an? )?["'`(]?\*/im;

/** Whether most lines of a text that begin with an option have a bullet before it, so that it marks none of them. */
export function areOptionsBulleted(text: string): boolean {
  const bullets = text.match(ALL_OPTION_BULLETS)?.length ?? 0;
  return bullets >= MIN_BULLETS && bullets > (text.match(OPTION_LINE)?.length ?? 0);
}

/**
 * A text of the same length without the bullets that synopses and most lines with options have, and without stars before some of them, where the text says what
 * they mean, or the names or texts behind them stand at the columns of the others.
 */
export function withoutOptionBullets(listed: string): string {
  const text = listed.replace(USAGE_BULLET, '$1 ');
  if (!OPTION_BULLET.test(text)) return text;
  if (areOptionsBulleted(text)) return text.replace(ALL_OPTION_BULLETS, '$1 ');
  const others = text.match(OPTION_LINE) ?? [];
  // Stars before words too are those of another list: `* -late`, `* early`, `* noon N`.
  if ((text.match(STARRED_LINE)?.length ?? 0) * 2 < (text.match(ANY_STARRED_LINE)?.length ?? 0)) return text;
  const [nameColumns, textColumns] = [new Set(others.map(nameColumn)), new Set(others.map(textColumn))];
  const isExplained = others.length > 0 && STAR_EXPLAINED.test(text);
  return text.replace(STARRED_LINE, (line: string) => {
    const column = textColumn(line);
    const isAligned = nameColumns.has(nameColumn(line)) || (column > 0 && textColumns.has(column));
    return isExplained || isAligned ? line.replace('*', ' ') : line;
  });
}

const ANY_STARRED_LINE = /^[ \t]*\* {1,3}\S/gm;
const STARRED_LINE = /^[ \t]*\* {1,3}--?[A-Za-z][^\n]*/gm;

/** The index at which the name of an option begins in its line. */
function nameColumn(line: string): number {
  return line.indexOf('-');
}

/** The index at which a text begins behind a gutter; 0 where none does. */
function textColumn(line: string): number {
  return /^[^-]*\S(?:\S| (?! ))* {2,}(?=\S)/.exec(line.slice(0, LINE_SEEN))?.[0].length ?? 0;
}

/** A line is looked at so far for its columns. */
const LINE_SEEN = 120;

/** Dots that lead from the names of an option to its text, right behind them: `-q.........say nothing`, `-d [day] ....list it`. */
const LEADER = /^([ \t]*--?[A-Za-z?][^\n.]{0,80}?)(\.{4,200})(?=[^\s.])/gm;

/** A text of the same length with blanks for the dots that lead from options to their texts. */
export function withoutLeaders(text: string): string {
  return text.includes('....')
    ? text.replace(LEADER, (_, names: string, dots: string) => names + ' '.repeat(dots.length))
    : text;
}

/** The names of an option in a bracket, in front of a sentence: `[-l / --list  ] List all boxes`. */
const NAMES_IN_BRACKET = /^([ \t]*)\[(--?[A-Za-z?][^[\]\n]{0,60})\](?= {1,20}[A-Za-z(][\w'-]{0,40} [a-z(])/gm;

/** So many lines of that kind are a list; a single one may go on with a synopsis. */
const MIN_IN_BRACKETS = 3;

/** A text of the same length without the brackets that the names of a list stand in. */
export function withoutNameBrackets(text: string): string {
  if ((text.match(NAMES_IN_BRACKET)?.length ?? 0) < MIN_IN_BRACKETS) return text;
  return text.replace(NAMES_IN_BRACKET, '$1 $2 ');
}

/** The mark of a line; of several `#`, one. */
function markOf(line: string): string | undefined {
  return MARK.exec(line.slice(0, 200))?.[0].trim().replace(/#+/, '#');
}

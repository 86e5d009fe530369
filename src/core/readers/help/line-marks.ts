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

/** A bullet in front of an option: `* --late`, `• -l, --late`, `- --late`. */
const OPTION_BULLET = /^([ \t]*)[*•‣◦·-](?= {1,3}--?[A-Za-z])/gm;

const OPTION_LINE = /^[ \t]*--?[A-Za-z]/gm;

/** One bullet is no list. */
const MIN_BULLETS = 2;

/** A text of the same length without the bullets that most lines with options have: before a few of them they are marks for a footnote. */
export function withoutOptionBullets(text: string): string {
  const bullets = text.match(OPTION_BULLET)?.length ?? 0;
  const isList = bullets >= MIN_BULLETS && bullets > (text.match(OPTION_LINE)?.length ?? 0);
  return isList ? text.replace(OPTION_BULLET, '$1 ') : text;
}

/** Dots that lead from the names of an option to its text, right behind them: `-q.........say nothing`, `-d [day] ....list it`. */
const LEADER = /^([ \t]*--?[A-Za-z?][^\n.]{0,80}?)(\.{4,200})(?=[^\s.])/gm;

/** A text of the same length with blanks for the dots that lead from options to their texts. */
export function withoutLeaders(text: string): string {
  return text.includes('....')
    ? text.replace(LEADER, (_, names: string, dots: string) => names + ' '.repeat(dots.length))
    : text;
}

/** The mark of a line; of several `#`, one. */
function markOf(line: string): string | undefined {
  return MARK.exec(line.slice(0, 200))?.[0].trim().replace(/#+/, '#');
}

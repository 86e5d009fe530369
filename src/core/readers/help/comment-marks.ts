/** A line of a comment of a script. */
const COMMENT = /^[ \t]*#+/;

/** This share of the lines that are not blank begins with the mark, where a script prints its own comment as its help. */
const MIN_SHARE = 0.8;

/** A shorter text is no help. */
const MIN_LINES = 5;

/** A text of the same length without the marks of comments, where nearly all of its lines have them. */
export function withoutCommentMarks(text: string): string {
  if (!text.includes('#')) return text;
  const lines = text.split('\n');
  const filled = lines.filter((line) => line.trim() !== '');
  const marked = filled.filter((line) => COMMENT.test(line)).length;
  if (filled.length < MIN_LINES || marked < filled.length * MIN_SHARE) return text;
  return lines.map((line) => line.replace(COMMENT, (mark) => ' '.repeat(mark.length))).join('\n');
}

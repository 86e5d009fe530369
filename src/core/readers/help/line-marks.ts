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

/** The mark of a line; of several `#`, one. */
function markOf(line: string): string | undefined {
  return MARK.exec(line.slice(0, 200))?.[0].trim().replace(/#+/, '#');
}

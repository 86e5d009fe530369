import { wrapAnsi } from 'fast-wrap-ansi';

/** A line holds at least so many columns of text, however deep its indent. */
const MIN_ROOM = 20;

/** Breaks a text at blanks into lines of at most `width` columns, the first behind one indent and the rest behind another. */
export function wrapText(text: string, width: number, firstIndent: string, indent: string): string {
  const [first = ''] = wrap(text, width - firstIndent.length);
  const rest = text.slice(first.length).trimStart();
  if (rest === '') return firstIndent + first;
  return [firstIndent + first, ...wrap(rest, width - indent.length).map((line) => indent + line)].join('\n');
}

/** Words too long for a line are kept whole. */
function wrap(text: string, room: number): string[] {
  return wrapAnsi(text, Math.max(MIN_ROOM, room), {
    trim: true,
    hard: false,
  }).split('\n');
}

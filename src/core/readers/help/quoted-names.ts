import { matches } from '../../source/matches.ts';

/** A line that begins with an option in quotation marks, as formatters of manuals set code: `"--ledger" *file*`. */
const QUOTED_HEAD = /^[ \t]*"--?[A-Za-z?][\w-]{0,60}"(?=[\s,=[]|$)/;

/** The marks around the names and placeholders of such a line: those before, and those behind. */
const MARKS =
  /"(?=--?[A-Za-z?][\w-]*")|(?<="--?[A-Za-z?][\w-]{0,60})"|\*(?=[\w.-]+\*)|(?<=\*[\w.-]{1,60})\*/g;

/** A single line of the kind may quote an option in a text. */
const MIN_HEADS = 2;

/** A text without some of its characters, and where each that is left, and its end, stood before. */
export interface ThinnedText {
  readonly text: string;
  readonly offsets: Uint32Array;
}

/** A text without the quotation marks around the options that begin its lines; undefined where it has no such lines. */
export function withoutNameQuotes(text: string): ThinnedText | undefined {
  if (!text.includes('"-')) return undefined;
  const lines = text.split('\n');
  if (lines.filter((line) => QUOTED_HEAD.test(line)).length < MIN_HEADS) return undefined;
  const offsets = new Uint32Array(text.length + 1);
  let thinned = '';
  let start = 0;
  const keep = (from: number, to: number) => {
    for (let i = from; i < to; i++) offsets[thinned.length + i - from] = i;
    thinned += text.slice(from, to);
  };
  for (const line of lines) {
    let from = start;
    const marks = QUOTED_HEAD.test(line) ? matches(line.slice(0, LINE_LIMIT), MARKS) : [];
    for (const { index } of marks) {
      keep(from, start + index);
      from = start + index + 1;
    }
    start += line.length + 1;
    keep(from, Math.min(start, text.length));
  }
  offsets[thinned.length] = text.length;
  return { text: thinned, offsets: offsets.slice(0, thinned.length + 1) };
}

/** Names stand at the beginning of a line. */
const LINE_LIMIT = 300;

import { closerOf, isBlank } from './characters.ts';

/** A bracket in a text, by its indexes there, which may hold notes: `[default: 3]`, `(one of: a, b)`. */
export interface TextMark {
  readonly start: number;
  readonly end: number;
  /** Whether nothing but marks stands behind it. */
  readonly isTrailing: boolean;
}

/** What closes a bracket that may hold notes: `1<=x<=9` holds no brackets. */
function markCloser(character: string): string | undefined {
  return character === '<' ? undefined : closerOf(character);
}

/** A longer bracket is text. */
const LONGEST_MARK = 1000;

/** The index after the bracket that closes the one at `start`; what stands in double quotes closes nothing. */
function markEnd(text: string, start: number): number | undefined {
  const stack: string[] = [];
  const limit = Math.min(text.length, start + LONGEST_MARK);
  for (let i = start; i < limit; i++) {
    const character = text[i] ?? '';
    if (character === '"') {
      const close = text.indexOf('"', i + 1);
      if (close > 0 && close < limit) i = close;
      continue;
    }
    const closer = markCloser(character);
    if (closer !== undefined) stack.push(closer);
    else if (character === stack.at(-1)) {
      stack.pop();
      if (stack.length === 0) return i + 1;
    }
  }
  return undefined;
}

/** So many brackets of a text are looked at. */
const MARKS_LIMIT = 200;

/** The brackets of a text that are not inside others, in their order. */
export function scanMarks(text: string): TextMark[] {
  if (!/[[({]/.test(text)) return [];
  const found: { start: number; end: number }[] = [];
  for (let i = 0; i < text.length && found.length < MARKS_LIMIT; i++) {
    if (markCloser(text[i] ?? '') === undefined) continue;
    const end = markEnd(text, i);
    if (end === undefined) continue;
    found.push({ start: i, end });
    i = end - 1;
  }
  let from = text.length;
  while (from > 0 && /[\s.]/.test(text[from - 1] ?? '')) from--;
  const marks: TextMark[] = [];
  for (const mark of found.toReversed()) {
    const isTrailing =
      mark.end === from &&
      (mark.start === 0 || isBlank(text[mark.start - 1]) || text[mark.start - 1] === '\n');
    marks.unshift({ start: mark.start, end: mark.end, isTrailing });
    if (!isTrailing) continue;
    from = mark.start;
    while (from > 0 && /\s/.test(text[from - 1] ?? '')) from--;
  }
  return marks;
}

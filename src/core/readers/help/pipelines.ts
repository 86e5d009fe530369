import type { TextPiece } from './text-line.ts';
import { firstWord } from './usage-continuation.ts';

/**
 * The synopses that one line shows: two beside each other (`tiffin [box...] | tiffin box [command]`), or the last part of a pipeline (`cat FILE | tiffin`,
 * `... | tiffin [day]`), or its first part (`tiffin [box] | gzip -c >FILE`). `programs` are the words that begin synopses. Undefined where the line has one alone.
 */
export function synopsesBetweenBars(
  piece: TextPiece,
  programs: ReadonlySet<string>,
): TextPiece[] | undefined {
  const { line, start, end } = piece;
  const parts: TextPiece[] = [];
  let from = start;
  for (const at of outerBars(line.text, start, end)) {
    if (isOtherCall(line.text.slice(at + BAR.length, end)))
      return [...parts, { line, start: from, end: at }].filter((part) =>
        programs.has(firstWord(line, part.start)),
      );
    if (!programs.has(firstWord(line, at + BAR.length))) continue;
    parts.push({ line, start: from, end: at });
    from = at + BAR.length;
  }
  if (parts.length === 0) return undefined;
  parts.push({ line, start: from, end });
  const program = firstWord(line, from);
  return parts.filter((part) => firstWord(line, part.start) === program);
}

/** `gzip -c >FILE`: a word, and later on a file that something goes into, are the call of another program. */
function isOtherCall(text: string): boolean {
  return /^[a-z][\w.+-]*(?: [^|]*)? >>? ?[A-Za-z<]/.test(text);
}

const BAR = ' | ';

/** Where bars stand outside of all brackets. */
function outerBars(text: string, start: number, end: number): number[] {
  const found: number[] = [];
  let depth = 0;
  for (let i = start; i < end; i++) {
    const character = text[i] ?? '';
    if ('[{('.includes(character)) depth++;
    else if (']})'.includes(character)) depth--;
    else if (depth === 0 && text.startsWith(BAR, i)) found.push(i);
  }
  return found;
}

import type { TextPiece } from './text-line.ts';
import { firstWord } from './usage-continuation.ts';

/**
 * The synopses that one line shows: two beside each other (`tiffin [box...] | tiffin box [command]`), or the last part of a pipeline (`cat FILE | tiffin`,
 * `... | tiffin [day]`). `programs` are the words that begin synopses. Undefined where the line has one alone.
 */
export function synopsesBetweenBars(
  piece: TextPiece,
  programs: ReadonlySet<string>,
): TextPiece[] | undefined {
  const { line, start, end } = piece;
  const parts: TextPiece[] = [];
  let from = start;
  for (const at of outerBars(line.text, start, end)) {
    if (!programs.has(firstWord(line, at + BAR.length))) continue;
    parts.push({ line, start: from, end: at });
    from = at + BAR.length;
  }
  if (parts.length === 0) return undefined;
  parts.push({ line, start: from, end });
  const program = firstWord(line, from);
  return parts.filter((part) => firstWord(line, part.start) === program);
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

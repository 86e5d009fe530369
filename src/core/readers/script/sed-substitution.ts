import type { MatchRange } from './posix-pattern.ts';
import { partOf, placeIn, type ScriptLine } from './script-lines.ts';
import type { Substitution } from './sed-script.ts';

/** A line in which `s` replaced what it found; undefined where it found nothing. */
export function substituted(
  line: ScriptLine,
  { pattern, replacement, all }: Substitution,
): ScriptLine | undefined {
  const { text } = line;
  const pieces: ScriptLine[] = [];
  let from = 0;
  let at = 0;
  while (at <= text.length) {
    const ranges = pattern.match(text, at);
    const whole = ranges?.[0];
    if (ranges === undefined || whole === undefined) break;
    // Nothing matches directly behind a match.
    if (!(whole.start === whole.end && pieces.length > 0 && whole.start === from)) {
      pieces.push(partOf(line, from, whole.start));
      for (const piece of replaced(line, whole, ranges, replacement)) pieces.push(piece);
      from = whole.end;
    }
    at = whole.end > whole.start ? whole.end : whole.end + 1;
    // The engine takes what stands at its beginning for the beginning of the line.
    if (!all) break;
  }
  if (pieces.length === 0) return undefined;
  pieces.push(partOf(line, from, text.length));
  return joined(pieces);
}

function replaced(
  line: ScriptLine,
  { start }: { readonly start: number },
  ranges: readonly MatchRange[],
  replacement: Substitution['replacement'],
): ScriptLine[] {
  return replacement.map((part) => {
    if (typeof part === 'string') return { text: part, places: Array.from(part, () => placeIn(line, start)) };
    const range = ranges[part.group];
    return range === undefined ? { text: '', places: [] } : partOf(line, range.start, range.end);
  });
}

function joined(pieces: readonly ScriptLine[]): ScriptLine {
  const places: number[] = [];
  for (const piece of pieces) for (let i = 0; i < piece.text.length; i++) places.push(placeIn(piece, i));
  return { text: pieces.map(({ text }) => text).join(''), places };
}

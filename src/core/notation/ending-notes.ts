import { matches } from '../source/matches.ts';
import type { MarkNote } from './mark-note.ts';
import { notesOf } from './sentence-notes.ts';
import type { TextMark } from './text-marks.ts';

/** What parts a note from the text before it: ` - default: 3`, `| default: 3`, `; default: 3`, `. default: 3`. */
const DASH = /(?:^|(?<=\s))[-–|] |(?<!\b(?:e\.g|i\.e|etc|cf|vs))[;.] (?=\S)/g;

/** What a line of notes begins with, where a bullet or a capital tells that no sentence goes on in it. */
const LINE_START = /^(?:[-*•] (?=\S)|(?=[A-Z$]))/;

/** So many lines may hold one note. */
const LINES_LIMIT = 6;

/** Longer stretches are no notes. */
const STRETCH_LIMIT = 400;

/**
 * The notes that a text ends with and nothing but their lines or dashes parts from it: `the port - default: 80 - required`, or one to a line. `starts` are
 * where the lines of the text begin.
 */
export function endingNotes(
  text: string,
  starts: readonly number[],
  brackets: readonly TextMark[],
): MarkNote[] {
  const lines = starts.filter((start) => start > 0);
  const byLines = notesBehind(
    text,
    lines.flatMap((at) => {
      const lead = LINE_START.exec(text.slice(at, at + 2 + 1))?.[0];
      return lead === undefined ? [] : [{ end: at, start: at + lead.length }];
    }),
    LINES_LIMIT,
  );
  if (byLines.length > 0) return byLines;
  const dashes = matches(text, DASH).map(({ index, 0: dash }) => ({
    end: index,
    start: index + dash.length,
  }));
  return notesBehind(text, outside(dashes, brackets), 1);
}

interface Cut {
  readonly end: number;
  readonly start: number;
}

/** The cuts that stand in no bracket. Both lists are in the order of the text. */
function outside(cuts: readonly Cut[], brackets: readonly TextMark[]): Cut[] {
  let at = 0;
  return cuts.filter(({ end }) => {
    while ((brackets[at]?.end ?? Number.POSITIVE_INFINITY) <= end) at++;
    return end < (brackets[at]?.start ?? Number.POSITIVE_INFINITY);
  });
}

/** Reads from the end, as long as what stands between two cuts is notes and nothing else. */
function notesBehind(text: string, cuts: readonly Cut[], limit: number): MarkNote[] {
  let notes: MarkNote[] = [];
  let end = text.length;
  let joined = 0;
  for (const cut of cuts.toReversed()) {
    // Cut before its end is looked for, so that blanks without end cost nothing.
    const inner = text.slice(cut.start, Math.min(end, cut.start + STRETCH_LIMIT + 1)).replace(/\.?\s*$/, '');
    const mark = { start: cut.start, end, isTrailing: true };
    const own = end - cut.start > STRETCH_LIMIT ? undefined : notesOf(inner, cut.start, mark, true);
    if (own !== undefined) {
      notes = [...own, ...notes];
      end = cut.end;
      joined = 0;
    } else if (++joined >= limit) break;
  }
  return notes;
}

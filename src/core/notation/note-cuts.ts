import { matches } from '../source/matches.ts';
import type { MarkNote } from './mark-note.ts';
import { readNote } from './read-note.ts';

/** Where one note ends and the next begins, by the index of what parts them and its length. */
export interface NoteCut {
  readonly index: number;
  readonly length: number;
}

/** What always parts notes. `absent=3 or BOX env` is two. */
const PARTS = /;\s*| or (?=[A-Z][A-Z0-9_]*\s+env$)|,\s*/g;

/** `default: 80, test: 90`: what else there is, by its name. */
const NAMED = /^(?!max|min)[a-z]{3,15}: \S/i;

/** So many parts of one bracket are looked at. */
const PARTS_LIMIT = 60;

/** The mark of a part that is only looked at. */
const NO_MARK = { start: 0, end: 0, isTrailing: false };

/**
 * Parts a stretch into its notes. A comma parts values too, and the two bounds of a range: it ends a note only where what stands behind it, up to the next
 * comma, is a note by itself, and a single word (`required`) among values only where another such note follows.
 */
export function noteCuts(stretch: string): NoteCut[] {
  const found = matches(stretch, PARTS).slice(0, PARTS_LIMIT);
  const cuts: NoteCut[] = [];
  let own = noteAt(stretch, 0, found[0]?.index);
  let ownParts = 1;
  for (const [i, { index, 0: part }] of found.entries()) {
    const start = index + part.length;
    const end = found[i + 1]?.index;
    const words = stretch.slice(start, end).trim();
    const note = noteAt(stretch, start, end);
    const isNext =
      NAMED.test(words) ||
      (note !== undefined &&
        isOther(note, ownParts === 1 ? own : undefined, words) &&
        !isOfList(own, words, stretch.slice(start)));
    if (part.startsWith(',') && !isNext) {
      ownParts++;
      continue;
    }
    cuts.push({ index, length: part.length });
    own = note;
    ownParts = 1;
  }
  return cuts;
}

function noteAt(stretch: string, start: number, end: number | undefined): MarkNote | undefined {
  return readNote(stretch.slice(start, end), start, NO_MARK);
}

/** Whether a note behind a comma is another than `before`, which is undefined where that is not all that stands before the comma. */
function isOther(note: MarkNote, before: MarkNote | undefined, words: string): boolean {
  // `1,3,5-7`, `("early", "late", integer)`: parts of a list, unless a whole note stands before them.
  if (note.kind === 'type' || /^-?\d[\d.]*\s?[-–]\s?\d[\d.]*$/.test(words))
    return before !== undefined && before.kind !== 'range';
  // `min: 1, max: 9` is one range.
  if (note.kind === 'range' && before?.kind === 'range') return !isOneRange(before, note);
  // `a, b|c`: more of a list.
  return note.kind !== 'values' || note.value !== words;
}

/** Whether a single word, `required`, stands among the values of a list: where no further note follows it, it may be one of them. */
function isOfList(before: MarkNote | undefined, words: string, rest: string): boolean {
  return before?.kind === 'values' && /^[\w-]+$/.test(words) && !LAST_WORD.test(rest);
}

/** A single word, and another note behind it: `required, default: 3`. */
const LAST_WORD = /^[\w-]+,\s*(?:\w+ ){0,3}\w+\s?[:=]/;

function isOneRange(one: MarkNote, other: MarkNote): boolean {
  return /^(?:min|>|at least|no|from)/i.test(one.value) && /^(?:max|<|at most|no|up|to)/i.test(other.value);
}

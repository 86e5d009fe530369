import { matches } from '../source/matches.ts';
import type { MarkNote } from './mark-note.ts';
import { notesOf } from './sentence-notes.ts';

/** Notes in angle brackets that a text ends or begins with: `the port <default: 80> <required>`, `<env: TIFFIN_DAY> the day`. */
const AT_END = /(?:(?<=\s)|^)<[^<>]{1,200}>(?:\s+<[^<>]{1,200}>){0,7}\.?\s*$/;
const AT_START = /^<[^<>]{1,200}>(?:\s+<[^<>]{1,200}>){0,7}(?=\s)/;
const ONE = /<([^<>]{1,200})>/g;

/** So much of the end of a text is looked at. */
const END_SEEN = 1000;

/**
 * The notes in angle brackets around a text. All brackets there must be notes: else they are placeholders of which the text speaks. What a placeholder
 * may be, one word or words between bars, is no note.
 */
export function angleNotes(text: string): MarkNote[] {
  if (!text.includes('>')) return [];
  const seen = Math.max(0, text.length - END_SEEN);
  const end = AT_END.exec(text.slice(seen));
  const isWhole = end !== null && seen + end.index === 0;
  const start = isWhole ? null : AT_START.exec(text);
  return [
    ...(start === null ? [] : notesOfRun(start[0], 0, false)),
    ...(end === null ? [] : notesOfRun(end[0], seen + end.index, true)),
  ];
}

function notesOfRun(run: string, offset: number, isTrailing: boolean): MarkNote[] {
  const found: MarkNote[] = [];
  for (const { 0: bracket, 1: inner = '', index } of matches(run, ONE)) {
    const start = offset + index;
    const mark = { start, end: start + bracket.length, isTrailing };
    const notes = PLACEHOLDER.test(inner)
      ? undefined
      : notesOf(inner.replaceAll('\n', ' '), start + 1, mark, true);
    if (notes === undefined) return [];
    for (const note of notes) found.push(note);
  }
  return found;
}

const PLACEHOLDER = /^(?!(?:required|mandatory)$)[\w.+|-]*$/i;

import { flatMapped } from '../collections/flat-mapped.ts';
import { angleNotes } from './angle-notes.ts';
import { endingNotes } from './ending-notes.ts';
import type { MarkNote, NoteKind } from './mark-note.ts';
import { noteCuts } from './note-cuts.ts';
import { readNote } from './read-note.ts';
import { sentenceNotes } from './sentence-notes.ts';
import { scanMarks, type TextMark } from './text-marks.ts';

/**
 * The notes of a text: those of all brackets, in their order, then those in angle brackets, sentences that are notes and nothing else, and what it ends with, behind dashes or in
 * lines of their own. `starts` are where its lines begin.
 */
export function notesIn(text: string, starts: readonly number[] = []): MarkNote[] {
  const brackets = scanMarks(text);
  const ending = endingNotes(text, starts, brackets);
  const own = text.slice(0, ending[0]?.mark.start);
  return [
    ...flatMapped(brackets, (mark) => readNotes(text, mark)),
    ...angleNotes(text),
    ...sentenceNotes(own),
    ...ending,
  ];
}

/** Of several notes about one thing, the last of those that end the text: a parser adds its own behind what was written. Else the first. */
export function surestNote(notes: readonly MarkNote[], kind: NoteKind): MarkNote | undefined {
  const own = notes.filter((note) => note.kind === kind);
  return own.findLast(({ mark }) => mark.isTrailing) ?? own[0];
}

/** Reads the notes of a bracket. What is no note, such as a remark, gives none. */
function readNotes(text: string, mark: TextMark): MarkNote[] {
  const from = mark.start + 1;
  // `run it with -i[n|p]`, `/(n|p)/`, `[n-|p-][late-]`, `early,late,[n|p]`: a bracket that is joined to something is a part of it.
  const isJoined =
    /[\w\-/\])},|]/.test(text[mark.start - 1] ?? ' ') || /[\w/[({]/.test(text[mark.end] ?? ' ');
  // `[all|a]: every box`: what is told of some of the values.
  const holdsNoList = isJoined || text[mark.end] === ':';
  // A line may end anywhere in a note.
  const inner = text.slice(from, mark.end - 1).replaceAll('\n', ' ');
  const cuts = noteCuts(inner);
  const notes: MarkNote[] = [];
  let at = 0;
  for (const cut of [...cuts, undefined]) {
    const end = cut?.index ?? inner.length;
    const note = readNote(inner.slice(at, end), from + at, mark);
    if (note !== undefined && !(holdsNoList && note.kind === 'values')) notes.push(note);
    if (cut !== undefined) at = cut.index + cut.length;
  }
  return notes;
}

import { matches } from '../source/matches.ts';
import type { MarkNote } from './mark-note.ts';
import { noteCuts } from './note-cuts.ts';
import { readNote, VARIABLE_NAME } from './read-note.ts';
import type { TextMark } from './text-marks.ts';

/** Where a sentence can begin: a capital, a number, or a variable, at the beginning or behind the end of another; or one word that is all there is. */
const SENTENCE_START = /(?:^|(?<=[.!?)\]]\s{1,2}))(?=[A-Z$\d])|^(?=(?:required|mandatory)[.\s]{0,4}$)/g;

/** Longer sentences are no notes. */
const SENTENCE_LIMIT = 300;

/** A sentence, to its full stop or the end of the text. */
const SENTENCE = new RegExp(`^([^\\n]{1,${SENTENCE_LIMIT}}?)(?:\\.(?=\\s|$)|$)`);

/** So many sentences of a text are looked at. */
const SENTENCES_LIMIT = 200;

/** One word, or several in quotes. */
const ONE_WORD = /^(?:[^\s"'`]\S*|"[^"]*"|'[^']*'|`[^`]*`)$/;

/** What a sentence says of how things are by default, where it tells no value: `Default behaviour.` */
const NO_VALUE =
  /^(?:action|behaviou?r|case|format|level|method|mode|name|option|order|output|setting|style|type|value)s?$/i;

/** Sentences that are notes and nothing else: `Required.`, `Default: 3.`, `Between 1 and 9.`, `Choices: a, b, default: a.` */
export function sentenceNotes(text: string): MarkNote[] {
  const notes: MarkNote[] = [];
  let tried = 0;
  for (const { index: start } of matches(text, SENTENCE_START)) {
    if (++tried > SENTENCES_LIMIT) break;
    const [matched, inner = ''] = SENTENCE.exec(text.slice(start, start + SENTENCE_LIMIT + 1)) ?? [];
    if (matched === undefined) continue;
    const mark = { start, end: start + matched.length, isTrailing: false };
    for (const note of notesOf(inner, start, mark, start > 0) ?? []) notes.push(note);
  }
  return notes;
}

/** The notes of a sentence, or of as much, that holds nothing else; undefined where it does. */
export function notesOf(
  sentence: string,
  start: number,
  mark: TextMark,
  isBehindText: boolean,
): MarkNote[] | undefined {
  const notes: MarkNote[] = [];
  let at = 0;
  for (const cut of [...noteCuts(sentence), undefined]) {
    const part = sentence.slice(at, cut?.index ?? sentence.length);
    const note = readNote(part, start + at, mark);
    if (note === undefined || !isSure(note, part.trim(), isBehindText || at > 0)) return undefined;
    notes.push(note);
    if (cut !== undefined) at = cut.index + cut.length;
  }
  return notes;
}

/** Whether a sentence says nothing but its note: more may stand in a sentence than in a bracket. */
function isSure({ kind, value }: MarkNote, sentence: string, isBehindText: boolean): boolean {
  switch (kind) {
    case 'default':
      if (!ONE_WORD.test(value)) return false;
      if (/[:=]|\b(?:is|to) /.test(sentence) || /^["'`]|[\d/]/.test(value)) return true;
      return isBehindText && !NO_VALUE.test(value);
    case 'required':
    case 'deprecated':
      return value === '';
    case 'environment':
      return VARIABLE_NAME.test(value);
    case 'range':
      return isBehindText || /^(?:between|from|range|min|max|at )/i.test(value);
    case 'default-or-state':
      return isBehindText;
    case 'values':
    case 'either':
    case 'repeated':
      return true;
    default:
      return false;
  }
}

import { matches } from '../source/matches.ts';
import type { MarkNote } from './mark-note.ts';
import { readNote, VARIABLE_NAME } from './read-note.ts';

/** Where a sentence can begin: a capital, a number, or a variable, at the beginning or behind the end of another. */
const SENTENCE_START = /(?:^|(?<=[.!?)\]]\s{1,2}))(?=[A-Z$\d])/g;

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

/** Sentences that are a note and nothing else: `Required.`, `Default: 3.`, `Between 1 and 9.`, `Environment variable: BOX.` */
export function sentenceNotes(text: string): MarkNote[] {
  const notes: MarkNote[] = [];
  let tried = 0;
  for (const { index: start } of matches(text, SENTENCE_START)) {
    if (++tried > SENTENCES_LIMIT) break;
    const [matched, inner = ''] = SENTENCE.exec(text.slice(start, start + SENTENCE_LIMIT + 1)) ?? [];
    if (matched === undefined) continue;
    const note = readNote(inner, start, { start, end: start + matched.length, isTrailing: false });
    if (note !== undefined && isSure(note, inner, start > 0)) notes.push(note);
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
    case 'values':
    case 'either':
      return true;
    default:
      return false;
  }
}

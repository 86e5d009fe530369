import type { MarkNote } from './mark-note.ts';
import { notesIn, surestNote } from './mark-notes.ts';
import { defaultInProse, type ProseDefault, unquoted } from './prose-default.ts';

/** `0, only with lids`, `3, optional`: a value, and what is to be said of it. */
const REMARK =
  /^([^,"'`]{1,60}), (?:optional|required|mandatory)$|^([^\s,"'`]{1,60}), [a-z]+(?: [A-Za-z]+)+$/;

/** `-m 20`: the value behind the name of the option. */
const NAME_AHEAD = /^--?[A-Za-z][\w-]{0,40}[ =](?=[^\s-]\S*$)/;

/** `0=unlimited`, `0 = no limit`: a number, and what it means. */
const NUMBER_AND_MEANING = /^(-?\d+) ?= ?[a-z]+(?: [a-z]+){0,3}$/i;

/** `500 ms, except where it is late`: the value, and what is to be said of it. */
const EXCEPTION = /^([^,"'`]{1,40}), (?:except|unless|where|if|when|but|only)\b[\s\S]*$/;

/** The default that a text tells, in a mark such as `[default: 3]` or in a sentence; undefined where it tells none. */
export function toldDefault(
  text: string,
  notes: readonly MarkNote[] = notesIn(text),
): ProseDefault | undefined {
  const note = surestNote(notes, 'default');
  if (note === undefined) return defaultInProse(text);
  const value = unquoted(
    note.value
      .trim()
      .replace(/[,;]$/, '')
      .replace(REMARK, '$1$2')
      .replace(EXCEPTION, '$1')
      .replace(NUMBER_AND_MEANING, '$1')
      .replace(NAME_AHEAD, ''),
  );
  // `(the default value, meaning none)`
  return value === '' || /^(?:[,;]|: )/.test(note.value.trim())
    ? undefined
    : { value, start: note.mark.start, end: note.mark.end };
}

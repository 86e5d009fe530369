import type { TextEdit } from '../edits/text-edits.ts';
import type { Span } from '../source/source.ts';
import type { Invocation } from './find-callers.ts';
import { placeOfName } from './name-places.ts';

/** A name that stays as it is, though another would be better. */
export interface NameLeft {
  /** The name as it is written. */
  readonly text: string;
  /** What should stand there. */
  readonly name: string;
  /** Where the word stands that it is, or is a part of. */
  readonly place: Span;
}

/** Edits of calls, and the names that stay. */
export interface CallEdits {
  /** The edits, each of a name as it stands in its file. */
  readonly edits: readonly TextEdit[];
  /** The names that do not stand there as they are, but by quotes, escapes or a variable, so that no edit of them is certain. */
  readonly left: readonly NameLeft[];
}

/** Writes the names that calls abbreviate in full: only the bytes of the abbreviation itself, whatever stands around it. */
export function namesInFull(invocations: readonly Invocation[]): CallEdits {
  const edits: TextEdit[] = [];
  const left: NameLeft[] = [];
  for (const { text, name, place: word } of invocations.flatMap(({ abbreviations }) => abbreviations)) {
    const place = placeOfName(text, word);
    if (place === undefined) left.push({ text, name, place: word });
    else edits.push({ place, text: name });
  }
  return { edits, left };
}

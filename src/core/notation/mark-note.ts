import type { TextMark } from './text-marks.ts';

/** What a note is about. */
export type NoteKind =
  | 'default'
  /** A word before `by default`: a default, or what the option is like (`silent by default`). */
  | 'default-or-state'
  | 'environment'
  | 'values'
  /** Two words behind `must be`: values, or what a value is like (`positive or zero`). */
  | 'either'
  | 'aliases'
  | 'inverse'
  | 'required'
  | 'range'
  /** That the option may be given more than once. */
  | 'repeated'
  | 'type'
  | 'deprecated';

/** One note, `default: 3` of `[default: 3, env: BOX]` or of `Default: 3.`, by the indexes of its value in the text. */
export interface MarkNote {
  readonly kind: NoteKind;
  /** Empty where the note is its key alone, as `required` is. */
  readonly value: string;
  readonly start: number;
  readonly end: number;
  /** The bracket that it stands in, or the sentence that it is. */
  readonly mark: TextMark;
}

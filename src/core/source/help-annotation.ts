import type { Source } from './source.ts';

/** What a line of help output is. Each has exactly one role; the last is that of lines of which nothing is known. */
export type LineRole =
  | 'title'
  | 'synopsis'
  | 'heading'
  | 'entry'
  | 'entry-text'
  | 'prose'
  | 'example'
  | 'epilogue'
  | 'table'
  | 'blank'
  | 'unread';

/** One line of help output with its role, and what was taken from it. */
export interface AnnotatedLine {
  /** Counted from 1, in the file where the text stands. */
  readonly line: number;
  /** The line as it was printed, without its line break. */
  readonly text: string;
  /** What it is. */
  readonly role: LineRole;
  /** What was read there, such as `option --late` or `command box list`; empty where nothing was. */
  readonly reads: readonly string[];
}

/** A help output line by line. */
export interface HelpAnnotation {
  /** The text that was read. */
  readonly source: Source;
  /** The parser that printed it, as its marks show; undefined where they do not. */
  readonly parser:
    | {
        /** Its name; several where it is one of them. */
        readonly names: readonly string[];
        /** The texts that show it. */
        readonly marks: readonly string[];
      }
    | undefined;
  /** Its lines, all of them, in their order. */
  readonly lines: readonly AnnotatedLine[];
  /** How many lines that are not blank have a role, and how many are unread. */
  readonly counts: {
    /** Lines that are known for what they are. */
    readonly read: number;
    /** Lines of which nothing is known. */
    readonly unread: number;
  };
}

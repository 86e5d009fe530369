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
  /** Counted from 1. */
  readonly line: number;
  readonly text: string;
  readonly role: LineRole;
  /** What was read there, such as `option --late` or `command box list`; empty where nothing was. */
  readonly reads: readonly string[];
}

/** A help output line by line. */
export interface HelpAnnotation {
  readonly source: Source;
  readonly lines: readonly AnnotatedLine[];
  /** How many lines that are not blank have a role, and how many are unread. */
  readonly counts: { readonly read: number; readonly unread: number };
}

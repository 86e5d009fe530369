import type { Declaration } from '../../notation/declaration.ts';

/** How sure the layout makes it that a line declares an option. */
export type Certainty =
  /** Names and text stand in two columns. */
  | 'columns'
  /** The line holds a declaration and nothing else. */
  | 'alone'
  /** A mark such as ` - ` or `: ` parts names and text. */
  | 'marked'
  /** One blank parts names and text: prose may look so too. */
  | 'soft';

/** A line split into the declaration on its left and the text on its right. */
export interface SplitEntry {
  readonly declaration: Declaration;
  readonly certainty: Certainty;
  /** The index at which the text begins; undefined where the line holds none. */
  readonly textStart: number | undefined;
  readonly textColumn: number | undefined;
}

/** What the lines around an entry say of it. */
export interface Surroundings {
  /** The columns at which texts of neighbouring lines begin: a text there needs only one blank before it. */
  readonly columns: readonly number[];
  /** Those of them at which texts stand behind gutters, and not by chance. */
  readonly firmColumns: ReadonlySet<number>;
  /** The columns at which further names begin in most lines. */
  readonly nameColumns: ReadonlySet<number>;
  /** Whether the text must begin on the next line: then one word at such a column is none. */
  readonly textIsBelow: boolean;
  /** Whether a colon and one blank part names and texts in the block: then a word before such a colon is a placeholder. */
  readonly isByColon: boolean;
  /** Whether the mark of a comment parts names from texts. */
  readonly isByHash: boolean;
  /** Whether all lines of the block hold names with a word at most: then it is a placeholder. */
  readonly isNamesOnly: boolean;
  /** Whether the next line begins with a name: behind a comma, the names go on there. */
  readonly namesFollow: boolean;
}

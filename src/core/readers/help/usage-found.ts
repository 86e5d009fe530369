import type { TextPiece } from './text-line.ts';

/** The lines of one synopsis; the words in front of it (`usage:`, `or:`, `$`) are left out. */
export interface UsageForm {
  readonly pieces: readonly TextPiece[];
}

export interface UsageLines {
  readonly forms: readonly UsageForm[];
  /** The lines, by number, that belong to the usage. */
  readonly taken: ReadonlySet<number>;
  /** Whether the text calls them so; a first line that only looks like a synopsis is taken for one too. */
  readonly announced: boolean;
  /** Whether they are the path of a command and nothing else. */
  readonly isPath: boolean;
}

import type { Source } from '../../source/source.ts';
import type { FoundCall } from '../call-words.ts';

/** One kind of file that calls programs. */
export interface CallerFile {
  /** Whether a file is of the kind, by its path and its text. */
  readonly recognises: (path: string, text: string) => boolean;
  /** The commands that it runs. */
  readonly calls: (source: Source) => readonly FoundCall[];
  /** The longest file that is taken apart, in UTF-16 units; without a limit where undefined. */
  readonly sizeLimit?: number;
  /** Whether the commands are what the file most likely runs, as those in source code are. */
  readonly isGuessed?: boolean;
}

/** The last part of a path. */
export function fileName(path: string): string {
  return path.slice(Math.max(path.lastIndexOf('/'), path.lastIndexOf('\\')) + 1);
}

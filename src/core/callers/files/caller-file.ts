import type { Source } from '../../source/source.ts';
import type { FoundCall } from '../call-words.ts';

/** One kind of file that calls programs. */
export interface CallerFile {
  /** Whether a file is of the kind, by its path and its text. */
  readonly recognises: (path: string, text: string) => boolean;
  /** The commands that it runs. */
  readonly calls: (source: Source) => readonly FoundCall[];
}

/** The last part of a path. */
export function fileName(path: string): string {
  return path.slice(Math.max(path.lastIndexOf('/'), path.lastIndexOf('\\')) + 1);
}

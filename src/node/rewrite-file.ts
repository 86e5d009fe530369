import { readFile } from 'node:fs/promises';
import { writeTextFile } from './write-file.ts';

/** What became of a file that was to be rewritten. */
export type Rewritten = 'written' | 'changed-meanwhile';

/**
 * Writes a new text to a file of which the old one is known. A file that holds anything else by now, or is not UTF-8, is left alone. It is replaced as a whole or not at all; its
 * mode, its owner, links to it and a byte order mark stay. Rejects with the error of the system.
 */
export async function rewriteFile(path: string, before: string, after: string): Promise<Rewritten> {
  const bytes = await readFile(path);
  const mark = bytes.subarray(0, 3).equals(BYTE_ORDER_MARK) ? '\ufeff' : '';
  if (!bytes.equals(Buffer.from(mark + before))) return 'changed-meanwhile';
  await writeTextFile(path, mark + after);
  return 'written';
}

const BYTE_ORDER_MARK = Buffer.from([0xef, 0xbb, 0xbf]);

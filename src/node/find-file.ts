import { access } from 'node:fs/promises';
import { dirname, join, resolve } from 'node:path';

/** The path of the file of a name in a directory or the nearest one above it; undefined where none has it. */
export async function findFileUpwards(name: string, directory: string): Promise<string | undefined> {
  for (let at = resolve(directory); ; at = dirname(at)) {
    const path = join(at, name);
    const isThere = await access(path).then(
      () => true,
      () => false,
    );
    if (isThere) return path;
    if (at === dirname(at)) return undefined;
  }
}

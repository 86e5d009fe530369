// Manual pages as they are installed on this machine.
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';

const FOLDERS = ['/usr/share/man/man1', '/usr/share/man/man8'];

/** The page of a program: its file and its source; undefined where none is installed. */
export function installedPage(program) {
  const file = FOLDERS.flatMap((folder) => [
    join(folder, `${program}.${folder.at(-1)}.gz`),
    join(folder, `${program}.${folder.at(-1)}`),
  ]).find((path) => existsSync(path));
  return file === undefined ? undefined : pageIn(file);
}

/** A page in a file, which may be compressed. */
export function pageIn(file) {
  const bytes = readFileSync(file);
  return { file, text: (file.endsWith('.gz') ? gunzipSync(bytes) : bytes).toString('utf8') };
}

/** The files of all pages of programs. */
export function allPages() {
  return FOLDERS.flatMap((folder) =>
    readdirSync(folder)
      .sort()
      .map((name) => join(folder, name)),
  );
}

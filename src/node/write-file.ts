import { randomBytes } from 'node:crypto';
import { constants, type Stats } from 'node:fs';
import { type FileHandle, lstat, open, readlink, rename, rm, stat } from 'node:fs/promises';
import { basename, dirname, join, resolve } from 'node:path';

/** How many symbolic links may lead to a file, as Linux counts. */
const LINKS_LIMIT = 40;

/**
 * Writes a text to a file. A regular file, or one that is not there yet, is written under a temporary name beside it and renamed, so
 * that it is never half written; mode and owner stay, and a symbolic link goes on leading to it. A device, a FIFO or a socket
 * is written to, as is a file whose owner or folder allows nothing else. Rejects with the error of the system.
 */
export async function writeTextFile(path: string, text: string): Promise<void> {
  const target = await behindLinks(path);
  const old = await stat(target).catch((error: NodeJS.ErrnoException) => {
    if (error.code === 'ENOENT') return undefined;
    throw error;
  });
  if (old !== undefined && !old.isFile()) return writeInto(target, text);
  try {
    await replace(target, text, old);
  } catch (error) {
    if (old === undefined || !isForbidden(error)) throw error;
    await writeInto(target, text);
  }
}

/** The path that symbolic links lead to, whether or not a file is there. */
async function behindLinks(path: string): Promise<string> {
  let at = path;
  for (let links = 0; links <= LINKS_LIMIT; links++) {
    const found = await lstat(at).catch((error: NodeJS.ErrnoException) => {
      if (error.code === 'ENOENT') return undefined;
      throw error;
    });
    if (found === undefined || !found.isSymbolicLink()) return at;
    at = resolve(dirname(at), await readlink(at));
  }
  throw Object.assign(new Error(`too many links lead from ${path}`), { code: 'ELOOP' });
}

async function replace(path: string, text: string, old: Stats | undefined): Promise<void> {
  const name = `.${basename(path).slice(0, 100)}.${randomBytes(6).toString('hex')}.tmp`;
  const temporary = join(dirname(path), name);
  let file: FileHandle | undefined;
  try {
    file = await open(temporary, 'wx', old === undefined ? 0o666 : 0o600);
    await file.writeFile(text);
    if (old !== undefined) {
      const made = await file.stat();
      if (made.uid !== old.uid || made.gid !== old.gid) await file.chown(old.uid, old.gid);
      await file.chmod(old.mode & 0o7777);
    }
    await file.sync();
    await file.close();
    await rename(temporary, path);
  } catch (error) {
    await file?.close().catch(() => {});
    if (file !== undefined) await rm(temporary, { force: true });
    throw error;
  }
}

/** Writes into what is there. */
async function writeInto(path: string, text: string): Promise<void> {
  const file = await open(path, constants.O_WRONLY | constants.O_TRUNC);
  try {
    await file.writeFile(text);
  } finally {
    await file.close();
  }
}

/** Whether the system refuses to put a new file beside an old one, or to give it the owner of the old one. */
function isForbidden(error: unknown): boolean {
  const code = error instanceof Error && 'code' in error ? error.code : undefined;
  return code === 'EACCES' || code === 'EPERM' || code === 'EROFS';
}

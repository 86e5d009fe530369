import { lstat, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { endMarked } from './marked-processes.ts';
import { identityFrom, identityWord, isGone, ownIdentity } from './process-identity.ts';

/** How the names of all folders begin that runs are made in. */
const PREFIX = 'dabbawala-capture-';

/**
 * How the names of this process's folders begin: they say whose they are, so that there is no moment, however short, at which a folder is there
 * and its owner is not told.
 */
export function ownPrefix(): string {
  return `${PREFIX}${identityWord(ownIdentity())}-`;
}

/** After so many milliseconds a folder whose owner cannot be told is left behind. */
const FORGOTTEN = 24 * 60 * 60 * 1000;

/**
 * Cleans up what earlier runs left that were killed: run folders of this user whose owner is gone, and the processes that were started from
 * them. Never throws.
 */
export async function cleanLeftBehind(): Promise<void> {
  const folder = tmpdir();
  const names = await readdir(folder).catch(() => []);
  for (const name of names.filter((one) => one.startsWith(PREFIX))) {
    const base = join(folder, name);
    if (!(await isLeft(base, name.slice(PREFIX.length)))) continue;
    await endMarked(base);
    await rm(base, { recursive: true, force: true, maxRetries: 3 }).catch(() => {});
  }
}

async function isLeft(base: string, ownerAndMore: string): Promise<boolean> {
  const stat = await lstat(base).catch(() => undefined);
  // In a folder that all may write to, a name says nothing of who made it.
  if (stat === undefined || !stat.isDirectory() || stat.uid !== process.getuid?.()) return false;
  const owner = identityFrom(ownerAndMore.split('-', 1)[0] ?? '');
  return (owner === undefined ? undefined : isGone(owner)) ?? Date.now() - stat.mtimeMs > FORGOTTEN;
}

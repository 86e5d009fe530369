import { lstat, readdir, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { endMarked } from './marked-processes.ts';
import { isGone, type ProcessIdentity } from './process-identity.ts';

/** How the folders of run folders begin. */
export const WORKPLACE_PREFIX = 'dabbawala-capture-';

/** The file in a folders that says whose it is. */
export const OWNER_FILE = 'owner.json';

/** After so many milliseconds a folders whose owner cannot be told is left behind. */
const FORGOTTEN = 24 * 60 * 60 * 1000;

/**
 * Cleans up what earlier runs left that were killed: run folders of this user whose owner is gone, and the processes that were started from
 * them. Never throws.
 */
export async function cleanLeftBehind(): Promise<void> {
  const folder = tmpdir();
  const names = await readdir(folder).catch(() => []);
  for (const name of names.filter((one) => one.startsWith(WORKPLACE_PREFIX))) {
    const base = join(folder, name);
    if (!(await isLeft(base))) continue;
    await endMarked(base);
    await rm(base, { recursive: true, force: true, maxRetries: 3 }).catch(() => {});
  }
}

async function isLeft(base: string): Promise<boolean> {
  const stat = await lstat(base).catch(() => undefined);
  // In a folder that all may write to, a name says nothing of who made it.
  if (stat === undefined || !stat.isDirectory() || stat.uid !== process.getuid?.()) return false;
  const owner = await readFile(join(base, OWNER_FILE), 'utf8').then(identityFrom, () => undefined);
  return (owner === undefined ? undefined : isGone(owner)) ?? Date.now() - stat.mtimeMs > FORGOTTEN;
}

function identityFrom(text: string): ProcessIdentity | undefined {
  try {
    const { pid, started, world } = JSON.parse(text);
    const isText = (value: unknown) => value === undefined || typeof value === 'string';
    return Number.isInteger(pid) && isText(started) && isText(world) ? { pid, started, world } : undefined;
  } catch {
    return undefined;
  }
}

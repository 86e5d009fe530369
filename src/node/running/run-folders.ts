import { chmod, chown, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { systemReason } from '../system-reason.ts';
import { cleanLeftBehind, ownPrefix } from './left-behind.ts';
import { endMarked, MARK } from './marked-processes.ts';

/** Where programs are run: an empty folder, an empty home, and an environment with nothing of the user's. */
export interface RunFolders {
  /** The working directory of programs. */
  readonly folder: string;
  /** The folder for their temporary files. */
  readonly scratch: string;
  /** The folder that holds all of them; programs are not told of it. */
  readonly base: string;
  readonly environment: Readonly<Record<string, string>>;
  /** Ends every process that still runs from here, and removes the folders. */
  close(): Promise<void>;
}

export interface RunFolderSettings {
  /** Columns of the terminal that programs are told of. */
  readonly width: number;
  /** Whether programs see the user's home. */
  readonly keepHome: boolean;
  /** Whether programs run in the working directory, not in an empty one. */
  readonly keepFolder: boolean;
  /** The number of the user that programs run as; this process's where not given. */
  readonly user?: number | undefined;
}

/** Why there are no folders. */
export interface NoRunFolders {
  readonly reason: string;
}

/**
 * Makes folders for runs in the folder for temporary files, after cleaning up what killed runs left there. Never throws.
 */
export async function openRunFolders(settings: RunFolderSettings): Promise<RunFolders | NoRunFolders> {
  await cleanLeftBehind();
  try {
    return await makeRunFolders(settings);
  } catch (error) {
    return {
      reason: `the folder for temporary files '${tmpdir()}' cannot be used: ${systemReason(error)}; set TMPDIR to another folder`,
    };
  }
}

async function makeRunFolders(settings: RunFolderSettings): Promise<RunFolders> {
  const { width, keepHome, keepFolder, user } = settings;
  const base = await mkdtemp(join(tmpdir(), ownPrefix()));
  const home = await mkdtemp(join(base, 'home-'));
  const scratch = await mkdtemp(join(base, 'empty-'));
  if (user !== undefined) {
    // Others may pass through the folder of this user, and see nothing in it.
    await chmod(base, 0o711);
    for (const folder of [home, scratch]) await chown(folder, user, user);
  }
  const environment = {
    PATH: process.env.PATH ?? '/usr/bin:/bin',
    HOME: keepHome ? (process.env.HOME ?? home) : home,
    TMPDIR: scratch,
    LC_ALL: 'C',
    LANG: 'C',
    TERM: 'dumb',
    COLUMNS: String(width),
    NO_COLOR: '1',
    PAGER: 'cat',
    MANPAGER: 'cat',
    GIT_PAGER: 'cat',
    // Python would put compiled files beside its sources.
    PYTHONDONTWRITEBYTECODE: '1',
    [MARK]: base,
  };
  return {
    folder: keepFolder ? process.cwd() : scratch,
    scratch,
    base,
    environment,
    async close() {
      await endMarked(base);
      // Not a failure of the run: the next one cleans up.
      await rm(base, { recursive: true, force: true, maxRetries: 3 }).catch(() => {});
    },
  };
}

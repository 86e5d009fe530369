import { mkdtemp, readdir, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Where programs are run: an empty folder, an empty home, and an environment with nothing of the user's. */
export interface Workplace {
  readonly folder: string;
  readonly environment: Readonly<Record<string, string>>;
  /** Ends every process that still runs from here, and removes the folders. */
  close(): Promise<void>;
}

export interface WorkplaceSettings {
  /** Columns of the terminal that programs are told of. */
  readonly width: number;
  /** Whether programs see the user's home. */
  readonly keepHome: boolean;
}

/** Makes a workplace in the folder for temporary files. */
export async function openWorkplace({ width, keepHome }: WorkplaceSettings): Promise<Workplace> {
  const base = await mkdtemp(join(tmpdir(), 'dabbawala-capture-'));
  const home = await mkdtemp(join(base, 'home-'));
  const folder = await mkdtemp(join(base, 'empty-'));
  const mark = `DABBAWALA_CAPTURE=${base}`;
  const environment = {
    PATH: process.env.PATH ?? '/usr/bin:/bin',
    HOME: keepHome ? (process.env.HOME ?? home) : home,
    TMPDIR: folder,
    LC_ALL: 'C',
    LANG: 'C',
    TERM: 'dumb',
    COLUMNS: String(width),
    NO_COLOR: '1',
    PAGER: 'cat',
    MANPAGER: 'cat',
    GIT_PAGER: 'cat',
    DABBAWALA_CAPTURE: base,
  };
  return {
    folder,
    environment,
    async close() {
      await endMarked(mark);
      await rm(base, { recursive: true, force: true, maxRetries: 3 });
    },
  };
}

/**
 * Ends the processes whose environment has the mark of a workplace: those that left their process group. Only where the
 * system shows processes as files (Linux); elsewhere the end of the group must do.
 */
async function endMarked(mark: string): Promise<void> {
  const entries = await readdir('/proc').catch(() => []);
  for (const pid of entries.filter((name) => /^\d+$/.test(name))) {
    const environment = await readFile(`/proc/${pid}/environ`, 'utf8').catch(() => '');
    if (!environment.split('\0').includes(mark) || Number(pid) === process.pid) continue;
    try {
      process.kill(Number(pid), 'SIGKILL');
    } catch {
      // It has ended.
    }
  }
}

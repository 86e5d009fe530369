import { readdir, readFile } from 'node:fs/promises';

/** The variable that marks every process started from a folders, and holds the folders's folder. */
export const MARK = 'DABBAWALA_CAPTURE';

/** How often processes are looked for: one that is just being started has no mark yet. */
const LOOKS = 3;

/**
 * Ends the processes whose environment has the mark of a folders: those that left their process group. Only where the
 * system shows processes as files (Linux); elsewhere the end of the group must do.
 */
export async function endMarked(base: string): Promise<void> {
  for (let look = 0; look < LOOKS; look++) if ((await endOnce(`${MARK}=${base}`)) === 0) return;
}

async function endOnce(mark: string): Promise<number> {
  let ended = 0;
  const entries = await readdir('/proc').catch(() => []);
  for (const pid of entries.filter((name) => /^\d+$/.test(name))) {
    if (Number(pid) === process.pid) continue;
    const environment = await readFile(`/proc/${pid}/environ`, 'utf8').catch(() => '');
    if (!environment.split('\0').includes(mark)) continue;
    try {
      process.kill(Number(pid), 'SIGKILL');
      ended++;
    } catch {
      // It has ended.
    }
  }
  return ended;
}

import { createHash } from 'node:crypto';
import { readFileSync, readlinkSync } from 'node:fs';

/**
 * Tells a process from every other one, of another time or another machine too: its number, when it was started (in ticks since the machine
 * was), and where that number counts. Where the system does not show processes as files, only the number is known.
 */
export interface ProcessIdentity {
  readonly pid: number;
  readonly started: string | undefined;
  /** The start of the machine and the namespace of process numbers, as one word. */
  readonly world: string | undefined;
}

export function ownIdentity(): ProcessIdentity {
  return { pid: process.pid, started: startOf(process.pid), world: ownWorld() };
}

/** An identity as a word without a hyphen, which can stand in the name of a file. */
export function identityWord({ pid, started = '', world = '' }: ProcessIdentity): string {
  return `${pid}.${started}.${world}`;
}

/** The identity that a word says; undefined where it says none. */
export function identityFrom(word: string): ProcessIdentity | undefined {
  const match = /^(\d{1,10})\.(\d{0,20})\.([\da-f]{0,12})$/.exec(word);
  if (match === null) return undefined;
  const [, pid, started, world] = match;
  return { pid: Number(pid), started: started || undefined, world: world || undefined };
}

/** Whether a process is gone for certain; undefined where that cannot be told from here. */
export function isGone({ pid, started, world }: ProcessIdentity): boolean | undefined {
  if (world !== ownWorld()) return undefined;
  if (started !== undefined) return startOf(pid) !== started;
  try {
    process.kill(pid, 0);
    return false;
  } catch (error) {
    return error instanceof Error && 'code' in error && error.code === 'ESRCH' ? true : undefined;
  }
}

/** The 22nd field of `/proc/PID/stat`; the second one may hold blanks and brackets. */
function startOf(pid: number): string | undefined {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19];
  } catch {
    return undefined;
  }
}

function ownWorld(): string | undefined {
  try {
    const boot = readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim();
    const world = `${boot} ${readlinkSync('/proc/self/ns/pid')}`;
    return createHash('sha256').update(world).digest('hex').slice(0, 12);
  } catch {
    return undefined;
  }
}

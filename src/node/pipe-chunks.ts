import { type FileHandle, readlink } from 'node:fs/promises';
import { setTimeout as pause } from 'node:timers/promises';

/** How long to wait before a pipe that had nothing is read again, in milliseconds. */
const PAUSE = 10;

const CHUNK = 64 * 1024;

/** Nothing came through a pipe for as long as was waited. */
export class NothingArrived extends Error {}

/**
 * What comes through a pipe or a terminal that was opened without blocking, up to its end. A FIFO that nobody has opened for writing
 * yet is waited for. Throws `NothingArrived` where nothing comes for `waitLimit` milliseconds.
 */
export async function* pipeChunks(file: FileHandle, waitLimit: number): AsyncGenerator<Uint8Array> {
  const isNamed = (await file.stat()).isFIFO() && (await hasName(file));
  let hasBegun = false;
  let since = performance.now();
  for (;;) {
    const chunk = await readOnce(file);
    if (chunk !== undefined && chunk.length > 0) {
      hasBegun = true;
      since = performance.now();
      yield chunk;
      continue;
    }
    // No bytes: the end, or a FIFO without a writer so far.
    if (chunk !== undefined && (hasBegun || !isNamed)) return;
    if (performance.now() - since > waitLimit) throw new NothingArrived();
    await pause(PAUSE);
  }
}

/** The bytes that are there; none where no writer has the pipe open; undefined where a writer has not written. */
async function readOnce(file: FileHandle): Promise<Uint8Array | undefined> {
  try {
    const { buffer, bytesRead } = await file.read(Buffer.alloc(CHUNK), 0, CHUNK, null);
    return buffer.subarray(0, bytesRead);
  } catch (error) {
    if (error instanceof Error && 'code' in error && error.code === 'EAGAIN') return undefined;
    throw error;
  }
}

/** Whether a pipe is a FIFO with a name, not one that a shell made for `<(...)`; where the system does not tell, it is. */
async function hasName(file: FileHandle): Promise<boolean> {
  const target = await readlink(`/proc/self/fd/${file.fd}`).catch(() => '');
  return !target.startsWith('pipe:');
}

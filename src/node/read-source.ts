import { constants } from 'node:fs';
import { type FileHandle, open } from 'node:fs/promises';
import type { Problem } from '../core/source/problem.ts';
import { decodeText } from './decode-text.ts';
import { decompress, isCompressed } from './decompress.ts';
import { NothingArrived, pipeChunks } from './pipe-chunks.ts';
import type { ReadResult } from './read-result.ts';
import { systemReason } from './system-reason.ts';

/** The largest source that is read, in bytes. */
export const BYTE_LIMIT = 32 * 1024 * 1024;

/** The largest file that is read though nobody named it, in bytes. */
export const FOUND_BYTE_LIMIT = 1024 * 1024;

/** How long something must come through a pipe in, in milliseconds. */
const WAIT_LIMIT = 30_000;

/** How a file is read. */
export interface ReadSettings {
  /** The most milliseconds in which nothing comes through a FIFO or another pipe; 30 seconds where not given. */
  readonly waitLimit?: number;
}

/**
 * Reads a file of at most 32 MiB as text, unpacked where it is compressed by gzip. The source is named as given. It may be a FIFO or a pipe such as a shell makes for `<(...)`, which
 * is read up to its end as long as something comes in time. A file that is missing, a directory, too large or not readable is a
 * problem; bytes that are not UTF-8 are replaced by U+FFFD, and that is a problem too.
 */
export function readSourceFile(
  path: string,
  { waitLimit = WAIT_LIMIT }: ReadSettings = {},
): Promise<ReadResult> {
  return readOpened(path, 'unusable', async (file) => {
    const stat = await file.stat();
    if (stat.isDirectory()) return problem(path, 'is-directory', 'expected a file, this is a directory');
    if (stat.size > BYTE_LIMIT) return tooLarge(path);
    if (stat.isFile()) return collect(path, file.createReadStream({ autoClose: false }));
    // A terminal may take its time: somebody sits at it.
    return collect(path, pipeChunks(file, stat.isCharacterDevice() ? Number.POSITIVE_INFINITY : waitLimit));
  });
}

/**
 * Reads a file that was found where nobody named it, such as settings in a folder above. It must be a regular file of at most 1 MiB; what
 * keeps it from being read is a problem, and the rest goes on without it.
 */
export function readFoundFile(path: string): Promise<ReadResult> {
  return readOpened(path, 'partly-read', async (file) => {
    const stat = await file.stat();
    if (!stat.isFile())
      return problem(path, 'no-regular-file', 'expected a regular file; it is ignored', 'partly-read');
    if (stat.size > FOUND_BYTE_LIMIT) {
      const message = `expected at most ${FOUND_BYTE_LIMIT} bytes, this has ${stat.size}; it is ignored`;
      return problem(path, 'file-too-large', message, 'partly-read');
    }
    return collect(path, file.createReadStream({ autoClose: false }));
  });
}

async function readOpened(
  path: string,
  consequence: Problem['consequence'],
  read: (file: FileHandle) => Promise<ReadResult>,
): Promise<ReadResult> {
  let file: FileHandle | undefined;
  try {
    // Without blocking: a FIFO that nobody writes to would keep the process for ever.
    file = await open(path, constants.O_RDONLY | constants.O_NONBLOCK);
    return await read(file);
  } catch (error) {
    return problem(path, 'cannot-read', reasonOf(error), consequence);
  } finally {
    await file?.close();
  }
}

/** Reads a stream such as standard input, of at most 32 MiB, to its end; `name` is what messages call it. */
export async function readSourceStream(name: string, stream: AsyncIterable<Uint8Array>): Promise<ReadResult> {
  try {
    return await collect(name, stream);
  } catch (error) {
    return problem(name, 'cannot-read', reasonOf(error));
  }
}

async function collect(name: string, chunks: AsyncIterable<Uint8Array>): Promise<ReadResult> {
  const parts: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of chunks) {
    size += chunk.length;
    if (size > BYTE_LIMIT) {
      return tooLarge(name);
    }
    parts.push(chunk);
  }
  const bytes = Buffer.concat(parts);
  return isCompressed(bytes) ? collectCompressed(name, bytes) : decodeText(name, bytes);
}

async function collectCompressed(name: string, bytes: Uint8Array): Promise<ReadResult> {
  try {
    const text = await decompress(bytes, BYTE_LIMIT);
    return text === undefined ? tooLarge(name) : decodeText(name, text);
  } catch {
    return problem(name, 'damaged', 'expected a file compressed by gzip, this one is damaged');
  }
}

function reasonOf(error: unknown): string {
  if (error instanceof NothingArrived)
    return 'nothing came through the pipe in time; write to it, or save the text to a file and give that';
  return error instanceof Error && 'code' in error && error.code === 'ENOENT'
    ? 'no such file; check the name, or give - for standard input'
    : `cannot be read: ${systemReason(error)}`;
}

function tooLarge(name: string): ReadResult {
  return problem(name, 'file-too-large', `a source can have at most ${BYTE_LIMIT} bytes, this has more`);
}

function problem(
  name: string,
  code: string,
  message: string,
  consequence: Problem['consequence'] = 'unusable',
): ReadResult {
  return { source: undefined, problems: [{ code, message, place: null, source: name, consequence }] };
}

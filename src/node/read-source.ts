import { open } from 'node:fs/promises';
import { decodeText } from './decode-text.ts';
import type { ReadResult } from './read-result.ts';
import { systemReason } from './system-reason.ts';

/** The largest source that is read, in bytes. */
export const BYTE_LIMIT = 32 * 1024 * 1024;

/**
 * Reads a file of at most 32 MiB as text. The source is named as given. A file that is missing, a directory, too large
 * or not readable is a problem; bytes that are not UTF-8 are replaced by U+FFFD, and that is a problem too.
 */
export async function readSourceFile(path: string): Promise<ReadResult> {
  let file: Awaited<ReturnType<typeof open>> | undefined;
  try {
    file = await open(path, 'r');
    const stat = await file.stat();
    if (stat.isDirectory()) return unusable(path, 'is-directory', 'expected a file, this is a directory');
    if (stat.size > BYTE_LIMIT) return tooLarge(path);
    return await collect(path, file.createReadStream({ autoClose: false }));
  } catch (error) {
    return unusable(path, 'cannot-read', reasonOf(error));
  } finally {
    await file?.close();
  }
}

/** Reads a stream such as standard input, of at most 32 MiB, to its end; `name` is what messages call it. */
export async function readSourceStream(name: string, stream: AsyncIterable<Uint8Array>): Promise<ReadResult> {
  try {
    return await collect(name, stream);
  } catch (error) {
    return unusable(name, 'cannot-read', reasonOf(error));
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
  return decodeText(name, Buffer.concat(parts));
}

function reasonOf(error: unknown): string {
  return error instanceof Error && 'code' in error && error.code === 'ENOENT'
    ? 'no such file; check the name, or give - for standard input'
    : `cannot be read: ${systemReason(error)}`;
}

function tooLarge(name: string): ReadResult {
  return unusable(name, 'file-too-large', `a source may have ${BYTE_LIMIT} bytes at the most, this has more`);
}

function unusable(name: string, code: string, message: string): ReadResult {
  return {
    source: undefined,
    problems: [{ code, message, place: null, source: name, consequence: 'unusable' }],
  };
}

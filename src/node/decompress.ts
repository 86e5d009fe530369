import { promisify } from 'node:util';
import { gunzip } from 'node:zlib';

const unpack = promisify(gunzip);

/** Whether bytes are compressed by gzip, as installed manual pages are (RFC 1952). */
export function isCompressed(bytes: Uint8Array): boolean {
  return bytes[0] === 0x1f && bytes[1] === 0x8b && bytes[2] === 8;
}

/** What compressed bytes stand for; undefined where that is more than the limit, and an Error where they are damaged. */
export async function decompress(bytes: Uint8Array, byteLimit: number): Promise<Uint8Array | undefined> {
  try {
    return await unpack(bytes, { maxOutputLength: byteLimit });
  } catch (error) {
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}

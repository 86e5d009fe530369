import type { Source } from '../core/source/source.ts';
import type { ReadResult } from './read-result.ts';

/**
 * Decodes UTF-8, or UTF-16 in either byte order where a byte order mark or the null bytes of its letters say so; what is neither is replaced
 * and reported.
 */
export function decodeText(name: string, bytes: Uint8Array): ReadResult {
  const encoding = encodingOf(bytes);
  try {
    return {
      source: {
        name,
        text: new TextDecoder(encoding, { fatal: true }).decode(bytes),
      },
      problems: [],
    };
  } catch {
    const source: Source = {
      name,
      text: new TextDecoder(encoding).decode(bytes),
    };
    const start = Math.max(0, source.text.indexOf('\ufffd'));
    return {
      source,
      problems: [
        {
          code: 'not-utf-8',
          message: `expected ${encoding === 'utf-8' ? 'UTF-8' : 'UTF-16'}, found other bytes; they are read as U+FFFD`,
          place: { source, start, end: start + 1 },
          source: name,
          consequence: 'partly-read',
        },
      ],
    };
  }
}

type Encoding = 'utf-8' | 'utf-16le' | 'utf-16be';

/** How much of a text is looked at where it has no byte order mark, in bytes. */
const LOOKED_AT = 512;

function encodingOf(bytes: Uint8Array): Encoding {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le';
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be';
  const start = bytes.subarray(0, Math.min(bytes.length & ~1, LOOKED_AT));
  const nulls = [0, 0];
  for (const [i, byte] of start.entries()) if (byte === 0) nulls[i % 2] = (nulls[i % 2] ?? 0) + 1;
  const [even = 0, odd = 0] = nulls;
  // Of text in Latin letters one byte of two is null, always the same one.
  const most = start.length / 2;
  if (most >= 4 && odd > most * 0.7 && even === 0) return 'utf-16le';
  return most >= 4 && even > most * 0.7 && odd === 0 ? 'utf-16be' : 'utf-8';
}

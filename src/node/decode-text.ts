import type { Source } from '../core/source/source.ts';
import type { ReadResult } from './read-result.ts';

/** Decodes UTF-8 (or UTF-16, where a byte order mark says so); what is neither is replaced and reported. */
export function decodeText(name: string, bytes: Uint8Array): ReadResult {
  const encoding = bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : 'utf-8';
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
          message: 'expected UTF-8, found other bytes; they are read as U+FFFD',
          place: { source, start, end: start + 1 },
          source: name,
          consequence: 'partly-read',
        },
      ],
    };
  }
}

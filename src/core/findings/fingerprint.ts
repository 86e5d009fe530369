import { listKey } from '../collections/list-key.ts';
/** A hash of texts as 16 hexadecimal digits: twice FNV-1a over UTF-16 units. For recognising, not for security. */
export function fingerprint(parts: readonly string[]): string {
  const text = listKey(parts);
  return hash(text, 0x811c9dc5) + hash(text, 0x9dc5811c);
}

function hash(text: string, seed: number): string {
  let value = seed;
  for (let i = 0; i < text.length; i++) value = Math.imul(value ^ text.charCodeAt(i), 0x01000193);
  return (value >>> 0).toString(16).padStart(8, '0');
}

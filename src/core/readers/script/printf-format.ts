import type { TextBuilder } from '../../source/text-builder.ts';

/** So long a text is made of one command at most. */
const LENGTH_LIMIT = 100_000;

/** Puts values into the format of `printf`, which stands at an offset; a format with fewer places than there are values is used again, as POSIX has it. */
export function fillFormat(
  to: TextBuilder,
  format: string,
  at: number,
  values: readonly { readonly text: string; readonly pos: number }[],
): void {
  const PLACE = /%(-?)(\d{0,3})(?:\.\d+)?([sdiubcq%])/g;
  let next = 0;
  do {
    let from = 0;
    const before = next;
    for (const match of format.matchAll(PLACE)) {
      to.put(format.slice(from, match.index), at);
      from = match.index + match[0].length;
      if (match[3] === '%') {
        to.put('%', at);
        continue;
      }
      const value = values[next++];
      const width = Number(match[2] || 0);
      const text = value?.text ?? '';
      to.put(match[1] === '-' ? text.padEnd(width) : text.padStart(width), value?.pos ?? at);
    }
    to.put(format.slice(from), at);
    if (next === before) break;
  } while (next < values.length && to.length < LENGTH_LIMIT);
}

import type { Place } from '../source/source.ts';

/** Entries further below the option that they belong to, in UTF-16 units, are not looked for. */
const NEARBY = 5000;

/** A long name at the beginning of an entry, with nothing but an argument and a gutter behind it. */
const LONG_NAME_ALONE = /^--\w[\w-]{0,60}(?:[= ]\S{1,60})?(?:\s{2}|\t|$)/;

/**
 * The offset of the entry that an entry of help output stands deeper below, where that is a long option: its own options, as in
 * `--dump      dump the round`, and below it `  --day=N   * of that day`. Undefined where it stands below none. In lists whose letters have a column of their own, long names
 * alone stand deepest, so that none of them is above another.
 */
export function optionAbove(place: Place): number | undefined {
  if (place === null) return undefined;
  const { text } = place.source;
  let lineStart = text.lastIndexOf('\n', place.start - 1) + 1;
  const indent = indentOf(text, lineStart);
  const limit = Math.max(0, place.start - NEARBY);
  // A line before another ends two units before it at the latest.
  while (lineStart > limit && lineStart > 1) {
    lineStart = text.lastIndexOf('\n', lineStart - 2) + 1;
    const own = indentOf(text, lineStart);
    const isBlank = text[lineStart + own] === '\n' || text[lineStart + own] === undefined;
    if (isBlank || own >= indent) continue;
    const at = lineStart + own;
    return LONG_NAME_ALONE.test(text.slice(at, at + 140).split('\n')[0] ?? '') ? at : undefined;
  }
  return undefined;
}

function indentOf(text: string, lineStart: number): number {
  let at = lineStart;
  while (text[at] === ' ' || text[at] === '\t') at++;
  return at - lineStart;
}

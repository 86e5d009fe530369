import { exactPlace } from '../edits/text-edits.ts';
import type { Span } from '../source/source.ts';

/** Where a name stands in a word as it is written, once and as it is; undefined where it does not. */
export function placeOfName(name: string, { source, start, end }: Span): Span | undefined {
  const written = source.text.slice(start, end);
  const at = onlyIndex(written, name);
  // `--la` is no part of `--late`, and `late` none of `--late`.
  const isWhole = !/[\w-]/.test(written[at - 1] ?? ' ') && !/[\w-]/.test(written[at + name.length] ?? ' ');
  return at >= 0 && isWhole ? exactPlace(source, start + at, start + at + name.length) : undefined;
}

/** Where a part of a word stands, of which the place and the text are given; undefined where it does not stand there as it is. */
export function placeOfPart(
  word: { readonly text: string; readonly place: Span },
  part: { readonly start: number; readonly end: number },
): Span | undefined {
  const { source, start, end } = word.place;
  const at = onlyIndex(source.text.slice(start, end), word.text);
  if (at < 0) return placeOfName(word.text.slice(part.start, part.end), word.place);
  return exactPlace(source, start + at + part.start, start + at + part.end);
}

function onlyIndex(text: string, part: string): number {
  const at = text.indexOf(part);
  return at >= 0 && text.indexOf(part, at + 1) < 0 ? at : -1;
}

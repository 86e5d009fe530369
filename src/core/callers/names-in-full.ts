import { exactPlace, type TextEdit } from '../edits/text-edits.ts';
import type { Span } from '../source/source.ts';
import type { Invocation, UsedAbbreviation } from './find-callers.ts';

/** Edits that write names in full, and the abbreviations that stay. */
export interface NamesInFull {
  /** The edits, each of an abbreviation as it stands in its file. */
  readonly edits: readonly TextEdit[];
  /** The abbreviations that do not stand there as they are, but by quotes, escapes or a variable, so that no edit of them is certain. */
  readonly left: readonly UsedAbbreviation[];
}

/** Writes the names that calls abbreviate in full: only the bytes of the abbreviation itself, whatever stands around it. */
export function namesInFull(invocations: readonly Invocation[]): NamesInFull {
  const edits: TextEdit[] = [];
  const left: UsedAbbreviation[] = [];
  for (const one of invocations.flatMap(({ abbreviations }) => abbreviations)) {
    const place = placeOf(one);
    if (place === undefined) left.push(one);
    else edits.push({ place, text: one.name });
  }
  return { edits, left };
}

/** Where an abbreviation stands in its word as it is written, once and as it is; undefined where it does not. */
function placeOf({ text, place: { source, start, end } }: UsedAbbreviation): Span | undefined {
  const written = source.text.slice(start, end);
  const at = written.indexOf(text);
  const isOnce = at >= 0 && written.indexOf(text, at + 1) < 0;
  // `--la` is no part of `--late`, and `late` none of `--late`.
  const isWhole = !/[\w-]/.test(written[at - 1] ?? ' ') && !/[\w-]/.test(written[at + text.length] ?? ' ');
  return isOnce && isWhole ? exactPlace(source, start + at, start + at + text.length) : undefined;
}

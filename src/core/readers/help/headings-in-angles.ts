import { flatMapped } from '../../collections/flat-mapped.ts';
import { type HeadingKind, headingKind } from './heading-kind.ts';
import type { TextLine } from './text-line.ts';

/** `<commands>`, alone on its line and at the margin. */
const IN_ANGLES = /^<([\p{L}][^<>[\]|]{2,60})>$/u;

/** A text has so many kinds of lists below such headings; a single one is the name of an operand. */
const MIN_KINDS = 2;

/** The words of a heading in angle brackets that name a kind of list; undefined for any other line. */
export function wordsInAngles(text: string): string | undefined {
  const words = IN_ANGLES.exec(text)?.[1];
  return words === undefined || headingKind(words) === 'other' ? undefined : words;
}

/** The lines of a text that are headings in angle brackets: none, unless two of them name kinds of lists. */
export function headingsInAngles(lines: readonly TextLine[]): ReadonlySet<TextLine> {
  const found = lines.filter(({ text }) => text.startsWith('<') && IN_ANGLES.test(text));
  const kinds = new Set(flatMapped(found, ({ text }) => kindInAngles(text)));
  return new Set(kinds.size < MIN_KINDS ? [] : found);
}

function kindInAngles(text: string): HeadingKind[] {
  const words = wordsInAngles(text);
  return words === undefined ? [] : [headingKind(words)];
}

import type { RoffText } from './roff-text.ts';

/** A font: upright, bold, italic. */
export type Font = 'upright' | 'bold' | 'italic';

/** Characters of a page in one font, as they are printed. */
export interface StyledText extends RoffText {
  readonly font: Font;
}

/** Characters that something at an offset of the source stands for. */
export function madeText(text: string, at: number, font: Font = 'upright'): StyledText {
  return { text, at, isExact: false, font };
}

/** The characters of several pieces in a row. */
export function plainText(pieces: readonly StyledText[]): string {
  return pieces.map(({ text }) => text).join('');
}

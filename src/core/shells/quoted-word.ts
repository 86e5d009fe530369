import { escapeControls } from '../source/printable.ts';

/**
 * A word as bash, zsh and every shell of POSIX.1-2024 take it unchanged: without quotes where it needs none, in single quotes, or in
 * dollar-single-quotes (XCU 2.2.4) where it holds controls, which then stand as escapes.
 */
export function quotedWord(word: string): string {
  if (/^[\w@%+,./-]+$/.test(word)) return word;
  const escaped = escapeControls(word.replace(/[\\']/g, '\\$&'), (unit) => octalBytes(storable(unit)));
  // Without a control nothing but the escapes of the quotes themselves has changed.
  return escapeControls(word, () => '') === word ? `'${word.replaceAll("'", "'\\''")}'` : `$'${escaped}'`;
}

/** A word as fish takes it unchanged: without quotes where it needs none. */
export function fishWord(word: string): string {
  return /^[\w@+,./-]+$/.test(word) ? word : fishQuoted(word);
}

/** A word in single quotes, as fish takes it: in them a backslash escapes itself and the quote; controls stand outside, as escapes. */
function fishQuoted(word: string): string {
  const toEscape = (unit: number) => `'\\u${storable(unit).toString(16).padStart(4, '0')}'`;
  return `'${escapeControls(word.replace(/[\\']/g, '\\$&'), toEscape)}'`;
}

/** A code unit that a word of a script can hold: U+FFFD for the null character and for half a surrogate pair. */
function storable(unit: number): number {
  return unit === 0 || (unit >= 0xd800 && unit <= 0xdfff) ? 0xfffd : unit;
}

/** The bytes of a character in UTF-8 as octal escapes of three digits, which end where they end. */
function octalBytes(unit: number): string {
  const encoded = encodeURIComponent(String.fromCharCode(unit));
  const bytes = encoded.match(/%[0-9A-F]{2}|[^%]/g) ?? [];
  return bytes
    .map((byte) => (byte.length === 1 ? byte.charCodeAt(0) : Number.parseInt(byte.slice(1), 16)))
    .map((byte) => `\\${byte.toString(8).padStart(3, '0')}`)
    .join('');
}

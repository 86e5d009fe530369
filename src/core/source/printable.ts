/**
 * Makes text from a stranger safe to print: control characters, terminal escapes and characters that reorder
 * or hide text become `\x1b`-like notation; a tab stays a tab, and line breaks become `\n`.
 */
export function printable(text: string): string {
  return escapeControls(text, notation);
}

/**
 * Replaces each character that must not reach a terminal raw: controls (of the C1 range too), characters that reorder or hide text,
 * and halves of surrogate pairs. `toEscape` is given the code unit. A tab stays a tab.
 */
export function escapeControls(text: string, toEscape: (unit: number) => string): string {
  let out = '';
  let copied = 0;
  for (let i = 0; i < text.length; i++) {
    const unit = text.charCodeAt(i);
    if (!isUnsafe(unit)) continue;
    if (unit >= 0xd800 && unit <= 0xdbff && isLowSurrogate(text.charCodeAt(i + 1))) {
      i++;
      continue;
    }
    out += text.slice(copied, i) + toEscape(unit);
    copied = i + 1;
  }
  return copied === 0 ? text : out + text.slice(copied);
}

function isUnsafe(unit: number): boolean {
  if (unit < 0x20) return unit !== 0x09;
  if (unit < 0x7f) return false;
  return (
    unit <= 0x9f ||
    unit === 0xad ||
    unit === 0x61c ||
    (unit >= 0x200b && unit <= 0x200f) ||
    (unit >= 0x2028 && unit <= 0x202e) ||
    (unit >= 0x2060 && unit <= 0x206f) ||
    (unit >= 0xd800 && unit <= 0xdfff) ||
    unit === 0xfeff
  );
}

function isLowSurrogate(unit: number): boolean {
  return unit >= 0xdc00 && unit <= 0xdfff;
}

function notation(unit: number): string {
  if (unit === 0x0a) return '\\n';
  if (unit === 0x0d) return '\\r';
  return unit <= 0xff
    ? `\\x${unit.toString(16).padStart(2, '0')}`
    : `\\u${unit.toString(16).padStart(4, '0')}`;
}

import stringWidth from 'fast-string-width';

const TAB_STOP = 8;

/** Columns that a text without line breaks takes on a terminal when it begins at column `from` (from 0). */
export function textWidth(text: string, from = 0): number {
  if (!text.includes('\t')) return isPlain(text) ? text.length : stringWidth(text);
  let column = from;
  for (const [index, part] of text.split('\t').entries()) {
    if (index > 0) column += TAB_STOP - (column % TAB_STOP);
    column += isPlain(part) ? part.length : stringWidth(part);
  }
  return column - from;
}

/** The text with each tab replaced by the spaces that it stands for, when it begins at column 0. */
export function expandTabs(text: string): string {
  if (!text.includes('\t')) return text;
  let out = '';
  let column = 0;
  for (const [index, part] of text.split('\t').entries()) {
    if (index > 0) {
      const fill = TAB_STOP - (column % TAB_STOP);
      out += ' '.repeat(fill);
      column += fill;
    }
    out += part;
    column += textWidth(part);
  }
  return out;
}

function isPlain(text: string): boolean {
  for (let i = 0; i < text.length; i++) {
    const unit = text.charCodeAt(i);
    if (unit < 0x20 || unit > 0x7e) return false;
  }
  return true;
}

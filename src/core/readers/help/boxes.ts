const BOX = /[\u2500-\u257f]/;
const RULE = /[─━═╌╍┄┅┈┉]{2}/;

/** A line of one mark: below a heading, or between parts. */
const UNDERLINE = /^[ \t]*([-=~*_#])\1{2,}[ \t]*$/;

/**
 * A text of the same length without underlines and the frames of boxes and tables: their lines become blanks, and a title set into the upper border
 * becomes a heading with a colon.
 */
export function withoutBoxes(text: string): string {
  if (!BOX.test(text) && !/^[ \t]*(?:\||([-=~*_#])\1{2,}[ \t]*$)/m.test(text)) return text;
  const lines = text.split('\n');
  return lines.map((line, i) => withoutFrame(line, lines[i - 1], lines[i + 1])).join('\n');
}

function withoutFrame(line: string, before: string | undefined, after: string | undefined): string {
  if (BOX.test(line)) {
    const bare = line.replace(/[\u2500-\u257f]/g, ' ');
    // `│ *  --quay  TEXT  ...`: a star in a column of its own marks what must be given; the text says so too.
    return RULE.test(line) ? withColon(bare) : bare.replace(/^(\s*)\*(?=\s{1,8}[\w-])/, '$1 ');
  }
  if (UNDERLINE.test(line)) return ' '.repeat(line.length);
  // A table of bars has more lines of its kind; a rule of dashes is one.
  if (!isRow(line) || !(isRow(before) || isRow(after))) return line;
  return /^[\s|+=:-]+$/.test(line)
    ? ' '.repeat(line.length)
    : line.replace(/(^\s*)\||\|(\s*$)| \|(?= )/g, (found) => ' '.repeat(found.length));
}

function isRow(line: string | undefined): boolean {
  const row = line?.trim() ?? '';
  return row.length > 1 && /^[|+]/.test(row) && /[|+]$/.test(row);
}

/** A title with a colon in place of the blank behind it. */
function withColon(line: string): string {
  const title = line.trim();
  const end = line.indexOf(title) + title.length;
  if (!/^\p{L}[\p{L} -]{1,40}$/u.test(title) || line[end] !== ' ') return line;
  return `${line.slice(0, end)}:${line.slice(end + 1)}`;
}

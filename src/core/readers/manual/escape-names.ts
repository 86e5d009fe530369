/** The name behind an escape such as `\*`, `\n` or `\f`: one character, two behind `(`, or what stands in brackets; and where it ends. */
export function escapeName(text: string, at: number): { readonly name: string; readonly end: number } {
  const first = text[at];
  if (first === '(') return { name: text.slice(at + 1, at + 3), end: Math.min(at + 3, text.length) };
  if (first !== '[') return { name: first ?? '', end: Math.min(at + 1, text.length) };
  const end = text.indexOf(']', at);
  return end < 0
    ? { name: text.slice(at + 1), end: text.length }
    : { name: text.slice(at + 1, end), end: end + 1 };
}

/** Where what stands between two of the same mark ends, behind the second: `'+3n'`. */
export function delimitedEnd(text: string, at: number, depth = 2): number {
  const mark = text[at];
  if (mark === undefined) return text.length;
  for (let i = at + 1; i < text.length; i++) {
    // What stands in it may have such marks of its own: the width of a text in the distance of a move.
    if (text[i] === '\\' && depth > 0 && /[ABbDhlLNowXZ]/.test(text[i + 1] ?? ''))
      i = delimitedEnd(text, i + 2, depth - 1) - 1;
    else if (text[i] === mark) return i + 1;
  }
  return text.length;
}

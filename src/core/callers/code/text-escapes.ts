/** So far the end of an expression within a text is looked for, in UTF-16 units. */
const FIELD_LIMIT = 2000;

const IN_C: Readonly<Record<string, string>> = { n: '\n', t: '\t', r: '\r', '0': '\0', e: '\u001b' };

/** What a backslash and what stands behind it come to; undefined where they stand for themselves. */
export function escapedText(
  text: string,
  at: number,
  escapes: 'as-in-c' | 'closing',
  closing: string,
): { readonly value: string | undefined; readonly length: number } {
  const next = text[at + 1] ?? '';
  if (escapes === 'closing') {
    const isEscape = next === '\\' || (next !== '' && closing.startsWith(next));
    return { value: isEscape ? next : undefined, length: 2 };
  }
  if (next === '\n') return { value: '', length: 2 };
  const code = /^(?:x([\da-fA-F]{2})|u([\da-fA-F]{4})|u\{([\da-fA-F]{1,6})\})/.exec(
    text.slice(at + 1, at + 10),
  );
  if (code !== null) {
    const point = Number.parseInt(code[1] ?? code[2] ?? code[3] ?? '0', 16);
    return { value: point > 0x10ffff ? '\ufffd' : String.fromCodePoint(point), length: 1 + code[0].length };
  }
  return { value: IN_C[next] ?? next, length: 2 };
}

/** Where what stands for something else ends: with the bracket that closes its first one, or with itself where it has none open. */
export function endOfField(text: string, at: number, opened: string): number {
  if (!/[{[(]$/.test(opened)) return at + opened.length;
  let depth = 1;
  let quote = '';
  const end = Math.min(text.length, at + FIELD_LIMIT);
  for (let i = at + opened.length; i < end; i++) {
    const character = text[i] ?? '';
    if (quote !== '') {
      if (character === '\\') i++;
      else if (character === quote) quote = '';
    } else if (/["'`]/.test(character)) quote = character;
    else if (/[{[(]/.test(character)) depth++;
    else if (/[}\])]/.test(character) && --depth === 0) return i + 1;
  }
  // Where it is never closed, the rest of the line is not known.
  const line = text.indexOf('\n', at);
  return line < 0 ? end : Math.min(line, end);
}

import { Lexer } from 'yaml';

/** The deepest nesting of lists and mappings that a document may have. */
export const DEPTH_LIMIT = 100;

/**
 * The offset at which a YAML text nests deeper than the limit; undefined where it nowhere does. Looks at the lexer's tokens
 * only, since parsing such a text would already use up the stack.
 */
export function findTooDeep(text: string): number | undefined {
  const columns: number[] = [];
  let flow = 0;
  let offset = 0;
  let lineStart = 0;
  let opens = true;
  for (const token of new Lexer().lex(text)) {
    // The lexer marks documents and scalars by single control characters that are not in the text.
    if (token === '\x02' || token === '\x18' || token === '\x1f' || token === '\u{feff}') continue;
    if (token === '[' || token === '{') flow++;
    else if (token === ']' || token === '}') flow = Math.max(0, flow - 1);
    if (token.includes('\n')) {
      lineStart = offset + token.lastIndexOf('\n') + 1;
      opens = true;
    } else if (opens && token.trim() !== '') {
      const column = offset - lineStart;
      while ((columns.at(-1) ?? -1) >= column) columns.pop();
      columns.push(column);
      opens = token === '-' || token === '?' || token === ':';
    }
    if (columns.length + flow > DEPTH_LIMIT) return offset;
    offset += token.length;
  }
  return undefined;
}

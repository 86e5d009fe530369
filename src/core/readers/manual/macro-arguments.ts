import { escapeName } from './escape-names.ts';
import type { RoffText } from './roff-text.ts';

/** How long a line of a macro may become by the arguments that are put into it. */
const LENGTH_LIMIT = 64 * 1024;

/** The lines of a macro that is called: with the arguments of the call in their places. All of them stand where the call does. */
export function withGivenArguments(
  body: readonly RoffText[],
  name: string,
  given: readonly RoffText[],
  at: number,
): RoffText[] {
  const words = given.map(({ text }) => text);
  return body.map(({ text }) => ({ text: filledIn(text, name, words), at, isExact: false }));
}

/** A line in which one backslash of two is left, as when a macro is defined, and arguments stand for their numbers. */
function filledIn(text: string, name: string, words: readonly string[]): string {
  let result = '';
  let at = 0;
  while (at < text.length && result.length < LENGTH_LIMIT) {
    const next = text.indexOf('\\', at);
    if (next < 0) return result + text.slice(at);
    result += text.slice(at, next);
    const from = text[next + 1] === '\\' ? next + 2 : next + 1;
    if (text[from] === '$') {
      const { name: which, end } = escapeName(text, from + 1);
      result += argument(which, name, words);
      at = end;
    } else if (text.startsWith('n(.$', from) || text.startsWith('n[.$]', from)) {
      result += String(words.length);
      at = from + (text[from + 1] === '(' ? 4 : 5);
    } else {
      // Of two backslashes the macro holds one.
      result += text[next + 1] === '\\' ? '\\' : text.slice(next, next + 2);
      at = next + 2;
    }
  }
  return result;
}

function argument(which: string, name: string, words: readonly string[]): string {
  if (which === '0') return name;
  if (which === '*') return words.join(' ');
  if (which === '@') return words.map((word) => `"${word}"`).join(' ');
  return words[Number(which) - 1] ?? '';
}

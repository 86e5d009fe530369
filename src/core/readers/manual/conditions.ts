import type { Definitions } from './definitions.ts';
import { escapeName } from './escape-names.ts';
import { numericValue } from './numbers.ts';

/** What a condition came to, and where what it decides about begins. */
export interface Condition {
  readonly holds: boolean;
  readonly end: number;
}

/** Conditions of one letter, as they are for a page on a terminal. */
const LETTERS: ReadonlyMap<string, boolean> = new Map([
  ['n', true],
  ['o', true],
  ['t', false],
  ['e', false],
  ['v', false],
]);

/** Reads the condition of `.if`, `.ie` or `.while`, from an offset of the line on. `isMacro` tells which macros there are without a definition. */
export function readCondition(
  text: string,
  from: number,
  definitions: Definitions,
  isMacro: (name: string) => boolean,
): Condition {
  let at = skipBlanks(text, from);
  let isNegated = false;
  while (text[at] === '!') {
    isNegated = !isNegated;
    at = skipBlanks(text, at + 1);
  }
  const { holds, end } = positive(text, at, definitions, isMacro);
  return { holds: holds !== isNegated, end: skipBlanks(text, end) };
}

function positive(
  text: string,
  at: number,
  definitions: Definitions,
  isMacro: (name: string) => boolean,
): Condition {
  const first = text[at] ?? '';
  const next = text[at + 1] ?? ' ';
  const letter = LETTERS.get(first);
  if (letter !== undefined && !/[A-Za-z0-9]/.test(next)) return { holds: letter, end: at + 1 };
  if (/[dmrcFS]/.test(first) && /[ \w\\[]/.test(next)) {
    const from = skipBlanks(text, at + 1);
    const name = /^[^ \t\\]*/.exec(text.slice(from))?.[0] ?? '';
    return { holds: isThere(first, name, definitions, isMacro), end: from + name.length };
  }
  if (/[\d(+\\-]/.test(first) && !(first === '\\' && next === '*')) {
    const { value, end } = numericValue(text.slice(at), definitions);
    return { holds: value > 0, end: at + Math.max(1, end) };
  }
  return comparison(text, at, definitions);
}

function isThere(
  kind: string,
  name: string,
  { registers, strings, macros }: Definitions,
  isMacro: (name: string) => boolean,
): boolean {
  if (kind === 'r') return registers.has(name);
  if (kind === 'd') return strings.has(name) || macros.has(name) || isMacro(name);
  return kind === 'c' || kind === 'F' || kind === 'S';
}

/** Two texts held against each other: `'one'other'`, with any mark. */
function comparison(text: string, at: number, definitions: Definitions): Condition {
  const mark = text[at] ?? '';
  const middle = text.indexOf(mark, at + 1);
  const end = middle < 0 ? -1 : text.indexOf(mark, middle + 1);
  if (mark === '' || end < 0) return { holds: false, end: text.length };
  const one = expanded(text.slice(at + 1, middle), definitions);
  return { holds: one === expanded(text.slice(middle + 1, end), definitions), end: end + 1 };
}

/** A text with the values of its strings and registers. */
function expanded(text: string, definitions: Definitions): string {
  let result = '';
  let at = 0;
  while (at < text.length) {
    const kind = text[at] === '\\' ? text[at + 1] : undefined;
    if (kind !== '*' && kind !== 'n') {
      result += text[at];
      at++;
      continue;
    }
    const { name, end } = escapeName(text, at + 2);
    result += kind === '*' ? definitions.string(name) : String(definitions.register(name));
    at = end;
  }
  return result;
}

export function skipBlanks(text: string, from: number): number {
  let at = from;
  while (text[at] === ' ' || text[at] === '\t') at++;
  return at;
}

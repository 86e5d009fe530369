import { type ListedValue, scanValueList } from './listed-values.ts';

/** What is chosen from a list: the noun that stands before a bracket with one, `logging level (error, warn, debug)`. */
const CHOSEN =
  /\b(?:action|algorithm|backend|colou?r|encoding|format|kind|language|level|method|mode|order|policy|protocol|severity|strategy|style|syntax|theme|type|unit)s?\s?\($/i;

/** What tells that a list goes on, or is of examples. */
const OPEN_ENDED = /\b(?:etc|e\.g|i\.e|such as|like|for example|default(?!,)|see)\b|\.\.\.|…/i;

/** So many values are surely a list, and no remark of a word or two. */
const MIN_VALUES = 3;

/** Values in round brackets behind the noun that they are of, `set the level (error, warn, debug)`; undefined where there are none. */
export function bracketedValues(
  text: string,
): { values: readonly ListedValue[]; start: number; end: number } | undefined {
  for (const match of text.matchAll(/\(([^()]{3,300})\)/g)) {
    const before = text.slice(Math.max(0, match.index - 30), match.index + 1);
    const inner = match[1] ?? '';
    if (OPEN_ENDED.test(inner)) continue;
    const start = match.index + 1;
    const list = scanValueList(text, start);
    const isWhole = list !== undefined && list.end === start + inner.trimEnd().length;
    // `how to go (foot, cart, or boat)`: the last word tells that there are no others.
    const isSmall = list?.values.every(({ value }) => /^[a-z]/.test(value)) === true;
    const isChosen = CHOSEN.test(before) || (list?.hasOr === true && isSmall);
    if (isWhole && isChosen && list.values.length >= MIN_VALUES)
      return { values: list.values, start: match.index, end: match.index + match[0].length };
  }
  return undefined;
}

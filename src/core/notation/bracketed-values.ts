import { matches } from '../source/matches.ts';
import { type ListedValue, scanValueList } from './listed-values.ts';

/** What is chosen from a list: the noun that stands before a bracket with one, `logging level (error, warn, debug)`. */
const CHOSEN =
  /\b(?:action|algorithm|backend|colou?r|encoding|format|kind|language|level|method|mode|order|policy|protocol|severity|strategy|style|syntax|theme|type|unit)s?\s?\($/i;

/** What tells that a list goes on, or is of examples. */
const OPEN_ENDED = /\b(?:etc|e\.g|i\.e|such as|like|for example|default(?!,)|see)\b|\.\.\.|…/i;

/** So many values are surely a list, and no remark of a word or two. */
const MIN_VALUES = 3;

/** Behind a bracket at the end of a text: nothing but notes in brackets of their own. */
const AT_END = /^[.\s]*(?:[[(][^()[\]]{1,100}[\])][.\s]*){0,3}$/;

/** `(tin, paper; default: tin)`: the default behind the values. */
const DEFAULT_BEHIND = /[;,] {0,2}(?:the )?default(?:s to| is|:| =|=)? {0,2}["'`]?[\w.+-]{1,40}["'`]?$/i;

/** So much behind a bracket is looked at. */
const END_LIMIT = 400;

/** Words that are no values but say something of the option: `(required, repeatable)`. */
const REMARK = /^(?:deprecated|experimental|mandatory|optional|repeatable|required)$/;

/** Words in small letters, and numbers among them that are not more: `(auto, 2, all)`. */
function areSmallWords(values: readonly ListedValue[]): boolean {
  const words = values.filter(({ value }) => /^[a-z]/.test(value));
  return (
    words.length * 2 >= values.length &&
    values.every(({ value }) => /^[a-z\d]/.test(value) && !REMARK.test(value))
  );
}

/** Numbers of more than a digit, `(256, 512, 1k)`, `(1.0, 1.1, 1.2)`: `(1, 2, 3)` may be anything. */
function areNumbers(values: readonly ListedValue[]): boolean {
  return values.every(({ value }) => /^\d[\d.]*[kKMG]?$/.test(value) && value.length > 1);
}

export interface BracketedValues {
  readonly values: readonly ListedValue[];
  /** Whether only the place of the bracket, at the end of the text, tells that these are values. */
  readonly isByPlace: boolean;
  readonly start: number;
  readonly end: number;
}

/**
 * Values in round brackets behind the noun that they are of, `set the level (error, warn, debug)`, or at the end of a text, `how to go (foot,
 * cart, boat)`; undefined where there are none.
 */
export function bracketedValues(text: string): BracketedValues | undefined {
  if (!text.includes('(')) return undefined;
  for (const match of matches(text, /\(([^()]{3,300})\)/g)) {
    const before = text.slice(Math.max(0, match.index - 30), match.index + 1);
    const inner = (match[1] ?? '').replace(DEFAULT_BEHIND, '');
    if (OPEN_ENDED.test(inner)) continue;
    const start = match.index + 1;
    const list = scanValueList(text, start);
    const isWhole = list !== undefined && list.end === start + inner.trimEnd().length;
    if (!isWhole) continue;
    const { values, hasOr } = list;
    const isSmall = areSmallWords(values) || areNumbers(values);
    const end = match.index + match[0].length;
    const isList = values.length >= MIN_VALUES;
    // `lid.(tin|zip)`: a bracket that is joined to a word is a part of it.
    const isJoined = /[^\s"'`]$/.test(text.slice(0, match.index));
    const isAtEnd = isSmall && !isJoined && text.length - end < END_LIMIT && AT_END.test(text.slice(end));
    // `how to go (foot, cart, or boat)`: the last word tells that there are no others.
    const isChosen = isList ? CHOSEN.test(before) || (hasOr && isSmall) : isAtEnd && CHOSEN.test(before);
    if (isChosen || (isAtEnd && (isList || hasOr)))
      return { values, isByPlace: !isChosen, start: match.index, end };
  }
  return undefined;
}

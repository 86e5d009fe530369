import { matches } from '../source/matches.ts';
import type { ListedValue } from './listed-values.ts';

/** `("a"/"b")`, `(a/b/8c)`; `to a/b/c` and `kind: a/b/c` at the end of a text, or of what stands before a mark; `A/B/C/D` and `a / b` as the whole text. */
const SLASHED =
  /(?<=\()("[\w.+-]{1,40}"(?:\/"[\w.+-]{1,40}"){1,40}|[a-z][\w-]{1,40}(?:\/\d?[a-z][\w-]{1,40}){2,40})(?=\))|(?<=\b(?:to|of) |[a-z]: )([a-z][\w-]{1,40}(?:\/[a-z][\w+-]{1,40}){2,40})(?=\.?\s*(?:$| [([]))|^([A-Z][A-Z0-9_]{1,40}(?:\/[A-Z][A-Z0-9_]{1,40}){3,40})\.?$|^([a-z][\w+-]{1,40}(?: \/ [a-z][\w+-]{1,40}){1,20})\.?$/;

/** Folders, and words of a path that is an example. */
const OF_A_PATH =
  /(?:^|\/)(?:bin|boot|dev|dir|etc|file|home|lib|local|media|mnt|name|opt|path|root|share|src|sys|tmp|to|usr|var)(?:\/|$)/;

/** `cm/in/pt`: what may stand behind a number. */
const ARE_UNITS = /^(?:(?:[cmk]?m|in|inch|ft|pt|px|[kmgt]?i?b|[munp]?s|sec|min|[kmg]?hz|%)(?:\/|$)){2,}$/i;

/** Values parted by slashes, as no words of a sentence are; undefined where there are none. */
export function slashedValues(
  text: string,
): { values: readonly ListedValue[]; start: number; end: number } | undefined {
  const match = text.includes('/') ? SLASHED.exec(text) : null;
  const list = match?.slice(1).find((part) => part !== undefined);
  if (match === null || list === undefined || OF_A_PATH.test(list) || ARE_UNITS.test(list)) return undefined;
  const values = matches(list, /[^/"\s]+/g).map(({ 0: value, index }) => {
    const start = match.index + index;
    return { value, start, end: start + value.length };
  });
  return { values, start: match.index, end: match.index + list.length };
}

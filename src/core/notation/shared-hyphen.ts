import { matches } from '../source/matches.ts';
import type { ScannedName } from './option-name.ts';

/** Names behind one hyphen: all but the last, and the last of them, behind which an argument may stand. */
export interface SharedHyphen {
  readonly before: readonly ScannedName[];
  readonly last: ScannedName;
}

/** `-i/e`, `-sS/sT/sA`: names that share the hyphen of the first; `-v|vv|vvv`: one letter, once or more. */
export function scanSharedHyphen(text: string, start: number, to: number): SharedHyphen | undefined {
  // Most names have no mark so near, and need no expression to tell.
  const mark = [2, 3, 4].find((i) => text[start + i] === '/' || text[start + i] === '|');
  if (mark === undefined) return undefined;
  const shown = /^-([A-Za-z]{1,3})((?:[/|][A-Za-z]{1,4})+)(?=[\s,]|$)/.exec(
    text.slice(start, Math.min(to, start + 40)),
  );
  const [matched = '', first = '', others = ''] = shown ?? [];
  const parts = others.split(/[/|]/).slice(1);
  const nameAt = (letters: string, from: number, end: number): ScannedName => ({
    text: `-${letters}`,
    form: letters.length === 1 ? 'short' : 'single-hyphen-long',
    negated: undefined,
    isCounted: false,
    start: from,
    end,
  });
  if (shown === null) return undefined;
  const end = start + matched.length;
  if (parts.every((part) => part === first.repeat(part.length)))
    return { before: [], last: { ...nameAt(first, start, end), isCounted: true } };
  if (!parts.every((part) => part.length === first.length)) return undefined;
  let at = start;
  const all = [first, ...parts].map((letters, i) => {
    const from = i === 0 ? at : at + 1;
    at = (i === 0 ? from + 1 : from) + letters.length;
    return nameAt(letters, from, at);
  });
  const last = all.pop();
  return last === undefined ? undefined : { before: all, last };
}

/**
 * `--variance|var|v`: names behind a long one without their hyphens, as Perl's Getopt::Long is told them. One of them must be a letter or a part of
 * the first: `--on|off` are two options.
 */
export function scanBareNames(text: string, name: ScannedName, to: number): SharedHyphen | undefined {
  if (name.form !== 'long' || text[name.end] !== '|') return undefined;
  const others = /^(?:\|[A-Za-z][\w-]{0,40}){1,8}(?=[\s=,]|$)/.exec(
    text.slice(name.end, Math.min(to, name.end + 200)),
  );
  if (others === null) return undefined;
  const first = name.text.slice(2);
  const all = matches(others[0], /[^|]+/g).map(({ 0: word, index }): ScannedName => {
    const start = name.end + index;
    const isLetter = word.length === 1;
    return {
      text: isLetter ? `-${word}` : `--${word}`,
      form: isLetter ? 'short' : 'long',
      negated: undefined,
      isCounted: false,
      start,
      end: start + word.length,
    };
  });
  const isSpelling = all.some(
    ({ text: { length }, start, end }) => length === 2 || first.startsWith(text.slice(start, end)),
  );
  const last = all.pop();
  return !isSpelling || last === undefined ? undefined : { before: all, last };
}

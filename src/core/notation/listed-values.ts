/** A value of a list in running text, by its indexes there. */
export interface ListedValue {
  readonly value: string;
  readonly start: number;
  readonly end: number;
}

/** A list of values in running text. */
export interface ListedValues {
  readonly values: readonly ListedValue[];
  readonly end: number;
  /** Whether `or` stands before a value. */
  readonly hasOr: boolean;
  /** Whether `and` stands before the last value. */
  readonly hasAnd: boolean;
  readonly isQuoted: boolean;
}

const QUOTES: ReadonlyMap<string, string> = new Map([
  ['"', '"'],
  ["'", "'"],
  ['`', "'`"],
  ['“', '”'],
  ['‘', '’'],
]);

const LIMIT = 100;

/**
 * Reads a list such as `a, b or c`, `'a', 'b', or 'c'`, `a (the default), b`, `a|b` from an index; notes in brackets and letters
 * (`month -M`) behind values are passed over. Undefined where fewer than two values stand there.
 */
export function scanValueList(text: string, start: number): ListedValues | undefined {
  const values: ListedValue[] = [];
  let quoted = 0;
  let hasOr = false;
  let hasAnd = false;
  let at = skipBlanks(text, start);
  while (values.length < LIMIT) {
    const value = scanValue(text, at);
    // `(late, early, ...)` names not all.
    if (value === undefined && /^(?:\.{3}|…)/.test(text.slice(at, at + 3))) return undefined;
    if (value === undefined) break;
    if (value.value === 'etc' && !value.isQuoted) return undefined;
    // `fast, slow, or a number of boxes` names not all.
    if (hasOr && !value.isQuoted && /^an?$/.test(value.value)) return undefined;
    if (quoted > 0 && quoted === values.length && !value.isQuoted) {
      // `"wide", "flat", or a number of lids` names not all; in `"wide", "flat", required` a bare word is no value.
      if (hasOr) return undefined;
      break;
    }
    values.push(value);
    if (value.isQuoted) quoted++;
    // `early*, late`: a mark for the default.
    at = skipNotes(text, text[value.after] === '*' ? value.after + 1 : value.after);
    const separator = /^(?:,? (?:or|and) |,\s*|\s*\|\s*|;\s(?=["'`]))(?:or |and )?/.exec(
      text.slice(at, at + 12),
    );
    if (separator === null || separator[0] === '') {
      // `'a' (the first) 'b' (the second)`: notes part them.
      if (!value.isQuoted || at === value.after || !/^\s["'`]/.test(text.slice(at, at + 2)))
        return finish(at);
      at++;
      continue;
    }
    if (/\bor /.test(separator[0])) hasOr = true;
    if (/\band /.test(separator[0])) hasAnd = true;
    at += separator[0].length;
  }
  return finish(at);

  function finish(end: number): ListedValues | undefined {
    return values.length < 2 ? undefined : { values, end, hasOr, hasAnd, isQuoted: quoted === values.length };
  }
}

interface ScannedValue extends ListedValue {
  readonly isQuoted: boolean;
  readonly after: number;
}

/** A value; a hyphen alone is one between others. */
function scanValue(text: string, start: number): ScannedValue | undefined {
  const closers = QUOTES.get(text[start] ?? '');
  const from = closers === undefined ? start : start + 1;
  const word =
    /^(?:[\w+][\w.+:-]{0,40}|-(?=,))/.exec(text.slice(from, from + 42))?.[0].replace(/[.:]+$/, '') ?? '';
  const end = from + word.length;
  if (closers === undefined) {
    return word === '' ? undefined : { value: word, start: from, end, isQuoted: false, after: end };
  }
  if (!closers.includes(text[end] ?? ' ')) return undefined;
  return { value: word, start: from, end, isQuoted: true, after: end + 1 };
}

/** Passes over `(the default)` and ` -M` behind a value. */
function skipNotes(text: string, start: number): number {
  const letter = /^ -[A-Za-z](?=[,\s]|$)/.exec(text.slice(start, start + 4));
  if (letter !== null) return start + letter[0].length;
  const open = /^\s?\(/.exec(text.slice(start, start + 2));
  if (open === null) return start;
  const close = text.indexOf(')', start);
  return close < 0 || close - start > 120 ? start : close + 1;
}

function skipBlanks(text: string, start: number): number {
  let at = start;
  while (text[at] === ' ') at++;
  return at;
}

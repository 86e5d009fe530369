import { bracketEnd, hasLower, isOpener } from './characters.ts';

/** One word of an option-argument as a text shows it. */
export interface ScannedWord {
  /** Undefined where the text shows that there is a word, and does not name it. */
  readonly placeholder: string | undefined;
  /** The allowed values that the notation lists (`{a,b}`, `a|b`). */
  readonly values: readonly string[] | undefined;
  /** What stands between several values in one word (`FILE,...`). */
  readonly separator: string | undefined;
  /** The default that stands behind the argument: `arg (=10)`. */
  readonly default: { readonly value: string; readonly start: number; readonly end: number } | undefined;
  readonly start: number;
  readonly end: number;
}

/** The word at a range of a text. */
export function makeScannedWord(text: string, start: number, end: number): ScannedWord {
  const raw = text.slice(start, end);
  const bare = stripBrackets(raw.replace(/(?:\.\.\.|…)$/, ''));
  return {
    placeholder: raw,
    values: listedValues(raw, bare),
    separator: /,\s*(?:\.\.\.|…)|\[,/.test(raw) ? ',' : undefined,
    default: undefined,
    start,
    end,
  };
}

function stripBrackets(word: string): string {
  return isOpener(word[0]) && bracketEnd(word, 0, word.length) === word.length ? word.slice(1, -1) : word;
}

const VALUE = /^[A-Za-z0-9][\w.+:/-]*$/;

/** The allowed values of `{a,b}`, `a|b`, `<a|b>` or `(a|b)`; undefined where they are placeholders or one alone. */
function listedValues(raw: string, bare: string): string[] | undefined {
  if (!raw.startsWith('{') && !bare.includes('|')) return undefined;
  const parts = (raw.startsWith('{') ? bare.split(/[,|]/) : bare.split('|')).map((part) =>
    part.trim().replace(/^(["'])(.*)\1$/, '$2'),
  );
  if (parts.length < 2 || !parts.every((part) => VALUE.test(part))) return undefined;
  // `FILE|DIR` are two placeholders; `PEM|DER` cannot be told from them.
  return raw.startsWith('{') || parts.every(hasLower) ? parts : undefined;
}

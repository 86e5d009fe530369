/** A default that a sentence tells, by its place in the text. */
export interface ProseDefault {
  readonly value: string;
  readonly start: number;
  readonly end: number;
}

// Bounded and anchored at a literal, so that it does not backtrack over more than its own bound. A bare word is a value only where the sentence
// or clause ends behind it: `the default is to ask` tells none.
const IN_PROSE =
  /(?:\bdefault(?:s|ed)?(?: (?:value|mode|format|level|type|style|method|setting|variant)| \w{1,20}(?= is ["'`]))?\s?[:=]|(?<!\bby )\bdefault(?:s|ed)?(?: (?:value|mode|format|level|type|style|method|setting|variant)| \w{1,20}(?= is ["'`]))?(?: to| is|,)) ?("[^"]{1,200}"|'[^']{1,200}'|`[^`]{1,200}`|\[[^[\]]{1,200}\]|[^\s,;()"'`]{1,200}(?=\s?[,;)]|\.?\s*$|\. [A-Z]|\s*\n| (?:possible|allowed|valid) values))/i;

/** `the port, default 4398`: behind a comma, no more than a blank need part the word from the value. */
const BEHIND_COMMA =
  /(?<=[,;] )default ("[^"]{1,200}"|'[^']{1,200}'|`[^`]{1,200}`|[^\s,;()"'`]{1,200}(?=\s?[,;)]|\.?\s*$|\. [A-Z]|\s*\n))/i;

/** `'noon', the default`, `'noon' (the default)`, `'noon', which is the default` */
const IN_APPOSITION =
  /["'`]([\w.+-]{1,40})["'`],? (?:which is |being |is )?\(?the default\b(?! (?:value )?(?:is|of|for|if|when))/;

/** `e.g. default=4,late=5` */
const EXAMPLE_AHEAD = /\b(?:e\.g\.|for example|for instance|such as),? $/i;

/** The default that a sentence of a text tells: `defaults to "size"`, `The default is 3.`; undefined where it tells none. */
export function defaultInProse(text: string): ProseDefault | undefined {
  const match = IN_PROSE.exec(text) ?? BEHIND_COMMA.exec(text);
  if (match === null) return inApposition(text);
  if (EXAMPLE_AHEAD.test(text.slice(Math.max(0, match.index - 20), match.index))) return undefined;
  // `default [3600]`: without a colon or the like, the bracket stands around the value.
  const isBare = /default $/i.test(match[0].slice(0, match[0].length - (match[1]?.length ?? 0)));
  const told = (match[1] ?? '').replace(/[.,;:]$/, '');
  const value = unquoted(isBare ? told.replace(/^\[([^\s[\],]+)\]$/, '$1') : told);
  return value === '' ? undefined : { value, start: match.index, end: match.index + match[0].length };
}

function inApposition(text: string): ProseDefault | undefined {
  const match = IN_APPOSITION.exec(text);
  return match === null
    ? undefined
    : { value: match[1] ?? '', start: match.index, end: match.index + match[0].length };
}

/** A value without the quotes around it, of which the second may be another mark than the first: `'late'`, `` `late' ``. */
export function unquoted(text: string): string {
  return /^(["'`])(.*)\1$/s.exec(text)?.[2] ?? /^`([^`']*)'$/s.exec(text)?.[1] ?? text;
}

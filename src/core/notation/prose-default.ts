/** A default that a text tells, by its place in it. */
export interface ProseDefault {
  readonly value: string;
  readonly start: number;
  readonly end: number;
}

// Each expression is anchored at a literal and bounded, so that none backtracks over more than its own bound.
const IN_BRACKETS =
  /(?:[([]|;\s?)defaults?(?: value)?(?: is| to)?\s?[:=]?\s?([^()[\]]{1,300}|\[[^()[\]]{0,300}\])[)\]]/i;
const IN_PROSE =
  /\bdefaults? (?:to|is|value is) ("[^"]{1,200}"|'[^']{1,200}'|\[[^[\]]{1,200}\]|[^\s,;]{1,200})/i;

/** The default that a text tells: `(default: size)`, `defaults to "size"`; undefined where it tells none. */
export function defaultInProse(text: string): ProseDefault | undefined {
  const match = IN_BRACKETS.exec(text) ?? IN_PROSE.exec(text);
  if (match === null) return undefined;
  const raw = (match[1] ?? '').trim().replace(/[.,;]$/, '');
  // A bracket that the sentence closes is no part of the value.
  const told = raw.includes('(') ? raw : raw.replace(/\)[.,;]?$/, '');
  const value = /^(["'`])(.*)\1$/.exec(told)?.[2] ?? told;
  return value === '' ? undefined : { value, start: match.index, end: match.index + match[0].length };
}

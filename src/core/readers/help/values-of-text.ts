import { flatMapped } from '../../collections/flat-mapped.ts';
import { type Fact, inferred } from '../../model/fact.ts';
import { bracketedValues } from '../../notation/bracketed-values.ts';
import type { ListedValue } from '../../notation/listed-values.ts';
import type { MarkNote } from '../../notation/mark-note.ts';
import { numberedValues } from '../../notation/numbered-values.ts';
import { unquoted } from '../../notation/prose-default.ts';
import { valuesInProse } from '../../notation/prose-values.ts';
import { slashedValues } from '../../notation/slashed-values.ts';
import { matches } from '../../source/matches.ts';
import type { TextFlow } from './text-flow.ts';
import { valuesBelow } from './values-below.ts';

/** A range of a text, by its indexes there. */
export interface Stretch {
  readonly start: number;
  readonly end: number;
}

/** Makes a fact of a value, stated at a range of the text. */
export type ToFact = <T>(value: T, at: Stretch) => Fact<T>;

// Each expression is anchored at a literal and bounded, so that none backtracks over more than its own bound.
/** `(a|b|c)`, `("a"|"b")`, `[a | b]`, and `<a|b>:` in front of a text; a bracket with more joined to it is a part of a pattern. */
const VALUES_BY_BAR =
  /(?<![\w\-/\])},])[([]([\w.+-]{1,40}(?:\s?\|\s?[\w.+-]{1,40}){1,40}|"[\w.+-]{1,40}"(?:\s?\|\s?"[\w.+-]{1,40}"){1,40})[)\]](?![\w/[({:])|^<([\w.+-]{1,40}(?:\|[\w.+-]{1,40}){1,40})>:\s/;
/** What all lists by bars and in brackets hold: most texts are sorted out by that. */
const HOLDS_LIST_MARK = /[|[{<]/;
/** `<options: a|b>` */
const VALUES_IN_ANGLES = /<(?:options|values|choices): ?([\w.+-]{1,40}(?:\s?[|,]\s?[\w.+-]{1,40}){1,40})>/i;
/** `<a|b|c>` in a text, with a mark behind it or nothing. */
const VALUES_BETWEEN_ANGLES =
  /(?<=^|\s)<([a-z][\w.+-]{0,40}(?:\|[a-z][\w.+-]{0,40}){2,40})>(?=[;,.]?$|[;,.]\s)/;
/** `<a|b>: the text` */
export const LEADING_VALUES = /^<[\w.+-]{1,40}(?:\|[\w.+-]{1,40}){1,40}>:\s/;
/** `the text   [a|b]`, with more than a blank in front, and further marks behind. */
export const VALUES_BEHIND = /\s{2,}\[[\w.+-]{1,40}(?:\|[\w.+-]{1,40}){1,40}\](?:\s*\[[^[\]]{0,100}\])*$/;
/** `METHOD={a,b}`, `METHOD=a|b` */
const VALUES_BY_PLACEHOLDER =
  /\b[A-Z][A-Z_-]{1,30}\s?=\s?(?:\{([^{}]{1,300})\}|([\w.+-]{1,40}(?:\|[\w.+-]{1,40}){1,40}))/;
/** `the mode off|some|all`, bare in a text; two may be anything. */
const BARE_BAR_LIST = /(?<=^|\s)([a-z][\w-]{0,40}(?:\|[a-z][\w-]{0,40}){2,40})(?=[\s,.;)]|$)/;
/** `[a, b (default), c]`, `[*a, b, c]` at the end of a text. */
const VALUES_AT_END =
  /\[(\*?[a-z][\w-]{0,40}(?: \(default\))?(?:, ?\*?[a-z][\w-]{0,40}(?: \(default\))?){1,20})\]$/;

/** Reads the values that a text lists. The marks behind what was written of the option begin at `ownEnd`. */
export function valuesOfText(
  flow: TextFlow,
  text: string,
  ownEnd: number,
  note: MarkNote | undefined,
  fact: ToFact,
): Fact<readonly ListedValue[]> | undefined {
  const marked = note && valuesIn(note.value, note.start);
  if (marked !== undefined && note !== undefined) return fact(marked, note);
  const below = valuesBelow(flow);
  if (below !== undefined) return fact(below, { start: below[0]?.start ?? 0, end: below.at(-1)?.end ?? 0 });
  const match = HOLDS_LIST_MARK.test(text)
    ? (VALUES_IN_ANGLES.exec(text) ??
      VALUES_BY_PLACEHOLDER.exec(text) ??
      VALUES_BY_BAR.exec(text) ??
      VALUES_AT_END.exec(text) ??
      VALUES_BETWEEN_ANGLES.exec(text) ??
      BARE_BAR_LIST.exec(text))
    : null;
  if (match !== null) {
    const list = match[1] ?? match[2] ?? '';
    const values = valuesIn(list, match.index + match[0].lastIndexOf(list));
    if (values !== undefined) return fact(values, { start: match.index, end: match.index + match[0].length });
  }
  const bracketed = bracketedValues(text);
  // What else tells values in so many words is surer than a bracket. A list may end where the marks begin.
  const own = text.slice(0, ownEnd).trimEnd();
  const told =
    slashedValues(text) ??
    valuesInProse(text, new Set(flow.starts)) ??
    valuesInProse(own) ??
    numberedValues(text);
  const found = bracketed?.isByPlace === false ? bracketed : (told ?? bracketed);
  if (found === undefined) return undefined;
  const isInferred = 'isByPlace' in found && found.isByPlace === true;
  return isInferred ? inferred(found.values, flow.span(found.start, found.end)) : fact(found.values, found);
}

/** Between the values of a list; slashes part them where nothing else does. */
const PARTS = /[^,|;]+/g;
const SLASHED_PARTS = /[^/]+/g;
/** `a/b`, `'a'/'b'` */
const BY_SLASHES = /^\s*(["'`]?)[\w.+-]+\1(?:\/\1[\w.+-]+\1)+\s*$/;

/** `box lid tray`: three words or more with nothing but blanks between them, none of which is one of a sentence. */
const BY_BLANKS = /^\s*[\w.+-]{1,20}(?:\s{1,3}[\w.+-]{1,20}){2,40}\s*$/;
const BLANK_PARTS = /[^\s]+/g;
const OF_SENTENCES =
  /\b(?:an?|all|and|any|are|as|at|but|by|do|each|for|from|has|if|in|is|it|no|not|of|on|only|or|same|see|that|the|this|to|use|when|with)\b/i;

/** What parts the values of a list. */
function partsOf(list: string): RegExp {
  if (BY_SLASHES.test(list)) return SLASHED_PARTS;
  return BY_BLANKS.test(list) && !OF_SENTENCES.test(list) ? BLANK_PARTS : PARTS;
}

/** The values of a list parted by commas, bars, semicolons, slashes, blanks or words; undefined where one of them is no word. */
function valuesIn(note: string, offset: number): ListedValue[] | undefined {
  const values: ListedValue[] = [];
  // `one of: [a, b]`, `one of: (a, b)`, `one of {a, b}`
  const list = note.replace(/^[[({]([^[\](){}]*)[)\]}]$/, ' $1 ');
  const parts = matches(list, partsOf(list));
  const words = flatMapped(parts, ({ 0: part, index }) => partedByWords(part, index));
  for (const { text, index } of words) {
    const raw = text
      .trim()
      .replace(/^(?:or|and) /, '')
      .replace(/\s?\((?:the )?default\)$/, '');
    const value = unquoted(raw).replace(/^\*(\w[\w.-]*)\*?$/, '$1');
    // `l[ibrary]`: how short it may be written.
    if (value === '' ? raw === '' : !/^[^\s"'[\]]{1,60}$/.test(value)) return undefined;
    const start = offset + index + text.indexOf(value);
    values.push({ value, start, end: start + value.length });
  }
  return values.length < 2 ? undefined : values;
}

/** `b or c`, `a or b or c` as what stands between the words. */
function partedByWords(text: string, index: number): { readonly text: string; readonly index: number }[] {
  const parts: { readonly text: string; readonly index: number }[] = [];
  let from = 0;
  for (const between of matches(text, /(?<=\S) (?:or|and) (?=\S)/g)) {
    parts.push({ text: text.slice(from, between.index), index: index + from });
    from = between.index + between[0].length;
  }
  return [...parts, { text: text.slice(from), index: index + from }];
}

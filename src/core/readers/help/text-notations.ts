import { type Fact, stated } from '../../model/fact.ts';
import type { ListedValue } from '../../notation/listed-values.ts';
import { defaultInProse } from '../../notation/prose-default.ts';
import { valuesInProse } from '../../notation/prose-values.ts';
import type { TextFlow } from './text-flow.ts';

/** A name that a text tells, by its indexes there. */
export interface NotedName {
  readonly text: string;
  readonly isNegated: boolean;
  readonly start: number;
  readonly end: number;
}

/** What the customary notations in an option's or operand's text say. */
export interface TextNotations {
  readonly values: Fact<readonly ListedValue[]> | undefined;
  readonly default: Fact<string> | undefined;
  readonly environment: readonly Fact<string>[];
  /** Whether the values stand in brackets behind a word such as `choices`, so that there must be an argument. */
  readonly valuesAreMarked: boolean;
  /** What a type mark such as `[string]` says of the argument. */
  readonly typeMark: Fact<'none' | 'mandatory'> | undefined;
  /** Further names, and names that take the option back, that the text tells (`(alias: --x)`, `(inverse: --no-x)`). */
  readonly otherNames: readonly NotedName[];
  /** The option, with its value, that the text says this one is short for. */
  readonly sameAs: Fact<{ readonly option: string; readonly value: string | undefined }> | undefined;
  readonly required: Fact<boolean> | undefined;
  readonly deprecated: Fact<boolean> | undefined;
}

/** Longer texts are read only so far for notations. */
const READ_LIMIT = 20_000;

// Each expression is anchored at a literal and bounded, so that none backtracks over more than its own bound.
const VALUES_IN_BRACKETS =
  /[([{](?:choices|choose from|possible values|allowed values|valid values|values|one of|choice of)\b\s*[:=]?\s*([^()[\]{}]{1,800})[)\]}]/i;
const VALUES_BY_BAR = /[([]([\w.+-]{1,40}(?:\s?\|\s?[\w.+-]{1,40}){1,40})[)\]]/;
/** Where a list of values in brackets ends and another note begins: `(one of: a, b; default: a)`. */
const NEXT_NOTE = /[;,]\s?(?=(?:default|env|required)\s?[:=])/i;
/** `METHOD={a,b}` */
const VALUES_BY_PLACEHOLDER = /\b[A-Z][A-Z_-]{1,30}\s?=\s?\{([^{}]{1,300})\}/;
/** `[a, b, c]` at the end of a text. */
const VALUES_AT_END = /\[([a-z][\w-]{0,40}(?:, ?[a-z][\w-]{0,40}){1,20})\]$/;
const ENVIRONMENT = /\[env(?:ironment)?(?: var(?:iable)?)?\s?[:=]\s?\$?([A-Za-z_]\w{0,80})/gi;
const TYPE_MARK = /\[(boolean|count|string|number|array)\]/;
const REQUIRED = /[([](?:required|mandatory)[)\]]/i;
const DEPRECATED = /[([](?:deprecated|obsolete)\b|^(?:deprecated|obsolete)\b/i;

/** `same as --map`, `an alias for option --sort=size`; an option with more behind it is not the same. */
const SAME_AS =
  /^(?:the )?(?:same as|an? alias (?:for|of)|alias (?:for|of)|an? synonym (?:for|of)|synonym (?:for|of)|equivalent to|(?:a )?shorthand for|short for)(?: the)?(?: option)? (--?\w[\w-]{0,60})(?:=(\S{1,60}))?\.?$/i;

/** Reads allowed values, default, environment variables and marks from a text. */
export function readNotations(flow: TextFlow): TextNotations {
  const text = flow.text.slice(0, READ_LIMIT);
  const fact: ToFact = (value, match) => stated(value, flow.span(match.index, match.index + match[0].length));
  const values = readValues(text, fact);
  const type = TYPE_MARK.exec(text);
  const required = REQUIRED.exec(text);
  const deprecated = DEPRECATED.exec(text);
  const same = SAME_AS.exec(text);
  return {
    values,
    valuesAreMarked: values !== undefined && VALUES_IN_BRACKETS.test(text),
    default: readDefault(text, fact),
    otherNames: readOtherNames(text),
    environment: [...text.matchAll(ENVIRONMENT)].map((match) => fact(match[1] ?? '', match)),
    typeMark: type === null ? undefined : fact(/boolean|count/.test(type[0]) ? 'none' : 'mandatory', type),
    sameAs: same === null ? undefined : fact({ option: same[1] ?? '', value: same[2] }, same),
    required: required === null ? undefined : fact(true, required),
    deprecated: deprecated === null ? undefined : fact(true, deprecated),
  };
}

type ToFact = <T>(value: T, match: Pick<RegExpExecArray, 'index' | 0>) => Fact<T>;

function readValues(text: string, fact: ToFact): TextNotations['values'] {
  const match =
    VALUES_IN_BRACKETS.exec(text) ??
    VALUES_BY_PLACEHOLDER.exec(text) ??
    VALUES_BY_BAR.exec(text) ??
    VALUES_AT_END.exec(text);
  return (match === null ? undefined : valuesOfMatch(match, fact)) ?? factOfProse(text, fact);
}

function factOfProse(text: string, fact: ToFact): TextNotations['values'] {
  const found = valuesInProse(text);
  return found && fact(found.values, { index: found.start, 0: text.slice(found.start, found.end) });
}

/** The values of a list in brackets, parted by commas or bars; undefined where one of them is no word. */
function valuesOfMatch(match: RegExpExecArray, fact: ToFact): TextNotations['values'] {
  const [list = ''] = (match[1] ?? '').split(NEXT_NOTE);
  const from = match.index + match[0].lastIndexOf(match[1] ?? '');
  const values: { value: string; start: number; end: number }[] = [];
  for (const part of list.matchAll(/[^,|;]+/g)) {
    const raw = part[0]
      .trim()
      .replace(/^(?:or|and) /, '')
      .replace(/\s?\((?:the )?default\)$/, '');
    const value = /^(["'`])(.*)\1$/.exec(raw)?.[2] ?? raw;
    if (value === '' ? raw === '' : !/^[^\s"']{1,60}$/.test(value)) return undefined;
    const start = from + part.index + part[0].indexOf(value);
    values.push({ value, start, end: start + value.length });
  }
  return values.length < 2 ? undefined : fact(values, match);
}

/** `(alias: --x)`, `(aliases: --x, -y)`, `(inverse: --no-x)` */
const OTHER_NAMES =
  /\((alias(?:es)?|also|synonyms?|inverse|opposite|negation):\s?(--?[\w][\w-]{0,60}(?:,\s?--?[\w][\w-]{0,60}){0,8})\)/gi;

function readOtherNames(text: string): NotedName[] {
  if (!text.includes('(')) return [];
  return [...text.matchAll(OTHER_NAMES)].flatMap((match) => {
    const list = match[2] ?? '';
    const from = match.index + match[0].length - 1 - list.length;
    return [...list.matchAll(/--?[\w][\w-]*/g)].map((name) => ({
      text: name[0],
      isNegated: /^(?:inverse|opposite|negation)$/i.test(match[1] ?? ''),
      start: from + name.index,
      end: from + name.index + name[0].length,
    }));
  });
}

function readDefault(text: string, fact: ToFact): Fact<string> | undefined {
  const found = defaultInProse(text);
  return found && fact(found.value, { index: found.start, 0: text.slice(found.start, found.end) });
}

import { type Fact, stated } from '../../model/fact.ts';
import type { TextFlow } from './text-flow.ts';

/** What the customary notations in an option's or operand's text say. */
export interface TextNotations {
  readonly values:
    | Fact<
        readonly {
          readonly value: string;
          readonly start: number;
          readonly end: number;
        }[]
      >
    | undefined;
  readonly default: Fact<string> | undefined;
  readonly environment: readonly Fact<string>[];
  /** What a type mark such as `[string]` says of the argument. */
  readonly typeMark: Fact<'none' | 'mandatory'> | undefined;
  readonly required: Fact<boolean> | undefined;
  readonly deprecated: Fact<boolean> | undefined;
}

/** Longer texts are read only so far for notations. */
const READ_LIMIT = 20_000;

// Each expression is anchored at a literal and bounded, so that none backtracks over more than its own bound.
const VALUES_IN_BRACKETS =
  /[([{](?:choices|choose from|possible values|allowed values|valid values|values|one of|choice of)\b\s*[:=]?\s*([^()[\]{}]{1,800})[)\]}]/i;
const VALUES_BY_BAR = /[([]([\w.+-]{1,40}(?:\s?\|\s?[\w.+-]{1,40}){1,40})[)\]]/;
const DEFAULT_IN_BRACKETS = /(?:[([]|;\s?)defaults?(?: value)?(?: is| to)?\s?[:=]?\s?([^()[\]]{1,300})[)\]]/i;
/** Where a list of values in brackets ends and another note begins: `(one of: a, b; default: a)`. */
const NEXT_NOTE = /;\s?(?=(?:default|env|required)\b)/i;
const DEFAULT_IN_PROSE = /\bdefaults? (?:to|is|value is) ("[^"]{1,200}"|'[^']{1,200}'|[^\s,;]{1,200})/i;
const ENVIRONMENT = /\[env(?:ironment)?(?: var(?:iable)?)?\s?[:=]\s?\$?([A-Za-z_]\w{0,80})/gi;
const TYPE_MARK = /\[(boolean|count|string|number|array)\]/;
const REQUIRED = /[([](?:required|mandatory)[)\]]/i;
const DEPRECATED = /[([](?:deprecated|obsolete)\b|^(?:deprecated|obsolete)\b/i;

/** Reads allowed values, default, environment variables and marks from a text. */
export function readNotations(flow: TextFlow): TextNotations {
  const text = flow.text.slice(0, READ_LIMIT);
  const fact = <T>(value: T, match: RegExpExecArray): Fact<T> =>
    stated(value, flow.span(match.index, match.index + match[0].length));
  const type = TYPE_MARK.exec(text);
  const required = REQUIRED.exec(text);
  const deprecated = DEPRECATED.exec(text);
  return {
    values: readValues(text, fact),
    default: readDefault(text, fact),
    environment: [...text.matchAll(ENVIRONMENT)].map((match) => fact(match[1] ?? '', match)),
    typeMark: type === null ? undefined : fact(/boolean|count/.test(type[0]) ? 'none' : 'mandatory', type),
    required: required === null ? undefined : fact(true, required),
    deprecated: deprecated === null ? undefined : fact(true, deprecated),
  };
}

type ToFact = <T>(value: T, match: RegExpExecArray) => Fact<T>;

function readValues(text: string, fact: ToFact): TextNotations['values'] {
  const match = VALUES_IN_BRACKETS.exec(text) ?? VALUES_BY_BAR.exec(text);
  if (match === null) return undefined;
  const [list = ''] = (match[1] ?? '').split(NEXT_NOTE);
  const from = match.index + match[0].lastIndexOf(list);
  const values: { value: string; start: number; end: number }[] = [];
  for (const part of list.matchAll(/[^,|;]+/g)) {
    const raw = part[0].trim().replace(/^(?:or|and) /, '');
    const value = /^(["'`])(.*)\1$/.exec(raw)?.[2] ?? raw;
    if (!/^[^\s"']{1,60}$/.test(value)) return undefined;
    const start = from + part.index + part[0].indexOf(value);
    values.push({ value, start, end: start + value.length });
  }
  return values.length < 2 ? undefined : fact(values, match);
}

function readDefault(text: string, fact: ToFact): Fact<string> | undefined {
  const match = DEFAULT_IN_BRACKETS.exec(text) ?? DEFAULT_IN_PROSE.exec(text);
  if (match === null) return undefined;
  const raw = (match[1] ?? '').trim().replace(/[.,;]$/, '');
  const value = /^(["'`])(.*)\1$/.exec(raw)?.[2] ?? raw;
  return value === '' ? undefined : fact(value, match);
}

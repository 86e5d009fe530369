import { matches } from '../source/matches.ts';
import { type ListedValue, type ListedValues, scanValueList } from './listed-values.ts';

/** Values that a text lists, by their place in it. */
export interface ProseValues {
  readonly values: readonly ListedValue[];
  readonly start: number;
  readonly end: number;
  /** Whether nothing but the place of the list says that it is one of values. */
  readonly isByPlace?: boolean;
}

/** A text without these lists nothing: most texts are sorted out by that. */
const MAY_LIST = /[:,|]| or |(?:\)| and) ["'`]/;
/** What stands before a list of values in prose. */
const LIST_AHEAD =
  /\b(?:one of|either|(?:values )?(?:may|can|must|should) be|(?:values|choices|options|(?<!\b(?:[Pp]re-?defined|built-?in|common|known|other|some|usual) (?:\w{1,20} )?)(?:formats|modes|types)) are|choose (?:between|from|among)|supported are(?=:)|(?:possible|valid|allowed|accepted|supported|available) (?:\w+ )?(?:values|choices|options|names|modes|formats|types|levels|methods)(?: are|(?=:)))(?: one of| either)?(?: the following)?:? [([]?/gi;

/** `Valid values: ` */
const ANNOUNCED = /^(?:possible|valid|allowed|accepted|supported|available|choose)\b.*:/i;

/** `Valid names are `, behind which a list may end in `and`. */
const NAMED_ALL = /^(?:possible|valid|allowed|accepted|supported|available)\b.* are /i;

const ARE = /^(?:values|choices|options) are $/i;

/**
 * The allowed values that a text lists in its sentences, with their place there; undefined where it lists none:
 * `One of a, b, or c`, `WHEN may be 'a' or 'b'`, `according to WORD: a, b`, `order: a (default), b or c`. `starts` are where the lines of the text
 * begin: a list behind `one of:` may end with its line.
 */
export function valuesInProse(
  text: string,
  starts: ReadonlySet<number> = new Set(),
): ProseValues | undefined {
  if (!MAY_LIST.test(text)) return undefined;
  for (const match of matches(text, LIST_AHEAD)) {
    const list = scanValueList(text, match.index + match[0].length);
    // `it may be slow, or fail` speaks of no values; `KEY may be slow or fast` does.
    const isVague = /^(?:may|can|must|should) be $/i.test(match[0]) && !isAfterPlaceholder(text, match.index);
    const rest = text.slice(list?.end ?? 0);
    // `packages that are either taken or left`: words of a sentence.
    const isLoose =
      /^either /i.test(match[0]) &&
      match.index > 0 &&
      !isAfterPlaceholder(text, match.index) &&
      !isApart(text, match.index, list);
    const isEndOfLine = match[0].includes(':') && list !== undefined && starts.has(list.end + 1);
    const isToTheEnd =
      !isLoose && /^(?:one of|either)/i.test(match[0]) && (isEndOfLine || /^[\s.:;)\]]*$/.test(rest));
    // `Valid values: a, b  Default: a`: with a colon, what follows the list begins anew.
    const isAnnounced = ANNOUNCED.test(match[0]) && /^[\s.;)]*(?:$|\s[\p{Lu}([])/u.test(rest);
    const isAll = NAMED_ALL.test(match[0]) && list?.hasAnd && /^[\s.;)]*(?:$|\s[\p{Lu}([])/u.test(rest);
    const isChoice = list?.hasOr && !isVague && !isLoose;
    const byDefault = defaultAhead(text, match.index);
    const isSentence = list !== undefined && ARE.test(match[0]) && isWholeSentence(text, match.index, list);
    if (list !== undefined && (list.isQuoted || isChoice || isToTheEnd || isAnnounced || isAll || isSentence))
      return { values: [...byDefault, ...list.values], start: match.index, end: list.end };
  }
  const listed =
    wholeList(text) ?? listOfPlaceholder(text) ?? valuesOfPlaceholder(text) ?? supportedValues(text);
  if (listed !== undefined) return listed;
  const colon = /[A-Za-z]: (?=[\w"'`])/g;
  for (const match of matches(text, colon)) {
    const list = scanValueList(text, match.index + match[0].length);
    if (list === undefined) continue;
    const isBeforeDefault = DEFAULT_BEHIND.test(text.slice(list.end, list.end + DEFAULT_LIMIT));
    if (!isBeforeDefault && !/^[\s.]*(?:$|(?<=\. )\p{Lu})/u.test(text.slice(list.end, list.end + 3)))
      continue;
    if (OF_A_KIND.test(text.slice(Math.max(0, match.index - KIND_LIMIT), match.index + 1))) continue;
    const isClosed = /^\.(?:\s*$|\s\p{Lu})/u.test(text.slice(list.end, list.end + 3));
    const isSwitch = list.values.every(({ value }) => /^(?:yes|no|on|off|true|false)$/i.test(value));
    if (isAfterPlaceholder(text, match.index + 1) || list.hasOr || list.isQuoted || isClosed || isSwitch)
      return { values: list.values, start: match.index + 3, end: list.end };
    const isLast = list.values.length >= MIN_WORDS && (isBeforeDefault || text.slice(list.end).trim() === '');
    if (isLast && !OF_OTHERS.test(text.slice(0, match.index + 1)))
      return { values: list.values, start: match.index + 3, end: list.end, isByPlace: true };
  }
  return undefined;
}

/** A default in a line of its own, behind all other text. */
const DEFAULT_BEHIND = /^\s*Default: \S{1,40}$/;
const DEFAULT_LIMIT = 60;

/** `defaults to 'early' or `, in front of `can be 'late' or 'noon'`: the default is one of the values. */
const DEFAULT_AHEAD = /\bdefault(?:s to| is) (["'`])([\w.+-]{1,40})["'`],? or $/i;

function defaultAhead(text: string, index: number): ListedValue[] {
  const told = DEFAULT_AHEAD.exec(text.slice(Math.max(0, index - 70), index));
  if (told === null) return [];
  const start = index - told[0].length + told[0].indexOf(told[1] ?? '') + 1;
  const value = told[2] ?? '';
  return [{ value, start, end: start + value.length }];
}

/** `Options are a, b and c.`: a list of three or more, and nothing else in its sentence. */
function isWholeSentence(text: string, index: number, list: ListedValues): boolean {
  return (
    list.values.length >= MIN_WORDS &&
    /(?:^|[.;:] )(?:The )?$/.test(text.slice(0, index)) &&
    /^(?:\.|\s*$)/.test(text.slice(list.end))
  );
}

/** `additional kinds: a, b, c` are not all; `synonyms: a, b, c` are other names. */
const OF_OTHERS =
  /\b(?:additional|further|more|extra|other|also|synonyms?|alias(?:es)?|names?)\b[^.:]{0,30}$|\bfor:?$/i;

/** `a number, or a day with a unit`: what stands behind the colon are examples of a kind. */
const OF_A_KIND =
  /\b(?:or|with) an? [\w -]{1,30}$|\b(?:examples?|for instance|such as|e\.g\.?|like)(?: \w+)?$/i;
const KIND_LIMIT = 60;

/** `the kind, either a, b or c (default: a)`: behind a comma, and up to the end of the sentence. */
function isApart(text: string, index: number, list: ListedValues | undefined): boolean {
  return (
    list?.hasOr === true &&
    list.values.length >= MIN_WORDS &&
    /,\s(?:which is )?$/.test(text.slice(0, index)) &&
    /^\s*(?:[.;([]|$)/.test(text.slice(list.end))
  );
}

/** So many words, and nothing else, are a list; two may be what an option does. */
const MIN_WORDS = 3;

/** `early, ended or late`: a text that is a list, and nothing else. */
function wholeList(text: string): ProseValues | undefined {
  const list = scanValueList(text, 0);
  // `early, late or noon [noon]`, `early, late or noon; default is noon`: the default behind it.
  if (
    list === undefined ||
    !list.hasOr ||
    !/^\.?\s*(?:\[[\w.+-]{1,40}\])?$|^[;,.] (?:the )?default\b/i.test(text.slice(list.end, list.end + 50))
  )
    return undefined;
  return list.isQuoted || list.values.length >= MIN_WORDS
    ? { values: list.values, start: 0, end: list.end }
    : undefined;
}

/** `SORT can be `, `SORT is ` before quotes, and `, SORT is ` before anything: `if SORT is missing or late` says when. */
const PLACEHOLDER_AHEAD =
  /\b[A-Z][A-Z_-]{1,30} (?:(?:can|may|must|should) be |is (?=["'`]))|(?<=(?:^|[,.;(]) ?)[A-Z][A-Z_-]{1,30} is (?=[a-z])/g;

/** `(SORT can be name, size)`, `SORT is name or size`: up to the end of a bracket or a sentence, or to the default. */
function listOfPlaceholder(text: string): ProseValues | undefined {
  for (const match of matches(text, PLACEHOLDER_AHEAD)) {
    const list = scanValueList(text, match.index + match[0].length);
    const isQuotedOrTold = !/ is $/.test(match[0]) || list?.hasOr === true;
    const isWhole =
      list !== undefined &&
      /^(?:\)|\.?\s*$| \(default |;|,? (?:which is |being )?the default\b)/.test(
        text.slice(list.end, list.end + 24),
      );
    if (isWhole && isQuotedOrTold) return { values: list.values, start: match.index, end: list.end };
  }
  return undefined;
}

/** `DAY='early'` */
const PLACEHOLDER_WITH_VALUE = /\b([A-Z][A-Z_-]{1,30})=(?=["'`][\w.+-]{1,40}["'`])/;

/** A value in quotes behind a placeholder, a comma or `or`. */
const QUOTED_VALUE = /(?:=|, ?|\bor )["'`]([\w.+-]{1,40})["'`]/g;

/** Values that a text explains one by one: `DAY='early' for the morning, 'noon', or 'late'`, `(DAY='early') or in the evening (DAY='late')`. */
function valuesOfPlaceholder(text: string): ProseValues | undefined {
  const first = PLACEHOLDER_WITH_VALUE.exec(text);
  if (first === null) return undefined;
  const sentence = text.slice(first.index).split(/\.\s/, 1)[0] ?? '';
  const values = new Map<string, ListedValue>();
  for (const { 0: matched, 1: value = '', index } of matches(sentence, QUOTED_VALUE)) {
    // `SIZE='4' or DAY='late'`: another placeholder's.
    const name = /[A-Z_-]*$/.exec(sentence.slice(Math.max(0, index - 32), index))?.[0];
    if (matched.startsWith('=') && name !== first[1]) return undefined;
    const end = first.index + index + matched.length - 1;
    if (!values.has(value)) values.set(value, { value, start: end - value.length, end });
  }
  const all = [...values.values()];
  return all.length < 2 ? undefined : { values: all, start: first.index, end: all.at(-1)?.end ?? 0 };
}

/** A quotation at the beginning of a sentence, or behind a word for the present. */
const FIRST_QUOTED = /(?<=^|\. {1,2}(?:(?:Currently|Presently),? )?)["'`](?=[\w.+-]{1,40}["'`],? )/gi;

const HOLDS_QUOTE = /["'`]/;

/** `"early", "late" and "noon" are supported.` */
function supportedValues(text: string): ProseValues | undefined {
  if (!HOLDS_QUOTE.test(text)) return undefined;
  for (const { index } of matches(text, FIRST_QUOTED)) {
    const list = scanValueList(text, index);
    const isAll =
      list?.isQuoted &&
      /^ (?:are|is) (?:supported|allowed|accepted|valid|possible)\b/.test(text.slice(list.end));
    if (list !== undefined && isAll) return { values: list.values, start: index, end: list.end };
  }
  return undefined;
}

/** Whether a placeholder such as `KEY` stands before an index. */
function isAfterPlaceholder(text: string, index: number): boolean {
  return /\b[A-Z][A-Z_-]{1,30} ?$/.test(text.slice(Math.max(0, index - 32), index));
}

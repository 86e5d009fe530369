/** A word or a mark of a synopsis, by its offsets there. */
export interface Token {
  readonly text: string;
  readonly isMark: boolean;
  /** Whether no blank stands before it. */
  readonly joined: boolean;
  readonly start: number;
  readonly end: number;
}

/**
 * A synopsis of the same length in the common notation: `?day?`, as Tcl writes what may be left out, in brackets; `< day >` without the
 * blanks inside; a bar for `or` in `[<day> or <week>]`; `<-x|-y>` in round brackets; and bars for commas between names, `[-i, --in FILE]`.
 */
export function inCommonNotation(text: string): string {
  return text
    .replace(/(^|\s)\?(-?\w[^?\n]{0,80})\?(?=\s|$)/g, '$1[$2]')
    .replace(/(^|[\s[(])< ([\w-]{1,40}) >(?=[\s\])]|\.{3}|$)/g, '$1 <$2> ')
    .replace(/(?<=\[<[^<>[\]]{1,60}>) or (?=<[^<>[\]]{1,60}>\])/g, ' |  ')
    .replace(/<(-[^<>|]{1,60}(?:\|[^<>|]{1,60}){1,20})>/g, '($1)')
    .replace(/(?<=\[ ?-[^[\]]{1,80}),(?= --?[A-Za-z[])/g, '|');
}

/** The words and marks of a synopsis, in their order. */
export function tokenize(text: string): Token[] {
  const tokens: Token[] = [];
  let i = 0;
  let joined = false;
  while (i < text.length) {
    const character = text[i] ?? '';
    if (/\s/.test(character)) {
      joined = false;
      i++;
      continue;
    }
    const remark = character === '(' ? DEFAULT_REMARK.exec(text.slice(i, i + REMARK_LIMIT)) : null;
    if (remark !== null) {
      i += remark[0].length;
      continue;
    }
    const dots = isWordWithDots(text, i) ? 0 : dotsLength(text, i);
    const list = text[i - 1] === '{' ? spacedListEnd(text, i) : undefined;
    if (list !== undefined) {
      tokens.push({ text: text.slice(i, list), isMark: false, joined, start: i, end: list });
      i = list;
      continue;
    }
    const end = dots > 0 ? i + dots : '[](){}|'.includes(character) ? i + 1 : wordEnd(text, i);
    const isMark = dots > 0 || '[](){}|'.includes(character);
    tokens.push({
      text: dots > 0 && character !== '*' ? '...' : text.slice(i, end),
      isMark,
      joined,
      start: i,
      end,
    });
    joined = true;
    i = end;
  }
  return tokens;
}

/** `[-d DAY (default=1)]`: what is said of an argument, and no word of the command line. */
const DEFAULT_REMARK = /^\(def(?:ault)?[:= ][^()\n]*\)/;
const REMARK_LIMIT = 100;

/** Values between braces are so long together at the most. */
const LONGEST_LIST = 1000;

/** `best,upper right,lower left` between braces: where tight commas part values, blanks are inside of them. The end of the list. */
function spacedListEnd(text: string, start: number): number | undefined {
  const list = /^[\w.+:/-]+(?: [\w.+:/-]+)*(?:,[\w.+:/-]+(?: [\w.+:/-]+)*)+(?=\})/.exec(
    text.slice(start, start + LONGEST_LIST),
  )?.[0];
  return list?.includes(' ') ? start + list.length : undefined;
}

/** `[...name]`: dots in front of the word that they repeat. */
function isWordWithDots(text: string, i: number): boolean {
  return text.startsWith('...', i) && /[[<(]/.test(text[i - 1] ?? '') && /\w/.test(text[i + 3] ?? '');
}

/** What a star or plus repeats: a bracket, or a word of letters. */
const REPEATED = /[\])}>]$|(?:^|[\s[(<])[A-Za-z][A-Za-z_-]{1,39}$/;
const WORD_SEEN = 42;

/** How many characters the dots at an index have: three, one for all three, or two where a word with nothing behind it has them. */
function dotsLength(text: string, i: number): number {
  if (text.startsWith('...', i)) return 3;
  if (text[i] === '…') return 1;
  // `[day]*`, `<day>+`, `DAY+`, as patterns have it.
  if (/[*+]/.test(text[i] ?? '') && REPEATED.test(text.slice(Math.max(0, i - WORD_SEEN), i)))
    return /^[\s\])>]?$/.test(text.slice(i + 1, i + 2)) ? 1 : 0;
  return text.startsWith('..', i) &&
    /[\w>\]]/.test(text[i - 1] ?? '') &&
    /^[\s\])>]?$/.test(text.slice(i + 2, i + 3))
    ? 2
    : 0;
}

/** Where a phrase in quotes ends, `"name of a box"`, `"box [box...]"`; undefined where none begins. */
function phraseEnd(text: string, start: number): number | undefined {
  const phrase = /^(["'])[\w.,+-]+(?: (?:[\w.,+-]+|\[[\w.,+-]+\])){1,8}\1(?=[\s\])]|$)/.exec(
    text.slice(start, start + 120),
  );
  return phrase === null ? undefined : start + phrase[0].length;
}

/** `[-port]`, joined to a word: the other end of a range. */
const RANGE_END = /^\[-\w{1,30}\]/;

/** What is looked at around a bar. */
const BAR_LIMIT = 80;

/** Whether a bar parts the values of an option, `--colour=always|never`: what stands behind it is no other option, and no other setting. */
function isBarOfValues(text: string, start: number, bar: number): boolean {
  if (text[bar] !== '|' || text[start] !== '-') return false;
  const isValueBefore = /^--?\w[\w-]*(?:\/--?\w[\w-]*)*=[^\s=]+$/.test(
    text.slice(start, bar).slice(0, BAR_LIMIT * 2),
  );
  return (
    isValueBefore && /^[\w./+][^\s=|[\](){}<>]*(?=[\s|\])]|$)/.test(text.slice(bar + 1, bar + BAR_LIMIT))
  );
}

/** What stands in a long name that has a negation. */
const NEGATION = /^\[no-?\]/;

function wordEnd(text: string, start: number): number {
  const phrase = phraseEnd(text, start);
  if (phrase !== undefined) return phrase;
  let i = isWordWithDots(text, start) ? start + 3 : start;
  while (i < text.length) {
    const character = text[i] ?? '';
    // `--[no-]late`, `-l/--[no-]late/--[no-]tardy`
    const negation =
      character === '[' && text.startsWith('--', i - 2) ? NEGATION.exec(text.slice(i, i + 5)) : null;
    if (negation !== null) {
      i += negation[0].length;
      continue;
    }
    if (character === '<') {
      const close = text.indexOf('>', i);
      if (close > 0 && close - i < 200) {
        i = close + 1;
        continue;
      }
    }
    if (i > start && /^\(s\)/i.test(text.slice(i, i + 3))) {
      // `file(s)`, `FILE(S)`
      i += 3;
      continue;
    }
    // `port[-port]`: a part of the word.
    const part =
      character === '[' && i > start && text[start] !== '-' ? RANGE_END.exec(text.slice(i, i + 40)) : null;
    if (part !== null) {
      i += part[0].length;
      continue;
    }
    if (isBarOfValues(text, start, i)) {
      i++;
      continue;
    }
    if (/[\s[\](){}|…]/.test(character) || (i > start && dotsLength(text, i) > 0)) break;
    i++;
  }
  return Math.max(i, start + 1);
}

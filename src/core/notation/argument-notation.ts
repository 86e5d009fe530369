import { bracketEnd, isBlank, isDigit, isLower, isOpener, isUpper, isWordCharacter } from './characters.ts';

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

export interface ScannedArgument {
  readonly presence: 'optional' | 'mandatory';
  readonly words: readonly ScannedWord[];
  /** Whether the last word may come any number of times. */
  readonly repeats: boolean;
  /** Whether it stands behind a blank, and not joined to the name. */
  readonly separate: boolean;
  /** Whether it is a bare word in lower case behind a blank, which might be text as well. */
  readonly loose: boolean;
  readonly start: number;
  readonly end: number;
}

/** Reads the option-argument that follows a name ending at `start`; undefined where there is none. */
export function scanArgument(text: string, start: number, to: number): ScannedArgument | undefined {
  if (start >= to) return undefined;
  const character = text[start];
  if (character === '=' && isValueUnnamed(text, start + 1)) return unnamed(start);
  if (character === '=' && isBlank(text[start + 1])) return undefined;
  if (character === '=' || (character === ':' && isValueStart(text, start + 1))) {
    return joined(text, start, start + 1, to);
  }
  // `-Wx,<options>`: the comma is a part of the word.
  if (character === ',' && text[start + 1] === '<') return joined(text, start, start, to);
  if (character === '[') return bracketed(text, start, to, false);
  if (character === '<' || character === '{' || character === '(') return joined(text, start, start, to);
  // `-b#`: a number joined to its letter.
  if (isUpper(text.charCodeAt(start)) || character === '#') return joined(text, start, start, to);
  return isBlank(character) ? separate(text, start, to) : undefined;
}

/** Whether nothing of a name's argument is shown behind `=`: `--set=, --variable=NAME`. In `--set= text` it is a mark. */
function isValueUnnamed(text: string, index: number): boolean {
  return /^(?:,|\t|\s{2}|\s*$)/.test(text.slice(index, index + GUTTER_SEEN));
}

function unnamed(start: number): ScannedArgument {
  return {
    presence: 'mandatory',
    words: [
      {
        placeholder: undefined,
        values: undefined,
        separator: undefined,
        default: undefined,
        start,
        end: start + 1,
      },
    ],
    repeats: false,
    separate: false,
    loose: false,
    start,
    end: start + 1,
  };
}

/** What may follow a colon as a value: `-file:NAME`, `-debug:{lines,vars}`, `-agent:<lib>`, `-verbose:[class|gc]`. */
function isValueStart(text: string, index: number): boolean {
  return isWordCharacter(text.charCodeAt(index)) || '[{<'.includes(text[index] ?? ' ');
}

/** `=VALUE`, `<value>`, `{a,b}` or `VALUE` without a blank before it. */
function joined(text: string, start: number, from: number, to: number): ScannedArgument | undefined {
  const end = runEnd(text, from, to);
  if (end === from) return undefined;
  if (text[from] === '[' && bracketEnd(text, from, to) === end) {
    const argument = bracketArgument(text, from, end);
    // `--long=[VALUE]`: the value may be left out; in `--long=[a|b]` the bracket only holds the values together.
    const isChoice = argument.words[0]?.values !== undefined;
    return { ...argument, presence: isChoice ? 'mandatory' : 'optional', separate: false, start };
  }
  return {
    presence: 'mandatory',
    words: [makeScannedWord(text, from, end)],
    repeats: false,
    separate: false,
    loose: false,
    start,
    end,
  };
}

/** `[=VALUE]`, `[VALUE]` or, behind a blank, `[VALUE ...]`. */
function bracketed(text: string, start: number, to: number, separate: boolean): ScannedArgument | undefined {
  const end = bracketEnd(text, start, to);
  if (end === undefined) return undefined;
  // `-V[N][FILE]`, `[a,b][,...]`: more that may be left out.
  let last = end;
  while (text[last] === '[') last = bracketEnd(text, last, to) ?? to + 1;
  if (last > to || (last < to && !isArgumentEnd(text, last, to))) return undefined;
  const inner = text.slice(start + 1, end - 1).trim();
  if (inner === '' || inner.startsWith('-')) return undefined;
  return { ...bracketArgument(text, start, end), separate, end: last };
}

/** `[=arg(=1)]`: what the option comes to without an argument is no part of the placeholder. */
const IMPLICIT = /(?<=[\w>])\(=[^()]{0,80}\)$/;

function bracketArgument(text: string, start: number, end: number): ScannedArgument {
  let from = start + 1;
  let last = end - 1;
  while (from < last && (isBlank(text[from]) || text[from] === '=')) from++;
  while (last > from && isBlank(text[last - 1])) last--;
  last -= IMPLICIT.exec(text.slice(from, last))?.[0].length ?? 0;
  const inner = text.slice(from, last);
  const dots = /\s*(?:\.\.\.|…)$/.exec(inner);
  if (dots !== null && dots.index > 0) last = from + dots.index;
  return {
    presence: 'optional',
    words: [makeScannedWord(text, from, last)],
    repeats: dots !== null,
    separate: true,
    loose: false,
    start,
    end,
  };
}

function separate(text: string, start: number, to: number): ScannedArgument | undefined {
  let i = start;
  while (i < to && isBlank(text[i])) i++;
  if (i >= to) return undefined;
  if (text[i] === '=' && i + 1 < to) {
    // `--long = VALUE`
    while (i + 1 < to && isBlank(text[i + 1])) i++;
    return joined(text, start, i + 1, to);
  }
  if (text[i] === '[') {
    const optional = bracketed(text, i, to, true);
    if (optional !== undefined) return { ...optional, start };
    if (!isPartlyOptional(text, i, to)) return undefined;
  }
  const words: ScannedWord[] = [];
  let loose = false;
  let repeats = false;
  let end = start;
  while (i < to) {
    const wordEnd = separateWordEnd(text, i, to);
    if (wordEnd === undefined) break;
    if (wordEnd.dots) {
      // In `KEY,KEY ...` the dots go on with the list in the one word.
      repeats ||= !words.at(-1)?.placeholder?.includes(',');
    } else {
      words.push(makeScannedWord(text, i, wordEnd.end));
      // In `KEY=N...` the dots go on with the word, and not with more words.
      repeats ||= /^[<[]?[\w -]+>?\]?(?:\.\.\.|…)$/.test(text.slice(i, wordEnd.end));
    }
    loose ||= wordEnd.loose;
    end = wordEnd.end;
    i = end;
    if (!isBlank(text[i]) || isBlank(text[i + 1])) break;
    i++;
  }
  if (words.length === 0 && !repeats) return undefined;
  if (words.length === 0)
    words.push({
      placeholder: '...',
      values: undefined,
      separator: undefined,
      default: undefined,
      start,
      end,
    });
  return {
    presence: 'mandatory',
    words,
    repeats,
    separate: true,
    loose,
    start,
    end,
  };
}

/** `[TYPE:]PATH`, `[-]<flag>`: a word of which a part may be left out. */
function isPartlyOptional(text: string, start: number, to: number): boolean {
  const end = bracketEnd(text, start, to);
  return (
    end !== undefined && end < to && text[start + 1] !== ' ' && /^[A-Z<@:]/.test(text.slice(end, end + 1))
  );
}

/** The end of one word of a separate option-argument, and how sure it is that it is one. */
function separateWordEnd(
  text: string,
  start: number,
  to: number,
): { end: number; loose: boolean; dots: boolean } | undefined {
  const character = text[start] ?? '';
  if (text.startsWith('...', start)) {
    // `-0 ... -9` are letters from one to another.
    return /^\.{3},? [-+]/.test(text.slice(start, start + 6))
      ? undefined
      : { end: start + 3, loose: false, dots: true };
  }
  if (character === '[') {
    // `FILE [FILE ...]`: more of the same.
    const end = bracketEnd(text, start, to);
    const isMore =
      end !== undefined && /^\[\s*[^-\s](?:.|\n)*(?:\.\.\.|…)\s*\]$/.test(text.slice(start, end));
    if (isMore) return { end, loose: false, dots: true };
    return isPartlyOptional(text, start, to)
      ? { end: runEnd(text, start, to), loose: false, dots: false }
      : undefined;
  }
  // A default behind the words: `arg (=10)`.
  if (text.startsWith('(=', start)) return undefined;
  const end = runEnd(text, start, to);
  if (end === start) return undefined;
  const word = text.slice(start, end);
  if (isOpener(character) || character === '"' || character === "'")
    return { end, loose: false, dots: false };
  if (!isPlaceholderLike(word, /^(?: {2}|\t)\s*\S/.test(text.slice(end, end + GUTTER_SEEN))))
    return undefined;
  // `-c or --calm`: another name follows.
  if (word === 'or' && /^ +[-+]/.test(text.slice(end, end + 8))) return undefined;
  return { end, loose: hasLower(word), dots: false };
}

/** A gutter is looked at so far. */
const GUTTER_SEEN = 80;

/** The end of a run without blanks, brackets taken whole. */
function runEnd(text: string, start: number, to: number): number {
  let i = start;
  while (i < to) {
    const character = text[i] ?? '';
    if (isBlank(character)) break;
    if (character === ',' && (i + 1 >= to || isBlank(text[i + 1]) || text[i + 1] === '-')) break;
    // `FILE|-`: a hyphen alone is a value.
    if (character === '|' && text[i + 1] === '-' && !/^[\s,]?$/.test(text.slice(i + 2, Math.min(to, i + 3))))
      break;
    if (character === ']' || character === ')') break;
    if (character === '"' || character === "'") {
      const close = text.indexOf(character, i + 1);
      if (close > 0 && close < to && close - i < 80) {
        i = close + 1;
        continue;
      }
    }
    if (isOpener(character)) {
      const end = bracketEnd(text, i, to);
      if (end === undefined) break;
      i = end;
      continue;
    }
    i++;
  }
  return i;
}

/**
 * Whether a bare word can name a value: `FILE`, `KEY=VALUE`, `N`, `host:port`, `on|off`, `+int`; and `Level`, where a gutter
 * behind it parts it from a text.
 */
function isPlaceholderLike(word: string, isBeforeGutter: boolean): boolean {
  if (word.length > 60) return false;
  for (let i = 0; i < word.length; i++) {
    const unit = word.charCodeAt(i);
    if (!isWordCharacter(unit) && !'-_|/:=.,+<>[]{}#%*@…'.includes(word[i] ?? '')) return false;
  }
  if (/[.,:]$/.test(word) && !/(?:\.\.|…)$/.test(word)) return false;
  const first = word.charCodeAt(0);
  if (isUpper(first)) return !hasLower(word) || /[=:|]/.test(word) || isBeforeGutter;
  return isLower(first) || isDigit(first) || first === 0x2b || first === 0x23 || /^\.\w+$/.test(word);
}

function hasLower(word: string): boolean {
  for (let i = 0; i < word.length; i++) if (isLower(word.charCodeAt(i))) return true;
  return false;
}

function isArgumentEnd(text: string, index: number, to: number): boolean {
  return index >= to || ' \t,|/)['.includes(text[index] ?? ' ') || text.startsWith('...', index);
}

function makeScannedWord(text: string, start: number, end: number): ScannedWord {
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

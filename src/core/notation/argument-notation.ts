import { GUTTER_SEEN, isPartlyOptional, runEnd, separateWordEnd } from './argument-words.ts';
import { bracketEnd, isBlank, isUpper, isWordCharacter } from './characters.ts';
import { isJoinedToLongName } from './option-name.ts';
import { nameOneValue } from './placeholder-phrase.ts';
import { makeScannedWord, makeSeparateWord, type ScannedWord } from './scanned-word.ts';

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
  if (character === '=' && isValueUnnamed(text, start + 1, to))
    return inOwnColumn(text, start, to) ?? unnamed(start);
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
  if (isWordCharacter(text.charCodeAt(start)) && isJoinedToLongName(text, start - 2, to))
    return joined(text, start, start, to);
  // `-o$`: a text joined to its letter.
  if (character === '$' && (start + 1 >= to || isBlank(text[start + 1])))
    return joined(text, start, start, to);
  return isBlank(character) ? (typeInColumn(text, start, to) ?? separate(text, start, to)) : undefined;
}

/** Whether nothing of a name's argument is shown behind `=`: `--set=, --variable=NAME`, `[--set=]`. In `--set= text` it is a mark. */
function isValueUnnamed(text: string, index: number, to: number): boolean {
  // `[--set=...]`: the dots of a synopsis are no part of its word.
  const areDots = index >= to && text.startsWith('...', index);
  return areDots || /^(?:,|\t|\s{2}|\s*$|[\])|])/.test(text.slice(index, index + GUTTER_SEEN));
}

/** `--quay   (string)   the text`: what kind of value it is, in a column of its own. */
function typeInColumn(text: string, start: number, to: number): ScannedArgument | undefined {
  if (to >= text.length || to - start > 60) return undefined;
  const column = TYPE_IN_COLUMN.exec(text.slice(start, to));
  if (column === null) return undefined;
  const from = start + column[0].indexOf('(') + 1;
  const end = from + (column[1]?.length ?? 0);
  return inColumn(text, { start, from, to: end, end: end + 1 }, true);
}

const TYPE_IN_COLUMN =
  /^(?: {2,}|\t)\s*\((date|directory|double|file|float|int|integer|number|path|string|text|time|url)\)\s*$/;

/** `--quay=   [north:]quay   the text`: what stands between `=` and a further gutter, in one word, is the value's placeholder. */
function inOwnColumn(text: string, start: number, to: number): ScannedArgument | undefined {
  const column = to < text.length ? /^=\s{2,40}(?=[^\s-]\S{0,40}$)/.exec(text.slice(start, to)) : null;
  if (column === null || !/^(?: {2,}|\t)\s*\S/.test(text.slice(to, to + GUTTER_SEEN))) return undefined;
  const from = start + column[0].length;
  return inColumn(text, { start, from, to, end: to }, false);
}

/** An argument of one word, which stands from `from` to `to`. */
function inColumn(
  text: string,
  { start, from, to, end }: Record<'start' | 'from' | 'to' | 'end', number>,
  separate: boolean,
): ScannedArgument {
  const words = [makeScannedWord(text, from, to)];
  return { presence: 'mandatory', words, repeats: false, separate, loose: false, start, end };
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

/** What may follow a colon as a value: `-file:NAME`, `-debug:{lines,vars}`, `-agent:<lib>`, `-verbose:[class|gc]`, `-drop:...`. */
function isValueStart(text: string, index: number): boolean {
  return (
    isWordCharacter(text.charCodeAt(index)) ||
    '[{<'.includes(text[index] ?? ' ') ||
    text.startsWith('...', index)
  );
}

/** `=VALUE`, `<value>`, `{a,b}` or `VALUE` without a blank before it. */
function joined(text: string, start: number, from: number, to: number): ScannedArgument | undefined {
  const end = withoutColon(text, from, runEnd(text, from, to));
  if (end === from) return undefined;
  // `--box=[]`: nothing is in the list by default.
  const isEmpty = text.slice(from, end) === '[]';
  if (text[from] === '[' && bracketEnd(text, from, to) === end && !isEmpty) {
    const argument = bracketArgument(text, from, end);
    // `--long=[VALUE]`: the value may be left out; in `--long=[a|b]` the bracket only holds the values together.
    return { ...argument, presence: isChoice(argument) ? 'mandatory' : 'optional', separate: false, start };
  }
  // `--box=BOX ...`
  const dots = /^ (?:\.\.\.|…)(?=\s|,|$)/.exec(text.slice(end, Math.min(to, end + 6)))?.[0].length ?? 0;
  return {
    presence: 'mandatory',
    words: [makeScannedWord(text, from, end)],
    repeats: dots > 0,
    separate: false,
    loose: false,
    start,
    end: end + dots,
  };
}

/** The end of a joined argument without the colon behind it, which parts it from its text: `--chunk=500:`. */
function withoutColon(text: string, from: number, end: number): number {
  const isAtEnd = end === text.length || isBlank(text[end]);
  return end > from + 1 && isAtEnd && text[end - 1] === ':' ? end - 1 : end;
}

/** Whether an argument in a bracket is a choice by bars, `[a|b]`; in `[<a|b>]` the inner bracket holds it together, and the outer means more. */
function isChoice({ words }: ScannedArgument): boolean {
  return words[0]?.values !== undefined && !/^[{<(]/.test(words[0].placeholder ?? '');
}

/** `[=VALUE]`, `[VALUE]` or, behind a blank, `[VALUE ...]`. */
function bracketed(text: string, start: number, to: number, separate: boolean): ScannedArgument | undefined {
  const end = bracketEnd(text, start, to);
  if (end === undefined) return undefined;
  // `-V[N][FILE]`, `[a,b][,...]`: more that may be left out.
  let last: number | undefined = end;
  while (last !== undefined && last < to && text[last] === '[') last = bracketEnd(text, last, to);
  if (last === undefined || (last < to && !isArgumentEnd(text, last, to))) return undefined;
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
  // `[{a,b} [{a,b} ...]]`: more of the same.
  const more = /(?<=\S) \[[^\n]*(?:\.\.\.|…)\]$/.exec(text.slice(from, last));
  if (more !== null) {
    const words = [makeScannedWord(text, from, from + more.index)];
    return { presence: 'optional', words, repeats: true, separate: true, loose: false, start, end };
  }
  const inner = text.slice(from, last);
  const dots = /\s*(?:\.\.\.|…)$/.exec(inner);
  if (dots !== null && dots.index > 0) last = from + dots.index;
  // What stands here in quotes, or as a number, is what the option comes to without an argument, and no default.
  const scanned = makeScannedWord(text, from, last);
  const placeholder = text.slice(from, last);
  const word = {
    ...scanned,
    placeholder,
    values: scanned.values ?? (LIST_OF_WORDS.test(placeholder) ? placeholder.split(',') : undefined),
    default: undefined,
  };
  return {
    presence: 'optional',
    words: [word],
    repeats: dots !== null,
    separate: true,
    loose: false,
    start,
    end,
  };
}

/** `[fast,slow,none]`: three words in small letters are values, two may be placeholders. */
const LIST_OF_WORDS = /^[a-z][\w-]{1,40}(?:,[a-z][\w-]{1,40}){2,20}$/;

/** Three words or more in round brackets, and one blank before what follows: a text. */
const REMARK =
  /^\([\w'-]+[;,:]? [\w'-]+ [\w'-][^()]{0,300}\) (?=[^\s(])|^\([\w'-]+[;,:]? [\w'-]+ [^()]{0,300}$/;
const REMARK_LIMIT = 320;

/** `int[=often]`: what the option comes to without an argument. */
const IMPLIED = /(?<=[\w>])\[=(?:"[^"]{0,80}"|[^[\]]{0,80})\]$/;

function separate(text: string, start: number, to: number): ScannedArgument | undefined {
  let i = start;
  while (i < to && isBlank(text[i])) i++;
  // `--basis (-B)`: another name. `-Q (default)`: that it is what is done.
  if (i >= to || text.startsWith('(default)', i)) return undefined;
  if (text[i] === '(' && (text[i + 1] === '-' || REMARK.test(text.slice(i, i + REMARK_LIMIT))))
    return undefined;
  // `--long => text`
  if (text[i] === '=' && text[i + 1] === '>') return undefined;
  if (text[i] === '=' && i + 1 < to) {
    // `--long = VALUE`
    while (i + 1 < to && isBlank(text[i + 1])) i++;
    return joined(text, start, i + 1, to);
  }
  if (text[i] === '[') {
    const optional = bracketed(text, i, to, true);
    // Behind a blank an argument cannot be left out by most parsers, and a bracket around a choice only holds it together.
    if (optional !== undefined)
      return { ...optional, presence: isChoice(optional) ? 'mandatory' : 'optional', start };
    if (!isPartlyOptional(text, i, to)) return undefined;
  }
  return separateWords(text, start, i, to);
}

/** Words behind a blank, from an index on: `WIDTH HEIGHT`, `DAY [DAY ...]`. */
function separateWords(text: string, start: number, from: number, to: number): ScannedArgument | undefined {
  const words: ScannedWord[] = [];
  let i = from;
  let loose = false;
  let repeats = false;
  let presence: ScannedArgument['presence'] = 'mandatory';
  let end = start;
  while (i < to) {
    const wordEnd = separateWordEnd(text, i, to);
    if (wordEnd === undefined) break;
    if (wordEnd.dots) {
      // In `KEY,KEY ...` the dots go on with the list in the one word; in `<KEY VALUE> ...` the option may be given again.
      repeats ||= !/,|^<\w+(?: \w+)+>$/.test(words.at(-1)?.placeholder ?? '');
    } else {
      const implied = IMPLIED.exec(text.slice(i, wordEnd.end))?.[0].length ?? 0;
      if (implied > 0) presence = 'optional';
      words.push(makeSeparateWord(text, i, wordEnd.end - implied));
      // In `KEY=N...` the dots go on with the word, and not with more words.
      repeats ||= /^(?!<[^<> ]+ )[<[]?[\w -]+>?\]?(?:\.\.\.|…)$/.test(text.slice(i, wordEnd.end));
    }
    loose ||= wordEnd.loose;
    end = wordEnd.end;
    i = end;
    if (!isBlank(text[i]) || isBlank(text[i + 1])) break;
    i++;
    const unit = text[i] === '(' ? UNIT.exec(text.slice(i, Math.min(to, i + UNIT_LIMIT))) : null;
    if (unit === null) continue;
    end = i + unit[0].length;
    break;
  }
  // Dots alone stand for a value that has no name.
  if (words.length === 0) return repeats ? { ...unnamed(start), separate: true, loose, end } : undefined;
  // `-l log file`
  const isOne = nameOneValue(words.map((word) => word.placeholder));
  return {
    presence,
    words: isOne ? [makeScannedWord(text, words[0]?.start ?? start, words.at(-1)?.end ?? end)] : words,
    repeats,
    separate: true,
    loose,
    start,
    end,
  };
}

/** `--every N (days)`, `-t TIME (in ms)`: the unit of what stands before it, and no word of its own. */
const UNIT = /^\((?:in )?[a-z]{1,12}\)(?=\s{2}|\t|$)/;
const UNIT_LIMIT = 24;

function isArgumentEnd(text: string, index: number, to: number): boolean {
  if (index >= to || ' \t,|/)['.includes(text[index] ?? ' ') || text.startsWith('...', index)) return true;
  // `--wash [<FILE>]: text`
  return text[index] === ':' && (index + 1 >= to || isBlank(text[index + 1]));
}

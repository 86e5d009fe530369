import type { NameForm } from '../model/option.ts';
import { isLower, isWordCharacter } from './characters.ts';

/** A name as it stands in a text, by its indexes there. */
export interface ScannedName {
  readonly text: string;
  readonly form: NameForm;
  /** The name that takes the option back, where the notation gives one too (`--[no-]colour`). */
  readonly negated: string | undefined;
  /** Whether it is shown once and several times, so that it is counted: `-v|vv|vvv`, `--verbose...`. */
  readonly isCounted: boolean;
  readonly start: number;
  readonly end: number;
}

/** What is longer is no name that anybody types; reports tell it again with all that belongs to it. */
const NAME_LENGTH_LIMIT = 500;

/** Reads the option name that begins at `start`; undefined where none does. */
export function scanOptionName(text: string, start: number, to: number): ScannedName | undefined {
  const name = scanAny(text, start, to);
  return name === undefined || name.end - name.start > NAME_LENGTH_LIMIT ? undefined : name;
}

function scanAny(text: string, start: number, to: number): ScannedName | undefined {
  const first = text[start];
  if (first === '+') return scanPlus(text, start, to);
  if (first !== '-' || start + 1 >= to) return undefined;
  return text[start + 1] === '-' ? scanLong(text, start, to) : scanSingleHyphen(text, start, to);
}

function scanLong(text: string, start: number, to: number): ScannedName | undefined {
  let from = start + 2;
  let negation: string | undefined;
  // `--[no-]map`, `--(no-)map`
  const bracket = /^(?=\[[^\]]*\]|\([^)]*\))[[(](no-?|no_|dont-|un|not-|skip-)[\])]/.exec(
    text.slice(from, Math.min(to, from + 12)),
  );
  if (bracket !== null) {
    negation = bracket[1];
    from += bracket[0].length;
  }
  if (!isWordCharacter(text.charCodeAt(from)) && !'?#@'.includes(text[from] ?? ' ')) return undefined;
  const end = nameEnd(text, from + 1, to);
  const word = text.slice(from, end);
  // `--e<c>ho`: a letter that is marked in a word, of which this would be a part.
  if (/^<\w>\w/.test(text.slice(end, Math.min(to, end + 4)))) return undefined;
  // `--2026-11-28`: digits in groups are a date or a version, and no name.
  if (/^\d+(?:[-.:]\d+)+$/.test(word)) return undefined;
  return {
    text: `--${word}`,
    form: 'long',
    negated: negation === undefined ? undefined : `--${negation}${word}`,
    isCounted: false,
    start,
    end,
  };
}

/** `-[no]late`, `-[no-]late` */
const SINGLE_HYPHEN_NEGATION = /^-\[(no-?)\]([a-z][\w-]{1,60})(?=[\s=|,\])]|$)/;

function scanSingleHyphen(text: string, start: number, to: number): ScannedName | undefined {
  const negation =
    text[start + 1] === '[' ? SINGLE_HYPHEN_NEGATION.exec(text.slice(start, Math.min(to, start + 80))) : null;
  if (negation !== null) {
    const [matched, no = '', word = ''] = negation;
    const end = start + matched.length;
    return {
      text: `-${word}`,
      form: 'single-hyphen-long',
      negated: `-${no}${word}`,
      isCounted: false,
      start,
      end,
    };
  }
  const unit = text.charCodeAt(start + 1);
  if (!(unit > 0x20) || unit === 0x2d) return undefined;
  if (!isWordCharacter(unit)) {
    // `-?`, `-#`, `-@`: one character that nothing may follow but a boundary.
    return '?#@%$!:=^~'.includes(text[start + 1] ?? '') && isNameBoundary(text, start + 2, to)
      ? short(text, start)
      : undefined;
  }
  const end = nameEnd(text, start + 1, to);
  // `-iL <box>`, `-oX/-oY <box>`: what has an argument behind it is none itself.
  const isJoined =
    isJoinedPlaceholder(text.slice(start + 1, end)) &&
    !/^(?:\/-\w{2,4}){0,5} <[^<>]{1,60}>/.test(text.slice(end, Math.min(to, end + NAME_LIMIT))) &&
    !areInitials(text, start, end);
  if (end - start === 2 || isJoined) return short(text, start);
  if (isJoinedToLongName(text, start, to)) return short(text, start);
  return {
    text: text.slice(start, end),
    form: 'single-hyphen-long',
    negated: undefined,
    isCounted: false,
    start,
    end,
  };
}

function short(text: string, start: number): ScannedName {
  return {
    text: text.slice(start, start + 2),
    form: 'short',
    negated: undefined,
    isCounted: false,
    start,
    end: start + 2,
  };
}

/** Whether a word is a letter with its placeholder joined to it, such as `oFILE` or `jN`. */
function isJoinedPlaceholder(word: string): boolean {
  if (word.length < 2 || !isLower(word.charCodeAt(0))) return false;
  return /^[A-Z]+(?:_[A-Z]+)*$/.test(word.slice(1));
}

/** `-mN, --match-N`: whether letters behind one hyphen are the initials of the words of the long name beside them, which shows no argument. */
function areInitials(text: string, start: number, end: number): boolean {
  const long = /^(?:, ?|\/| ?\| ?)--(\w[\w-]{0,60})(?=,|\t| {2}|$)/.exec(
    text.slice(end, end + NAME_LIMIT),
  )?.[1];
  const initials = long?.split('-').map(([letter = '']) => letter);
  return initials?.join('') === text.slice(start + 1, end);
}

/** A letter with what is joined to it, and the long name behind it with its argument. */
const BEFORE_LONG_NAME =
  /^-\w(\w[^\s,=/|]{0,60}(?:\|[^\s,=/|]{1,60}){0,20})(?:,? ?|\/| ?\| ?| or )--\w[\w-]{0,60}[= ](\S{1,61})(?=[\s,]|$)/;
/** What stands before a letter: a long name with its argument. */
const BEHIND_LONG_NAME = /--\w[\w-]{0,60}[= ](\S{0,60}[^\s,])(?:,? ?|\/| ?\| ?| or )$/;
/** How far a long name is looked for. */
const NAME_LIMIT = 200;

/**
 * `-IDIR, --include=DIR`, `--encoding none|gz, -enone|gz`: whether what is joined to the letter is the argument of the long name beside it.
 */
export function isJoinedToLongName(text: string, start: number, to: number): boolean {
  const near = text.slice(start, Math.min(to, start + NAME_LIMIT));
  const shown = BEFORE_LONG_NAME.exec(near);
  if (shown !== null && shown[1] === shown[2]) return true;
  const above = BEHIND_LONG_NAME.exec(text.slice(Math.max(0, start - NAME_LIMIT), start))?.[1];
  return (
    above !== undefined && /^(?:[\s,:]|$)/.test(near.slice(2 + above.length)) && near.startsWith(above, 2)
  );
}

function scanPlus(text: string, start: number, to: number): ScannedName | undefined {
  // `+[no]short`
  const negation = /^\[(no-?)\](?=[a-z])/.exec(text.slice(start + 1, Math.min(to, start + 8)));
  const from = start + 1 + (negation?.[0].length ?? 0);
  if (!isWordCharacter(text.charCodeAt(from))) return undefined;
  // More than a letter is a name only in small letters: `+FILE` is an operand.
  const end = isLower(text.charCodeAt(from)) ? nameEnd(text, from + 1, to) : from + 1;
  if (!isNameBoundary(text, end, to)) return undefined;
  const word = text.slice(from, end);
  const negated = negation === null ? undefined : `+${negation[1]}${word}`;
  return { text: `+${word}`, form: 'plus', negated, isCounted: false, start, end };
}

function nameEnd(text: string, from: number, to: number): number {
  let i = from;
  while (i < to) {
    const character = text[i] ?? '';
    if (isWordCharacter(text.charCodeAt(i))) i++;
    else if ('-.:+@'.includes(character) && i + 1 < to && isWordCharacter(text.charCodeAt(i + 1))) {
      if (character === ':' && isValueBehindColon(text, i, to)) break;
      i++;
    } else break;
  }
  // `--c++` and `--gstabs+` are names.
  const plus = text.startsWith('++', i) ? 2 : text[i] === '+' ? 1 : 0;
  return isBlankOrEnd(text, i + plus, to) ? i + plus : i;
}

/** What a value is of: as a name's last part behind a colon, each is rare. */
const KIND_OF_VALUE =
  /^(?:addr(?:ess)?|bool(?:ean)?|char|count|date|dir(?:ectory)?|double|duration|file(?:name)?|float|host(?:name)?|id|int(?:eger)?|level|list|n|name|num(?:ber)?|path|pattern|port|regex|seconds|size|str(?:ing)?|text|time|uint|url|user|val(?:ue)?|word)$/;

/** `--lids:LID`, `--lids:on|off`, `--lids:count`, `--lid:lid`: a placeholder or a choice behind a colon is no part of the name. */
function isValueBehindColon(text: string, colon: number, to: number): boolean {
  const word = /^:([a-z][\w-]{0,40})(?=\s{2}|[\t,|]|$)/.exec(
    text.slice(colon, Math.min(to, colon + 60)),
  )?.[1];
  if (word !== undefined && (KIND_OF_VALUE.test(word) || text.slice(0, colon).endsWith(word))) return true;
  return /^:(?:[A-Z][A-Z0-9_]*(?![\w-])|\w[\w-]{0,40}\|)/.test(text.slice(colon, Math.min(to, colon + 60)));
}

/** Whether a name can end before this index. */
export function isNameBoundary(text: string, index: number, to: number): boolean {
  if (index >= to) return true;
  const character = text[index] ?? ' ';
  return (
    ' \t=[<{,|/)(}]*#'.includes(character) ||
    ((character === ':' || character === ';') && isBlankOrEnd(text, index + 1, to))
  );
}

function isBlankOrEnd(text: string, index: number, to: number): boolean {
  return index >= to || text[index] === ' ' || text[index] === '\t';
}

/** The form of a name by its hyphens; undefined where it is no name of an option. */
export function nameFormOf(text: string): NameForm | undefined {
  const scanned = scanOptionName(text, 0, text.length);
  if (scanned !== undefined && scanned.end === text.length) return scanned.form;
  if (text.startsWith('--')) return text.length > 2 ? 'long' : undefined;
  if (text.startsWith('+')) return text.length > 1 ? 'plus' : undefined;
  if (!text.startsWith('-') || text.length < 2) return undefined;
  return text.length === 2 ? 'short' : 'single-hyphen-long';
}

import {
  bracketEnd,
  hasLower,
  isBlank,
  isDigit,
  isLower,
  isOpener,
  isUpper,
  isWordCharacter,
} from './characters.ts';
import { NOTE_KEY } from './note-keys.ts';

/** What a type is called, as languages write it. */
const TYPE = /^(?:Array|Boolean|Date|File|Float|Int|Integer|Number|Object|Path|RegExp|String|URL)$/;

/** A gutter is looked at so far. */
export const GUTTER_SEEN = 80;

/** `[TYPE:]PATH`, `[-]<flag>`: a word of which a part may be left out. */
export function isPartlyOptional(text: string, start: number, to: number): boolean {
  const end = bracketEnd(text, start, to);
  if (end === undefined || end >= to || text[start + 1] === ' ') return false;
  // `[user@]host`, `[host:]path`
  if (/[@:/]\]$/.test(text.slice(start, end)) && isWordCharacter(text.charCodeAt(end))) return true;
  return /^[A-Z<@:]/.test(text.slice(end, end + 1)) || /^\[-\]\w/.test(text.slice(start, end + 1));
}

/** The end of one word of a separate option-argument, and how sure it is that it is one. */
export function separateWordEnd(
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
  // A default behind the words: `arg (=10)`; and that they must be given.
  const isMark = REQUIRED_MARK.test(text.slice(start, start + MARK_SEEN)) || isNote(text, start);
  if (isMark || text.startsWith('(=', start)) return undefined;
  const end = runEnd(text, start, to);
  if (end === start) return undefined;
  const word = text.slice(start, end);
  if (isOpener(character) || character === '"' || character === "'") {
    // `--sort (day|box): text`
    const isBeforeText = /[)\]}>]:$/.test(word) && (end === to || isBlank(text[end]));
    return { end: isBeforeText ? end - 1 : end, loose: false, dots: false };
  }
  const isBeforeGutter = /^(?: {2}|\t)\s*\S/.test(text.slice(end, end + GUTTER_SEEN));
  // `-P $re   the lines that match`: a variable, as its language writes it.
  if (isBeforeGutter && /^\$[A-Za-z_]\w{0,40}$/.test(word)) return { end, loose: false, dots: false };
  // `-k start|stop|check`: no text begins so.
  if (/^[a-z][\w-]{0,30}(?:\|[a-z][\w-]{0,30}){2,30}$/.test(word)) return { end, loose: false, dots: false };
  // `-n Number`, with nothing behind it.
  const isTypeAlone = end === text.length && (TYPE.test(word) || word.startsWith('/'));
  if (!isPlaceholderLike(word.replace(/\[="[^"]*"\]$/, ''), isBeforeGutter || isTypeAlone)) return undefined;
  // `-c or --calm`, `-c and --calm`: another name follows.
  if (/^(?:or|and)$/.test(word) && /^ +[-+]/.test(text.slice(end, end + 8))) return undefined;
  // `WHEN:{late,early}`: what stands in the bracket is no text.
  // `-verify /path/to/lid.pem`: no text begins so.
  if (PATH.test(word)) return { end, loose: false, dots: false };
  return { end, loose: hasLower(/^[A-Z]\w*[:=]?\{.*\}$/.test(word) ? '' : word), dots: false };
}

/** A path from the root of all. */
const PATH = /^\/\w[\w.-]*\/\w[\w./-]*$/;

/** What stands behind an argument that must be given: `--count <n> (required)`, `--count N REQUIRED`. */
export const REQUIRED_MARK =
  /^(?:\((?:[Rr]equired|REQUIRED|[Mm]andatory|MANDATORY)\)|(?:REQUIRED|MANDATORY)(?=\s|$))/;

/** A mark behind an argument is looked for so far. */
const MARK_SEEN = 40;

/** Whether a bracket with a note begins, which is no word: `(default: 3)`, `(env: BOX)`. */
function isNote(text: string, start: number): boolean {
  const [, , sign] =
    text[start] === '(' ? (NOTE_KEY.exec(text.slice(start + 1, start + MARK_SEEN)) ?? []) : [];
  return sign !== undefined && sign !== '';
}

/** The end of a run without blanks, brackets taken whole. */
export function runEnd(text: string, start: number, to: number): number {
  let i = start;
  while (i < to) {
    const character = text[i] ?? '';
    if (isBlank(character)) break;
    if (character === ',' && (i + 1 >= to || isBlank(text[i + 1]) || text[i + 1] === '-')) break;
    // `FILE|-`: a hyphen alone is a value.
    if (character === '|' && text[i + 1] === '-' && !/^[\s,]?$/.test(text.slice(i + 2, Math.min(to, i + 3))))
      break;
    // `--prompt mode/--prompt-mode mode`
    if (character === '/' && /^-{1,2}[A-Za-z]/.test(text.slice(i + 1, Math.min(to, i + 4)))) break;
    if (character === ']' || character === ')' || character === '}') break;
    // `--length=<ms>:  the text`: a mark.
    if (character === ':' && text[i - 1] === '>' && (i + 1 >= to || isBlank(text[i + 1]))) break;
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
  // `-o /path/to/file   where to write`, and `--home /path` with nothing behind it.
  if (word.startsWith('/')) return isBeforeGutter && /^(?:\/[\w.-]+){2,}$|^\/[a-z][\w.-]{2,}$/.test(word);
  // `_day_`: underlined, as far as plain text can be.
  if (/^_[A-Za-z][\w-]*_$/.test(word)) return true;
  const first = word.charCodeAt(0);
  if (isUpper(first)) return !hasLower(word) || /[=:|]/.test(word) || isBeforeGutter;
  return isLower(first) || isDigit(first) || first === 0x2b || first === 0x23 || /^\.\w+$/.test(word);
}

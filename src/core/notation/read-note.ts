import type { MarkNote, NoteKind } from './mark-note.ts';
import { kindOfKey, NOTE_KEY } from './note-keys.ts';
import { isRange } from './range-notation.ts';
import type { TextMark } from './text-marks.ts';

const TYPE =
  /^(?:an? )?(?:(?:non-?negative|positive) )?(?:array|boolean|bool|count|string|number|integer|int|float)s?$/i;
/** `an integer in the range [1, 9]` */
const IN_RANGE = /^an? \w+ in the range \[(?=[^\]]*\]$)/;
/** `a|b`, `a | b` */
const BAR_LIST = /^[\w.+-]{1,40}(?:\s?\|\s?[\w.+-]{1,40}){1,40}$/;
/** `absent BOX env`, and `BOX env` behind `or` */
const VARIABLE_BY_NAME = /^(?:absent\s+)?([A-Z][A-Z0-9_]*)\s+env$/;
const VARIABLE = /^\$\{?[A-Za-z_]\w*\}?(?:,\s*\$\w+)*$|^%\w+%$/;
/** `BOX`, `$BOX`: a variable that no colon announces. */
export const VARIABLE_NAME = /^\$?\{?[A-Z][A-Z0-9_]+\}?$/;
/** `a, b`, `a|b`, `a, b or c`, `'a' and 'b'`, behind words that announce values without a colon. */
const LIST = /^[^\s,|]+(?:(?:\s*[,|]\s*|,? (?:or|and) |, (?:or|and) )[^\s,|]+)+$/;
/** Behind `must be`, two words may be what a value is like: `positive or zero`. Two numbers are none of that. */
const LONG_LIST =
  /^(?:[^\s,|]+\s*[,|]\s*){2}|^[^\s,|]+, [^\s,|]+,? or |^(?:[^\s,|]+ or ){2}|^["'`]|^-?[\d.]+ or -?[\d.]+$/;

/** Reads one note, the part of a bracket or a sentence that begins at `offset`; undefined where it is none. */
export function readNote(part: string, offset: number, mark: TextMark): MarkNote | undefined {
  const lead = part.length - part.trimStart().length;
  const text = part.trim();
  const start = offset + lead;
  const note = (kind: NoteKind, from: number): MarkNote => ({
    kind,
    value: text.slice(from),
    start: start + from,
    end: start + text.length,
    mark,
  });
  const variable = VARIABLE_BY_NAME.exec(text)?.[1];
  if (variable !== undefined) {
    const from = start + text.indexOf(variable);
    return { kind: 'environment', value: variable, start: from, end: from + variable.length, mark };
  }
  if (isRange(text)) return note('range', 0);
  const key = NOTE_KEY.exec(text);
  if (key !== null) {
    const kind = keyedNote(text, key);
    return kind === undefined ? undefined : note(...kind);
  }
  if (TYPE.test(text)) return note('type', 0);
  const inRange = IN_RANGE.exec(text);
  if (inRange !== null) return note('range', inRange[0].length);
  if (BAR_LIST.test(text)) return note('values', 0);
  if (VARIABLE.test(text)) return note('environment', 0);
  return undefined;
}

/** What a note that begins with a key is about, and where its value begins; undefined where the words are those of a remark. */
function keyedNote(text: string, key: RegExpExecArray): [NoteKind, number] | undefined {
  const [before, words = '', sign] = key;
  const kind = kindOfKey(words);
  const behind = text.slice(before.length);
  const isAlone = behind === '';
  // `[default|path|history]`: a list of values, one of which is called so.
  if (sign === '' && BAR_LIST.test(text)) return ['values', 0];
  if (kind === undefined || behind.startsWith('|')) return undefined;
  const isMarked = sign !== '' || isAlone;
  switch (kind) {
    case 'default':
      return isAlone || !isDefault(words, sign !== '', behind) ? undefined : [kind, before.length];
    case 'required':
    case 'deprecated':
      return isMarked || kind === 'deprecated' ? [kind, before.length] : undefined;
    case 'values':
      if (sign !== '') return isAlone ? undefined : [kind, before.length];
      if (!LIST.test(behind)) return undefined;
      return [/^must be$/i.test(words) && !LONG_LIST.test(behind) ? 'either' : kind, before.length];
    case 'environment':
      return (sign !== '' && !isAlone) || VARIABLE_NAME.test(behind) ? [kind, before.length] : undefined;
    default:
      // `(also late)`: words of a sentence.
      return sign !== '' && !isAlone ? [kind, before.length] : undefined;
  }
}

/** Whether what stands behind a word for a default is one: a default may go without a sign. */
function isDefault(words: string, isSigned: boolean, behind: string): boolean {
  // `progress (default - with dots)`: a remark on what is the default.
  if (/^[-–] /.test(behind)) return false;
  // `'late' (default if omitted)`: what the option comes to without its argument.
  if (!isSigned && /^(?:if|when|unless|where) /i.test(behind)) return false;
  // `(by default tiffin does so)`: a sentence.
  if (/^by default$/i.test(words) && !isSigned && /^[^"'`]\S*\s/.test(behind)) return false;
  return isSigned || !/^\w+ \w+ /.test(behind);
}

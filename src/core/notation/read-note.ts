import type { MarkNote, NoteKind } from './mark-note.ts';
import { kindOfKey, NOTE_KEY } from './note-keys.ts';
import { repetitionInProse } from './prose-repetition.ts';
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
/** `BOX`, `$BOX`, `%BOX%`: a variable that no colon announces. */
export const VARIABLE_NAME = /^(?:\$?\{?[A-Z][A-Z0-9_]+\}?|%[A-Z][A-Z0-9_]+%)$/;
/** `BOX` behind words that say where a value comes from: `can be set with BOX`, `overrides $BOX`, `also read from $BOX` */
const VARIABLE_TOLD =
  /^(?:(?:can (?:also )?be |also )?(?:set|read|taken) (?:with|by|via|from)|overrides) (?:\$|(?=[A-Z0-9]+_))\{?([A-Z][A-Z0-9_]*)\}?$/i;
/** `this option is required`, `must be given`, `mandatory option` */
const REQUIRED_TOLD =
  /^(?:(?:this )?(?:option|argument|parameter) is (?:required|mandatory)|must be (?:given|specified|provided|set|supplied)|(?:required|mandatory) (?:option|argument|parameter))$/i;
/** `3 by default`, `"late" by default`, `if not given, late is used`, `=3`: a bare word before `by default` may be what the option is like, `silent by default`. */
const DEFAULT_TOLD =
  /^([\w+-]*[\d/.:~$_][^\s"'`,;]*|"[^"]*"|'[^']*'|`[^`]*`) by default$|^(?:if|when) (?:absent|omitted|unset|not (?:given|set|specified)),? ([^\s"'`]+|"[^"]*"|'[^']*'|`[^`]*`) is used$|^=\s?([^\s"'`=]\S*|"[^"]*"|'[^']*'|`[^`]*`)$/i;
/** `early by default`; but not what most that is so is like: `off by default`, `disabled by default`, `visible by default`. */
const DEFAULT_OR_STATE =
  /^(?!(?:on|off|true|false|yes|no|not|none|nothing|active|silent|quiet|verbose|optional|automatic|recursive|same|this|that|it|done|so)\b|[a-z]+(?:ed|en|able|ible|ing|ly)\b)([\w+-]{1,40}) by default$/i;
/** `a, b`, `a|b`, `a, b or c`, `'a' and 'b'`, behind words that announce values without a colon. */
const LIST = /^[^\s,|]+(?:(?:\s*[,|]\s*|,? (?:or|and) |, (?:or|and) )[^\s,|]+)+$/;
/** Behind `must be`, two words may be what a value is like: `positive or zero`. Two numbers are none of that. */
const LONG_LIST =
  /^(?:[^\s,|]+\s*[,|]\s*){2}|^[^\s,|]+, [^\s,|]+,? or |^(?:[^\s,|]+ or ){2}|^["'`]|^-?[\d.]+ or -?[\d.]+$/;

/** Reads one note, the part of a bracket or a sentence that begins at `offset`; undefined where it is none. */
export function readNote(stretch: string, offset: number, mark: TextMark): MarkNote | undefined {
  const lead = stretch.length - stretch.trimStart().length;
  const text = stretch.trim();
  const start = offset + lead;
  const note = (kind: NoteKind, from: number): MarkNote => ({
    kind,
    value: text.slice(from),
    start: start + from,
    end: start + text.length,
    mark,
  });
  const part = (kind: NoteKind, value: string): MarkNote => {
    const from = start + text.lastIndexOf(value);
    return { kind, value, start: from, end: from + value.length, mark };
  };
  const variable = VARIABLE_BY_NAME.exec(text)?.[1];
  if (variable !== undefined) return part('environment', variable);
  if (isRange(text)) return note('range', 0);
  if (REQUIRED_TOLD.test(text)) return note('required', text.length);
  if (isRepetition(text)) return note('repeated', text.length);
  const told = DEFAULT_TOLD.exec(text);
  // `EDNS(=version)`: a sign in a bracket within a text is a part of a notation.
  const value = told?.[1] ?? told?.[2] ?? (mark.isTrailing ? told?.[3] : undefined);
  if (value !== undefined) return part('default', value);
  const word = DEFAULT_OR_STATE.exec(text)?.[1];
  if (word !== undefined) return part('default-or-state', word);
  const source = VARIABLE_TOLD.exec(text)?.[1];
  if (source !== undefined) return part('environment', source);
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

/** `can be repeated`, `multiple allowed`: as much, and nothing else. */
function isRepetition(text: string): boolean {
  const told = repetitionInProse(text);
  return (
    told !== undefined && told.end === text.length && /^(?:this option )?$/i.test(text.slice(0, told.start))
  );
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
      return [
        /^(?:(?:must|can|may) be|either)$/i.test(words) && !LONG_LIST.test(behind) ? 'either' : kind,
        before.length,
      ];
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

import type { MarkNote, NoteKind } from './mark-note.ts';
import { kindOfKey, NOTE_KEY } from './note-keys.ts';
import { FROM_SIGN, MUST_BE_GIVEN, OF_A_KIND, TAKEN_FROM, WHEN_NOT_GIVEN } from './note-words.ts';
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
const VARIABLE_TOLD = new RegExp(
  `^(?:${TAKEN_FROM} (?:\\$\\{?|%|(?=[A-Z0-9]+_[A-Z0-9_]*$))|${FROM_SIGN} (?:\\$\\{?|%))([A-Za-z][A-Za-z0-9_]*)[}%]?$`,
  'i',
);
/** `this option is required`, `must be given`, `mandatory option` */
const REQUIRED_TOLD = new RegExp(`^(?:${MUST_BE_GIVEN})$`, 'i');
const QUOTED = '"[^"]*"|\'[^\']*\'|`[^`]*`';
/** What calls a value the default behind it: `3 by default`, `"late" if not given`, `3 is the default`. */
const IS_DEFAULT = `(?: by default| (?:is )?the default| ${WHEN_NOT_GIVEN})`;
/** `3 by default`, `if not given, late is used`, `default(late)`, `=3`: a bare word before `by default` may be what the option is like, `silent by default`. */
const DEFAULT_TOLD = new RegExp(
  `^([\\w+-]*[\\d/.:~$_][^\\s"'\`,;]*|${QUOTED})${IS_DEFAULT}$|^${WHEN_NOT_GIVEN},? ([^\\s"'\`]+|${QUOTED}) (?:is|will be) (?:used|taken|assumed)$|^default\\(([^()]{1,80})\\)$|^=\\s?([^\\s"'\`=]\\S*|${QUOTED})$`,
  'i',
);
/** `early by default`; but not what most that is so is like: `off by default`, `disabled by default`, `visible by default`. */
const DEFAULT_OR_STATE = new RegExp(
  `^(?!(?:on|off|true|false|yes|no|not|none|nothing|active|silent|quiet|verbose|optional|required|automatic|recursive|same|this|that|it|which|done|so)\\b|[a-z]+(?:ed|en|able|ible|ing|ly)\\b)([\\w+-]{1,40})${IS_DEFAULT}$`,
  'i',
);
/** `a, b`, `a|b`, `a, b or c`, `'a' and 'b'`, behind words that announce values without a colon. */
const LIST =
  /^[[({]?\s?[^\s,|]+(?:(?:\s*[,|]\s*|,? (?:or|and) |, (?:or|and) )[^\s,|]+)+\s?[\])}]?$|^["'`]?[\w.+-]+["'`]?(?:\/["'`]?[\w.+-]+["'`]?){1,40}$/;
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
  const value = told?.[1] ?? told?.[2] ?? told?.[3] ?? (mark.isTrailing ? told?.[4] : undefined);
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
      return [OF_A_KIND.test(words) && !LONG_LIST.test(behind) ? 'either' : kind, before.length];
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

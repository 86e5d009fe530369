import { scanMarks, type TextMark } from './text-marks.ts';

/** What a note in a mark is about. */
export type NoteKind =
  | 'default'
  | 'environment'
  | 'values'
  | 'aliases'
  | 'inverse'
  | 'required'
  | 'range'
  | 'type'
  | 'deprecated';

/** One note of a mark, `default: 3` of `[default: 3, env: BOX]`, by the indexes of its value in the text. */
export interface MarkNote {
  readonly kind: NoteKind;
  /** Empty where the note is its key alone, as `required` is. */
  readonly value: string;
  readonly start: number;
  readonly end: number;
  readonly mark: TextMark;
}

/** The words that a note begins with. Longer ones first. */
const KEYS: readonly (readonly [NoteKind, string])[] = [
  [
    'default',
    'default(?:s|ed)?(?: value)?(?: is| to)?|by default|absent(?==)|(?:if|when) (?:absent|omitted|unset|not given)',
  ],
  ['environment', 'env(?:ironment)?(?:[ -]?var(?:iable)?s?)?'],
  [
    'values',
    '(?:possible |allowed |valid |accepted )?values|choices|choose from|choice of|one of|valid (?:choices|options)',
  ],
  ['aliases', 'alias(?:es)?|also|synonyms?'],
  ['inverse', 'inverse|opposite|negation'],
  ['required', 'required|mandatory'],
  ['range', 'range'],
  ['deprecated', 'deprecated|obsolete'],
];
// What must follow a word, `absent=`, is no part of it.
const KINDS = KEYS.map(
  ([kind, words]) => [kind, new RegExp(`^(?:${words.replace('(?==)', '')})$`, 'i')] as const,
);
const ANY_KEY = KEYS.map(([, words]) => words).join('|');
const KEY = new RegExp(`^(?:the )?(${ANY_KEY})\\b\\s*([:=]?)\\s*`, 'i');
/** Where one note ends and the next begins; a comma parts values too, so that a key must follow it. `absent=3 or BOX env` is two. */
const NEXT_NOTE = new RegExp(
  `;\\s*| or (?=[A-Z][A-Z0-9_]*\\s+env$)|,\\s*(?=(?:the )?(?:${ANY_KEY})\\s*(?:[:=]|$))`,
  'gi',
);
const TYPE =
  /^(?:an? )?(?:(?:non-?negative|positive) )?(?:array|boolean|bool|count|string|number|integer|int|float)s?$/i;
/** `an integer in the range [1, 9]` */
const IN_RANGE = /^an? \w+ in the range \[(?=[^\]]*\]$)/;
const COMPARISON =
  /^(?:-?[\d.]+\s*<=?\s*\w+(?:\s*<=?\s*-?[\d.]+)?|\w+\s*[<>]=?\s*-?[\d.]+|-?\d[\d.]*\s*(?:\.{2,3}|-|–)\s*-?\d[\d.]*)$/;
/** `a|b`, `a | b` */
const BAR_LIST = /^[\w.+-]{1,40}(?:\s?\|\s?[\w.+-]{1,40}){1,40}$/;
/** `absent BOX env`, and `BOX env` behind `or` */
const VARIABLE_BY_NAME = /^(?:absent\s+)?([A-Z][A-Z0-9_]*)\s+env$/;
const VARIABLE = /^\$\{?[A-Za-z_]\w*\}?(?:,\s*\$\w+)*$|^%\w+%$/;

/** The notes of all marks of a text, in their order. */
export function notesIn(text: string): MarkNote[] {
  return scanMarks(text).flatMap((mark) => readNotes(text, mark));
}

/** Of several notes about one thing, the last of those that end the text: a parser adds its own behind what was written. Else the first. */
export function surestNote(notes: readonly MarkNote[], kind: NoteKind): MarkNote | undefined {
  const own = notes.filter((note) => note.kind === kind);
  return own.findLast(({ mark }) => mark.isTrailing) ?? own[0];
}

/** Reads the notes of a mark. What is no note, such as a remark in brackets, gives none. */
export function readNotes(text: string, mark: TextMark): MarkNote[] {
  const from = mark.start + 1;
  // `run it with -i[n|p]`, `/(n|p)/`, `[n-|p-][late-]`: a bracket that is joined to something is a part of it.
  const isJoined = /[\w\-/\])}]/.test(text[mark.start - 1] ?? ' ') || /[\w/[({]/.test(text[mark.end] ?? ' ');
  const inner = text.slice(from, mark.end - 1);
  const cuts = [...inner.matchAll(NEXT_NOTE)];
  const notes: MarkNote[] = [];
  let at = 0;
  for (const cut of [...cuts, undefined]) {
    const end = cut?.index ?? inner.length;
    const note = readNote(inner.slice(at, end), from + at, mark);
    if (note !== undefined && !(isJoined && note.kind === 'values')) notes.push(note);
    if (cut !== undefined) at = cut.index + cut[0].length;
  }
  return notes;
}

function readNote(whole: string, offset: number, mark: TextMark): MarkNote | undefined {
  const lead = whole.length - whole.trimStart().length;
  const text = whole.trim();
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
  const key = KEY.exec(text);
  if (key !== null) {
    const kind = KINDS.find(([, words]) => words.test(key[1] ?? ''))?.[0];
    const isAlone = key[0].length === text.length;
    // `(one of them)`, `(values are kept)`, `(also late)`: words of a sentence. A default may go without a mark.
    const isMarked = key[2] !== '' || isAlone;
    // `progress (default - with dots)`: a remark on what is the default.
    if (kind === 'default' && /^[-–] /.test(text.slice(key[0].length))) return undefined;
    // `[default|path|history]`: a list of values, one of which is called so.
    if (key[2] === '' && BAR_LIST.test(text)) return note('values', 0);
    if (text[key[0].length] === '|') return undefined;
    // `(by default tiffin does so)`: a sentence.
    const isAdverb = /^by default$/i.test(key[1] ?? '') && key[2] === '';
    if (isAdverb && /^[^"'`]\S*\s/.test(text.slice(key[0].length))) return undefined;
    if (kind === 'default' && !isAlone && (isMarked || !/^\w+ \w+ /.test(text.slice(key[0].length))))
      return note(kind, key[0].length);
    if ((kind === 'required' || kind === 'deprecated') && (isMarked || kind === 'deprecated'))
      return note(kind, key[0].length);
    if (kind !== undefined && key[2] !== '' && !isAlone) return note(kind, key[0].length);
    if (kind === 'values' && !isAlone && /^[^\s,|]+(?:\s*[,|]\s*[^\s,|]+)+$/.test(text.slice(key[0].length)))
      return note(kind, key[0].length);
    return undefined;
  }
  if (TYPE.test(text)) return note('type', 0);
  const inRange = IN_RANGE.exec(text);
  if (inRange !== null) return note('range', inRange[0].length);
  if (COMPARISON.test(text)) return note('range', 0);
  if (BAR_LIST.test(text)) return note('values', 0);
  if (VARIABLE.test(text)) return note('environment', 0);
  return undefined;
}

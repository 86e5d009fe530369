import type { NoteKind } from './mark-note.ts';

/** The words that a note begins with. Longer ones first. */
const KEYS: readonly (readonly [NoteKind, string])[] = [
  [
    'default',
    'default [a-z]{2,20}(?=:)|default(?:s|ed)?(?: value)?(?: is| to)?|def(?=:)|by default|absent(?==)|(?:if|when) (?:absent|omitted|unset|not given)|par d[ée]faut|vorgabe|voreinstellung|standard(?=:)|por defecto|predeterminado|predefinito|padr[ãa]o',
  ],
  ['environment', 'env(?:ironment)?(?:[ -]?var(?:iable)?s?)?'],
  [
    'values',
    '(?:possible |allowed |valid |accepted )?values(?: are)?|choices(?: are)?|choose from|choice of|one of|either|(?:must|can|may) be(?: one of| either)?|enum(?=:)|options(?=:)|valid (?:choices|options)|(?:currently )?(?:possible|allowed|valid|accepted|supported|known|available|permitted)(?: [a-z]{3,20}s)?(?=:)',
  ],
  ['aliases', 'alias(?:es)?|also|synonyms?'],
  ['inverse', 'inverse|opposite|negation'],
  ['required', 'required|mandatory'],
  ['range', 'range'],
  ['deprecated', 'deprecated|obsolete'],
];

// What must follow a word, `absent=`, is no part of it.
const KINDS = KEYS.map(
  ([kind, words]) => [kind, new RegExp(`^(?:${words.replace(/\(\?=[:=]\)/g, '')})$`, 'i')] as const,
);

const ANY_KEY = KEYS.map(([, words]) => words).join('|');

/** The words that a note begins with, and the sign behind them. */
export const NOTE_KEY = new RegExp(`^(?:the )?(${ANY_KEY})\\b\\s*([-=]>|[:=]?)\\s*`, 'i');

/** What a note is about that begins with some words. */
export function kindOfKey(words: string): NoteKind | undefined {
  return KINDS.find(([, known]) => known.test(words))?.[0];
}

/** What a note begins with that follows a comma: a comma parts values too. */
const STARTS = [
  `(?:the )?(?:${ANY_KEY})\\s*(?:[:=]|$)`,
  // A default of one word, and nothing behind it.
  `(?:by )?default(?:s to| is| =)? (?:[^\\s,;"'\`]{1,200}|"[^"]{0,200}"|'[^']{0,200}'|\`[^\`]{0,200}\`)(?=[,;]|$)`,
  'env(?:ironment)?(?: var(?:iable)?)? \\$?[A-Z][A-Z0-9_]*(?=[,;]|$)',
  '\\$\\{?[A-Z_][A-Z0-9_]*\\}?(?=[,;]|$)',
  '%[A-Z_][A-Z0-9_]*%(?=[,;]|$)',
  '(?:one of|either|must be) ',
  '(?:range|from|between) -?\\d',
  'min(?:imum)?[:= ] ?-?\\d',
  '(?<!\\bmin(?:imum)?[:= ] ?-?[\\d.]{1,30},\\s{0,9})max(?:imum)?[:= ] ?-?\\d',
  '(?:can|may) be (?:repeated|given|used|specified)\\b',
  'repeatable(?=[,;]|$)',
  '(?:this )?(?:option|argument|parameter) is (?:required|mandatory)(?=[,;]|$)',
  'must be (?:given|specified|provided|set|supplied)(?=[,;]|$)',
  '(?:[\\w.+-]{1,40}|"[^"]{1,200}"|\'[^\']{1,200}\'|`[^`]{1,200}`) by default(?=[,;]|$)',
  '(?:can (?:also )?be |also )?(?:set|read) (?:with|by|via|from) \\$?[A-Z_][A-Z0-9_]*(?=[,;]|$)',
  'overrides \\$[A-Z_][A-Z0-9_]*(?=[,;]|$)',
  '(?:if|when) (?:absent|omitted|unset|not (?:given|set|specified)),? (?=\\S+ is used)',
  '(?:in |>= ?|at least )-?\\d',
  '(?<!(?:>= ?|at least )-?[\\d.]{1,30},?\\s{0,9})(?:<= ?|at most )-?\\d',
  // `default: 80, test: 90`: what else there is, by its name.
  '(?!max|min)[a-z]{3,15}: \\S',
].join('|');

/** The same, and `required` before one of these: elsewhere it may be one of the values. */
const NEXT_STARTS = `${STARTS}|(?:required|mandatory)(?=,\\s*(?:${STARTS}))`;

/** Where one note ends and the next begins. `absent=3 or BOX env` is two. */
export const NEXT_NOTE = new RegExp(`;\\s*| or (?=[A-Z][A-Z0-9_]*\\s+env$)|,\\s*(?=${NEXT_STARTS})`, 'gi');

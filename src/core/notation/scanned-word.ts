import { bracketEnd, hasLower, isOpener } from './characters.ts';
import { FILE_NAME } from './usage-words.ts';

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

/**
 * A value in the place of a placeholder, which is the default: in quotes, a number of several digits or parts or with a unit, an address, or a
 * path.
 */
const GIVEN_VALUE =
  /^(?:"([^"]*)"|'([^']*)'|true|false|\[\]|-?\d+\.\d+|-?\d{2,}|0x[\da-f]+|\d+(?:\.\d+)?(?:[num]?s|m|h|[kKMG]i?B?)|\d+(?:\.\d+){3}(?::\d+)?|~?\/[\w./-]{2,})$/;

/** What stands in quotes in the place of a placeholder and is one: a word for a kind of value (`"file"`), or a notation (`"host<:port>"`). */
const QUOTED_PLACEHOLDER =
  /^"(?:addr(?:ess)?|args?|cmd|command|date|dir(?:ectory)?|expr(?:ession)?|file(?:name)?|folder|host(?:name)?|id|key|list|name|num(?:ber)?|path|pattern|port|prefix|regex|str(?:ing)?|text|title|url|user(?:name)?|value|word|[^"]*[<[{][^"]*)"$/i;

/** The word at a range of a text. */
export function makeScannedWord(text: string, start: number, end: number): ScannedWord {
  const raw = text.slice(start, end);
  const bare = stripBrackets(raw.replace(/(?:\.\.\.|…)$/, ''));
  const value = QUOTED_PLACEHOLDER.test(raw) ? null : GIVEN_VALUE.exec(raw);
  return {
    placeholder: value === null ? (QUOTED_PLACEHOLDER.test(raw) ? raw.slice(1, -1) : raw) : undefined,
    values: listedValues(raw, bare),
    separator: /,\s*(?:\.\.\.|…)|\[,/.test(raw) ? ',' : undefined,
    default: value === null ? undefined : { value: value[1] ?? value[2] ?? raw, start, end },
    start,
    end,
  };
}

/** The word at a range of a text, behind a blank: there, what stands in quotes (`"box list"`, `'box list'`) and a path (`/path/to/box`) name a value, and are no defaults. */
export function makeSeparateWord(text: string, start: number, end: number): ScannedWord {
  const word = makeScannedWord(text, start, end);
  const raw = text.slice(start, end);
  if (/^(["'])[^"']+\1$/.test(raw)) return { ...word, placeholder: raw.slice(1, -1), default: undefined };
  return raw.startsWith('/') ? { ...word, placeholder: raw, default: undefined } : word;
}

function stripBrackets(word: string): string {
  return isOpener(word[0]) && bracketEnd(word, 0, word.length) === word.length ? word.slice(1, -1) : word;
}

const VALUE = /^[A-Za-z0-9][\w.+:/-]*$/;

/** Between tight commas, a value may hold blanks: `{best,upper right}`. */
const SPACED_VALUE = /^[A-Za-z0-9][\w.+:/-]*(?: [\w.+:/-]+){0,4}$/;

/** `true/false`, `on/off`: words for the two states of a switch are values also where a slash parts them. */
const BOTH_STATES = /^(?:true\/false|false\/true|yes\/no|no\/yes|on\/off|off\/on|y\/n|0\/1)$/i;

/** `WHEN:{late,early}`, `WHEN={late,early}`: a list behind the name of what is listed. */
const NAMED_LIST = /^[A-Z][\w-]{0,40}[:=]?(?=\{[^{}]*\}$)/;

/** The allowed values of `{a,b}`, `a|b`, `<a|b>` or `(a|b)`; undefined where they are placeholders or one alone. */
function listedValues(raw: string, bare: string): string[] | undefined {
  const name = NAMED_LIST.exec(raw)?.[0];
  if (name !== undefined) return listedValues(raw.slice(name.length), raw.slice(name.length + 1, -1));
  if (BOTH_STATES.test(bare)) return bare.split('/');
  if (!raw.startsWith('{') && !bare.includes('|')) return undefined;
  const parts = (raw.startsWith('{') ? bare.split(/[,|]/) : bare.split('|')).map((part) =>
    part.trim().replace(/^(["'])(.*)\1$/, '$2'),
  );
  const isTight = raw.startsWith('{') && !/[,|]\s|\s[,|]/.test(raw);
  if (!parts.every((part) => (isTight ? SPACED_VALUE : VALUE).test(part))) return undefined;
  return asValues(parts, raw.startsWith('{'));
}

/** The parts of a choice where they are values; undefined where they are placeholders, or one alone. Between braces, words in capitals are values too. */
export function asValues(parts: readonly string[], isBraced: boolean): string[] | undefined {
  if (parts.length < 2 || !parts.every((part) => SPACED_VALUE.test(part))) return undefined;
  return isBraced || areValues(parts) ? [...parts] : undefined;
}

/** What values are called where anything may stand: the words for them in capitals. */
const KIND_OF_VALUE =
  /^(?:[A-Z]|ADDR(?:ESS)?|ARGS?|BYTES|CMD|COMMAND|COUNT|DATE|DIR(?:ECTORY)?|DURATION|EXPR|FILE(?:NAME)?|FLOAT|FOLDER|GLOB|HOST(?:NAME)?|ID|INT(?:EGER)?|IP|KEY|LEVEL|LIST|MODE|NAME|NUM(?:BER)?|OPTION|PATH|PATTERN|PORT|REGEX(?:P)?|SECONDS|SIZE|SPEC|STR(?:ING)?|TEXT|TIME|TYPE|UINT|URI|URL|USER(?:NAME)?|VAL(?:UE)?|WIDTH|WORD)S?$/;

/** Whether a word is one for a kind of value, as placeholders are: `PATH`, `<file>`. */
export function isKindOfValue(word: string): boolean {
  return KIND_OF_VALUE.test(word) || /^<[\w -]{1,40}>$/.test(word);
}

/** So many words in capitals between bars, of which none is a word for a kind of value, are values. */
const LEAST_IN_CAPITALS = 3;

/** Whether words between bars stand for themselves. `FILE|DIR` are two placeholders; `PEM|DER` cannot be told from them. */
function areValues(parts: readonly string[]): boolean {
  if (parts.every((part) => /^\d+$/.test(part))) return true;
  // `file|directory`
  if (parts.every((part) => KIND_OF_VALUE.test(part.toUpperCase()) && part.length > 1)) return false;
  if (parts.some((part) => KIND_OF_VALUE.test(part) || FILE_NAME.test(part))) return false;
  // Of words in capitals and others, one kind are placeholders: `level|AUTO|NONE`. A single one may be a value: `plain|JSON|warn`.
  const inCapitals = parts.filter((part) => /^[A-Z]{2}/.test(part)).length;
  if (inCapitals === parts.length && inCapitals >= LEAST_IN_CAPITALS) return true;
  return parts.some(hasLower) && inCapitals * 2 < parts.length;
}

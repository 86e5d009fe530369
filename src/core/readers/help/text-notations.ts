import { flatMapped } from '../../collections/flat-mapped.ts';
import type { Range } from '../../model/argument.ts';
import { type Fact, inferred, stated } from '../../model/fact.ts';
import type { ListedValue } from '../../notation/listed-values.ts';
import type { MarkNote, NoteKind } from '../../notation/mark-note.ts';
import { notesIn, surestNote } from '../../notation/mark-notes.ts';
import { unquoted } from '../../notation/prose-default.ts';
import { rangeOf } from '../../notation/range-notation.ts';
import { toldDefault } from '../../notation/told-default.ts';
import { matches } from '../../source/matches.ts';
import type { TextFlow } from './text-flow.ts';
import { wordsBelow } from './values-below.ts';
import { LEADING_VALUES, type Stretch, type ToFact, VALUES_BEHIND, valuesOfText } from './values-of-text.ts';

/** A name that a text tells, by its indexes there. */
export interface NotedName {
  readonly text: string;
  readonly isNegated: boolean;
  readonly start: number;
  readonly end: number;
}

/** What the customary notations in an option's or operand's text say. */
export interface TextNotations {
  readonly values: Fact<readonly ListedValue[]> | undefined;
  readonly default: Fact<string> | undefined;
  readonly range: Fact<Range> | undefined;
  readonly environment: readonly Fact<string>[];
  /** Whether the values stand in brackets behind a word such as `choices`, or one to a line below the text, so that there must be an argument. */
  readonly valuesAreMarked: boolean;
  /** What a type mark such as `[string]` says of the argument. */
  readonly typeMark: Fact<'none' | 'mandatory'> | undefined;
  /** Further names, and names that take the option back, that the text tells (`(alias: --x)`, `(inverse: --no-x)`). */
  readonly otherNames: readonly NotedName[];
  /** The option, with its value, that the text says this one is short for. */
  readonly sameAs: Fact<{ readonly option: string; readonly value: string | undefined }> | undefined;
  readonly required: Fact<boolean> | undefined;
  readonly deprecated: Fact<boolean> | undefined;
  /** What was written of the option, where the printer puts it in brackets before marks of its own. */
  readonly ownText: { readonly start: number; readonly end: number } | undefined;
}

/** Longer texts are read only so far for notations. */
const READ_LIMIT = 20_000;

/** `same as --map`, `an alias for option --sort=size`; an option with more behind it is not the same. */
const SAME_AS =
  /^(?:the )?(?:same as|an? alias (?:for|of)|alias (?:for|of)|an? synonym (?:for|of)|synonym (?:for|of)|equivalent to|(?:a )?shorthand for|short for)(?: the)?(?: option)? (--?\w[\w-]{0,60})(?:=(\S{1,60}))?\.?$/i;

/** `(the text) type: string default: ""`, as the C++ library for flags writes it. */
const FLAG = /^\(([^\n]*)\) {1,2}type: ([\w:]{1,20}) default: ("[^"]*"|\S*)(?: currently: (?:"[^"]*"|\S*))?$/;

/** `type = string, default = "" the text`, as another library writes it in two lines. */
const TYPED = /^type = ([\w:<>]{1,40}), default = ("[^"]{0,200}"|\S{0,80})(?:\s+|$)/;

/** What a printer of types and defaults tells of an option. */
interface PrintedFlag {
  readonly type: Stretch & { readonly value: string };
  readonly default: (Stretch & { readonly value: string }) | undefined;
  /** What was written of the option. */
  readonly own: Stretch;
}

function printedFlag(text: string): PrintedFlag | undefined {
  const behind = FLAG.exec(text);
  const before = behind === null ? TYPED.exec(text) : null;
  const match = behind ?? before;
  if (match === null) return undefined;
  const [matched] = match;
  const [own, type, value] =
    behind === null
      ? [{ start: matched.length, end: text.length }, match[1] ?? '', match[2] ?? '']
      : [{ start: 1, end: 1 + (match[1]?.length ?? 0) }, match[2] ?? '', match[3] ?? ''];
  const bare = unquoted(value);
  const at = matched.lastIndexOf(value);
  const typeAt = behind === null ? matched.indexOf(type) : matched.length - 1;
  return {
    type: { value: type, start: typeAt, end: behind === null ? typeAt + type.length : matched.length },
    default: bare === '' ? undefined : { value: bare, start: at, end: at + value.length },
    own,
  };
}

/** A text that is about something to be used no more. */
const DEPRECATED = /^(?:deprecated|obsolete)\b/i;

/** Reads allowed values, default, environment variables and marks from a text. */
export function readNotations(flow: TextFlow): TextNotations {
  const text = flow.text.slice(0, READ_LIMIT);
  const fact: ToFact = (value, at) => stated(value, flow.span(at.start, at.end));
  const notes = notesIn(text, flow.starts);
  const of = (kind: NoteKind) => surestNote(notes, kind);
  const ownEnd = notes.find(({ mark }) => mark.isTrailing)?.mark.start ?? text.length;
  const values = valuesOfText(
    flow,
    text,
    ownEnd,
    of('values') ?? eitherOf(notes) ?? choiceOf(text, notes),
    fact,
  );
  const flag = printedFlag(text);
  const type = of('type');
  const byDefault = flag === undefined ? defaultOf(text, notes, values) : flag.default;
  const required = of('required');
  const same = SAME_AS.exec(text);
  return {
    values,
    valuesAreMarked:
      values !== undefined &&
      (of('values') !== undefined ||
        LEADING_VALUES.test(text) ||
        VALUES_BEHIND.test(text) ||
        wordsBelow(flow) !== undefined),
    default:
      byDefault === undefined
        ? likelyDefault(of('default-or-state'), flow)
        : fact(byDefault.value, byDefault),
    range: readRange(of('range'), fact) ?? wholeRange(text, fact) ?? rangeInProse(text, fact),
    otherNames: flatMapped(notes, (note) => readOtherNames(text, note)),
    environment: variablesOf(text, notes, fact),
    ownText: flag?.own,
    typeMark:
      flag !== undefined
        ? fact(flag.type.value === 'bool' ? 'none' : 'mandatory', flag.type)
        : type === undefined
          ? undefined
          : fact(/bool|count/i.test(type.value) ? 'none' : 'mandatory', type),
    sameAs:
      same === null
        ? undefined
        : fact({ option: same[1] ?? '', value: same[2] }, { start: 0, end: same[0].length }),
    required: required && fact(true, required.mark),
    deprecated: readDeprecated(text, of('deprecated'), fact),
  };
}

/** Two words behind `must be`, of which one is the default: then they are values. */
function eitherOf(notes: readonly MarkNote[]): MarkNote | undefined {
  const either = surestNote(notes, 'either');
  const byDefault = surestNote(notes, 'default');
  if (either === undefined || byDefault === undefined) return undefined;
  return either.value.split(' or ').includes(unquoted(byDefault.value)) ? either : undefined;
}

/** `(late, noon or early)`, `(late, noon)`, with one of the words as the default. */
const CHOICE =
  /\(([\w+-][\w.+-]{0,29}(?:, [\w+-][\w.+-]{0,29}){0,20}(?:,? or|,) (?!etc\b)[\w+-][\w.+-]{0,29})\)/;

/** Words that a bracket parts by `or` or commas, of which one is the default: then they are values. */
function choiceOf(text: string, notes: readonly MarkNote[]): MarkNote | undefined {
  const match = CHOICE.exec(text);
  const value = match?.[1];
  if (match === null || value === undefined) return undefined;
  const byDefault = toldDefault(text, notes)?.value;
  if (byDefault === undefined || !value.split(/,? or |, /).includes(byDefault)) return undefined;
  const mark = { start: match.index, end: match.index + match[0].length, isTrailing: false };
  return { kind: 'values', value, start: mark.start + 1, end: mark.end - 1, mark };
}

/** The default that a text tells, or marks among the values that it lists: `'never', 'always', or 'auto' (the default)`. */
function defaultOf(
  text: string,
  notes: readonly MarkNote[],
  values: TextNotations['values'],
): (Stretch & { readonly value: string }) | undefined {
  const listed = values?.value ?? [];
  const told = toldDefault(text, notes);
  // A value of that name in a sentence (`can be default, size`) tells none.
  const isValue =
    told !== undefined &&
    surestNote(notes, 'default') === undefined &&
    listed.some(({ start, end }) => start < told.end && told.start < end);
  if (told !== undefined && !isValue) return told;
  const named = DEFAULT_OF_A_KIND.exec(text);
  const [matched = '', word] = named ?? [];
  if (named !== null && listed.some(({ value }) => value === word))
    return { value: word ?? '', start: named.index, end: named.index + matched.length };
  return listed.find(({ end }, i) => {
    const next = listed[i + 1]?.start ?? end + MARK_LIMIT;
    const behind = text.slice(end, Math.min(next, end + MARK_LIMIT));
    return /^["'`]?\]?\s*\((?:the )?default\)|[;,]\s*(?:the )?default\s*[)\]]/i.test(behind);
  });
}

/** `The default kind is late`: surely a value where it is one of those listed. */
const DEFAULT_OF_A_KIND = /\bdefault [a-z]{1,20} is ([\w+-]{1,40})/i;

/** `(early by default)`: of an option with an argument, its default. */
function likelyDefault(note: MarkNote | undefined, flow: TextFlow): Fact<string> | undefined {
  // Within a text it may be about anything.
  return note?.mark.isTrailing === true ? inferred(note.value, flow.span(note.start, note.end)) : undefined;
}

/** The mark of a default stands so near to its value. */
const MARK_LIMIT = 200;

function readRange(note: MarkNote | undefined, fact: ToFact): Fact<Range> | undefined {
  const range = note && rangeOf(note.value);
  return range === undefined || note === undefined ? undefined : fact(range, note);
}

/** `1..9`: a text that is a range, and nothing else. */
function wholeRange(text: string, fact: ToFact): Fact<Range> | undefined {
  const range = /^-?\d{1,9}(?:\.{2,3}|-)\d{1,9}\.?$/.test(text) ? rangeOf(text) : undefined;
  return range && fact(range, { start: 0, end: text.length });
}

/** `it must be in the range: 1 to 9`, `must be between 1 and 9`, `the valid range is 1-9`, `in the range [1, 9]` */
const RANGE_IN_PROSE =
  /\b(?:(?:must|has to|should) be (?:between|from)|in the range(?: of|:)?|(?:valid|allowed) range(?: is|:)?)\s{1,8}(?:from |between )?\[?(-?\d{1,9}(?:\.\d{1,9})?\s?(?:to|and|-|–|,|\.{2,3})\s?-?\d{1,9}(?:\.\d{1,9})?)(?![\w.]*\d)/i;

function rangeInProse(text: string, fact: ToFact): Fact<Range> | undefined {
  const told = RANGE_IN_PROSE.exec(text);
  const range = told === null ? undefined : rangeOf(told[1] ?? '');
  return range === undefined || told === null
    ? undefined
    : fact(range, { start: told.index, end: told.index + told[0].length });
}

/** `BOX`, `$BOX`, `BOX=now`, `$BOX, $LID`, `%BOX%`: what a variable holds is left out. */
function variablesIn(note: MarkNote, fact: ToFact): Fact<string>[] {
  const found: Fact<string>[] = [];
  for (const part of matches(note.value, /(?:^|, ?)[$%]?\{?([A-Za-z_]\w{0,80})/g)) {
    const start = note.start + part.index;
    found.push(fact(part[1] ?? '', { start, end: start + part[0].length }));
    if (note.value[part.index + part[0].length] === '=') break;
  }
  return found;
}

/** The variables that notes and sentences tell, each once. */
function variablesOf(text: string, notes: readonly MarkNote[], fact: ToFact): Fact<string>[] {
  const noted = flatMapped(
    notes.filter(({ kind }) => kind === 'environment'),
    (note) => variablesIn(note, fact),
  );
  const told = variableInProse(text, fact).filter(({ value }) => noted.every((one) => one.value !== value));
  return [...noted, ...told];
}

/** `Uses environment variable BOX`, `can be set by the environment variable $BOX`, `or set $BOX` */
const VARIABLE_IN_PROSE =
  /\bor (?:set|use) \$([A-Z][A-Z0-9_]{2,60})\b|\b(?:uses?|reads?|set by|set with|set via|taken from|read from|defaults to|falls back to)(?: the)? env(?:ironment)? var(?:iable)? ["'`$]{0,2}([A-Z][A-Z0-9_]{2,60})\b/;

function variableInProse(text: string, fact: ToFact): Fact<string>[] {
  const told = VARIABLE_IN_PROSE.exec(text);
  return told === null
    ? []
    : [fact(told[1] ?? told[2] ?? '', { start: told.index, end: told.index + told[0].length })];
}

function readDeprecated(text: string, note: MarkNote | undefined, fact: ToFact): Fact<boolean> | undefined {
  if (note !== undefined) return fact(true, note.mark);
  const match = DEPRECATED.exec(text);
  return match === null ? undefined : fact(true, { start: 0, end: match[0].length });
}

/** `(alias: --x)`, `(aliases: --x, -y)`, `(inverse: --no-x)`, and `[aliases: x]` without hyphens, at the end of a text. */
function readOtherNames(text: string, note: MarkNote): NotedName[] {
  if (note.kind !== 'aliases' && note.kind !== 'inverse') return [];
  const names = matches(note.value, /[^\s,]+/g);
  const isBare =
    note.mark.isTrailing && text[note.mark.start] === '[' && names.every(([name]) => /^\w[\w-]*$/.test(name));
  if (!isBare && !names.every(([name]) => /^--?\w[\w-]*$/.test(name))) return [];
  return names.map((match) => ({
    text: isBare ? (match[0].length === 1 ? `-${match[0]}` : `--${match[0]}`) : match[0],
    isNegated: note.kind === 'inverse',
    start: note.start + match.index,
    end: note.start + match.index + match[0].length,
  }));
}

import { type Count, makeValueWord } from '../../model/argument.ts';
import { inferred, stated } from '../../model/fact.ts';
import type { Operand } from '../../model/operand.ts';
import { notesIn, surestNote } from '../../notation/mark-notes.ts';
import { valuesAt } from '../../notation/option-argument.ts';
import { makeScannedWord } from '../../notation/scanned-word.ts';
import type { Place } from '../../source/source.ts';
import { allowedValues } from './allowed-values.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { Section } from './headings.ts';
import { bareOperand, KEYWORD_OPERAND } from './list-kind.ts';
import { TextFlow } from './text-flow.ts';
import { readNotations } from './text-notations.ts';
import { findWordEntries, type WordEntry } from './word-entries.ts';

/** Reads the operands that the lines of a section list with their texts. `shown` are those of the synopses, as `bareOperand` has them. */
export function readOperandList(
  section: Section,
  cleaned: CleanedText,
  shown: ReadonlySet<string>,
): Operand[] {
  const listed = findWordEntries(section.lines, true)
    .flatMap(eachNumbered)
    .flatMap((entry) => listedOperand(entry, cleaned, shown) ?? []);
  const marked = listed.flatMap(({ isRequired, isSetOff }) => (isRequired ? (isSetOff ?? []) : []));
  const isMarked = marked.length > 0 && marked.every((isSetOff) => isSetOff);
  return listed.map(({ operand, isRequired }) => {
    if (!isMarked || isRequired || operand.count !== undefined) return operand;
    return { ...operand, count: inferred({ least: 0, most: 1 }, operand.place) };
  });
}

/** The names that sections for operands list, as they stand there. */
export function listedOperandNames(sections: readonly Section[]): ReadonlySet<string> {
  const entries = sections
    .filter(({ kind }) => kind === 'operands')
    .flatMap(({ lines }) => findWordEntries(lines, true));
  return new Set(entries.map(({ line, start, end }) => line.text.slice(start, end)));
}

/** `box1 box2 ...`, and its text: an entry for each. */
function eachNumbered(entry: WordEntry): WordEntry[] {
  const { line, start, end } = entry;
  const numbered = /^((\w*[A-Za-z_])1) (\2[2nN](?: ?\.{3})?)$/.exec(line.text.slice(start, end));
  if (numbered === null) return [entry];
  const [, first = ''] = numbered;
  return [
    { ...entry, end: start + first.length },
    { ...entry, start: start + first.length + 1 },
  ];
}

/** An operand of a list, and whether its text ends with a mark such as `[required]`: then those without one may be left out. */
interface ListedOperand {
  readonly operand: Operand;
  readonly isRequired: boolean;
  /**
   * Whether the mark stands apart from the text, as printers write theirs: what somebody wrote (`the day (required)`) says nothing of others.
   * Undefined where there is no text but the mark.
   */
  readonly isSetOff: boolean | undefined;
}

function listedOperand(
  entry: WordEntry,
  cleaned: CleanedText,
  known: ReadonlySet<string>,
): ListedOperand | undefined {
  const left = entry.line.text.slice(entry.start, entry.end).trimEnd();
  // A hyphen begins an option, and a word with one full stop ends a sentence.
  if (left.startsWith('-') || /[^.]\.$/.test(left)) return undefined;
  const behind = MARKS_BEHIND.exec(left)?.[0] ?? '';
  const shown = left.slice(0, left.length - behind.length);
  const name = /^\{[^{}]{1,800}\}$/.test(shown) ? shown : bareName(shown);
  // A name of several words is one where a synopsis has it too.
  if (name === '' || (/\s/.test(name) && !known.has(bareOperand(name)))) return undefined;
  const flow = new TextFlow(cleaned, entry.pieces);
  const notations = readNotations(flow);
  const place = cleaned.span(entry.line.start + entry.start, entry.line.start + entry.start + left.length);
  const count = countShown(shown);
  const marks = notesIn(behind);
  const given = surestNote(marks, 'default')?.value;
  const keyword = KEYWORD_OPERAND.exec(name)?.[1];
  const operand: Operand = {
    kind: keyword === undefined ? 'word' : 'keyword',
    name: keyword ?? name,
    word: makeValueWord({
      placeholder: stated(shown, place),
      values: allowedValues(notations, flow) ?? valuesAt(valuesShown(shown), place),
      default: given === undefined ? notations.default : stated(given, place),
      range: notations.range,
    }),
    vocabulary: [],
    count: count && stated(count, place),
    help: flow.text === '' ? undefined : stated(flow.text, flow.place),
    place,
  };
  const { required } = notations;
  return {
    operand,
    isRequired: required?.value === true || REQUIRED_BEHIND.test(behind),
    isSetOff: required && standsApart(required.place, flow, cleaned),
  };
}

/** The allowed values of `{a,b}` or `<a|b>` in the place of a name. */
function valuesShown(shown: string): readonly string[] | undefined {
  return /^[{<]/.test(shown) ? makeScannedWord(shown, 0, shown.length).values : undefined;
}

/** `box TEXT`, `box (required)`, `box (absent=noon)`: the kind of value behind the name of an operand, and marks in brackets. */
const MARKS_BEHIND =
  /(?:(?<=[\w>]) {1,40}(?:[A-Z][A-Z_]{0,30}(?: [A-Z]{2,20})?(?::[A-Z]{1,30})?|\[[A-Z][^[\]]{0,30}\](?:\.{3})?|\([\w =:.,-]{1,80}\)))+$/;
const REQUIRED_BEHIND = /\(required\)|\bREQUIRED\b/i;

/** A mark behind two blanks, in a line that goes on with a text. */
const SET_OFF = /^ {12,}[^\s-][^\n]*\S {2}[[(](?:default|env|required)\b/m;

/** Whether the marks of a text are set off, looked up once for each text. */
const SETS_OFF = new WeakMap<CleanedText, boolean>();

function setsMarksOff(cleaned: CleanedText): boolean {
  const known = SETS_OFF.get(cleaned) ?? SET_OFF.test(cleaned.text);
  SETS_OFF.set(cleaned, known);
  return known;
}

function standsApart(place: Place, flow: TextFlow, cleaned: CleanedText): boolean | undefined {
  if (place === null) return undefined;
  // Where there is no text before the mark, those of options show how the printer writes them; one that is all there is, in square brackets, is a printer's.
  if (place.start <= (flow.place?.start ?? 0) + 1)
    return setsMarksOff(cleaned) || /^\[required\]$/.test(flow.text) || undefined;
  return /\s\s[[(]?$/.test(cleaned.text.slice(Math.max(0, place.start - 3), place.start));
}

/** `<name>...`, `[name]`, `NAME [NAME ...]`, `name:` without what is no part of the name. */
function bareName(left: string): string {
  return left
    .replace(/ \[.*\.\.\.\]$/, '')
    .replace(/[<[\]>]/g, '')
    .replace(/\s?(?:\.{2,3}|…)$/, '')
    .replace(/:$/, '');
}

/** How often an operand may stand, where brackets or dots beside its name tell. */
function countShown(left: string): Count | undefined {
  const isRepeated = /(?:\.{2,3}|…)[\])]?$/.test(left);
  const isOptional = left.startsWith('[');
  if (!isRepeated && !isOptional) return undefined;
  return { least: isOptional ? 0 : 1, most: isRepeated ? null : 1 };
}

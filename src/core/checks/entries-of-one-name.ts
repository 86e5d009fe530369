import { argumentOf, type Option, type OptionName } from '../model/option.ts';
import { withoutNotes } from '../notation/without-notes.ts';
import type { Place } from '../source/source.ts';
import { areSpellings } from '../words/spellings.ts';
import { wordsOf } from '../words/text-likeness.ts';
import { optionAbove } from './option-above.ts';

/**
 * Whether two entries cannot be one option. A help text may show forms of one option in several entries, or mention it
 * again: both must have texts that share no word, and, but for the name they share, other names of the same kind.
 */
export function areTwoThings(a: Option, b: Option, shared: string): boolean {
  // Forms of one option with different arguments have the same names.
  if (namesText(a) === namesText(b) || areUnderConditions(a, b) || areOfTwoCommands(a, b)) return false;
  if (optionAbove(a.place) !== optionAbove(b.place)) return false;
  const others = (option: Option) => option.names.filter((name) => name.text !== shared);
  const aForms = others(a).map((name) => name.form);
  if (!others(b).some((name) => aForms.includes(name.form))) return false;
  if ([a, b].some((option) => givesValue(option, shared) || tellsWhen(option, shared))) return false;
  const aWords = wordsOf(a.help?.value ?? '');
  const bWords = wordsOf(b.help?.value ?? '');
  if (aWords.size === 0 || bWords.size === 0) return false;
  return ![...aWords].some((word) => bWords.has(word));
}

/**
 * Whether two entries of one list have one long name and nothing in common: other texts, and other placeholders. What is listed under different headings, or
 * shows a value, may be one option in two uses.
 */
export function areListedApart(a: Option, b: Option, shared: string): boolean {
  if (!/^--\w{2}/.test(shared) || !a.listed || !b.listed || a.heading?.value !== b.heading?.value)
    return false;
  if (namesText(a) === namesText(b) || areOfTwoCommands(a, b)) return false;
  const [one, other] = [a, b].map((option) => option.argument?.value.words[0]?.placeholder?.value);
  if (one === undefined || other === undefined || one === other) return false;
  if ([a, b].some((option) => givesValue(option, shared) || tellsWhen(option, shared))) return false;
  return shareAtMost(wordsOf(a.help?.value ?? ''), wordsOf(b.help?.value ?? ''), 1 / 3);
}

/** Whether two entries of one block have the same letter and no more, take no argument, and have texts without a word in common. */
export function areFlagsTwice(a: Option, b: Option): boolean {
  const [name = '', ...more] = a.names.map(({ text }) => text);
  if (more.length > 0 || namesText(b) !== name || !areInOneBlock(a.place, b.place)) return false;
  if (!areInOneList(a, b, name) || [a, b].some((option) => goesOn(option, name))) return false;
  if ([a, b].some(({ argument }) => argument !== undefined && argument.value.presence !== 'none'))
    return false;
  const [aWords, bWords] = [wordsOf(a.help?.value ?? ''), wordsOf(b.help?.value ?? '')];
  return shareAtMost(aWords, bWords, 0);
}

/** Whether two entries of one list have one long name, take the same, and have texts of which no more than half is the same. */
export function areToldApart(a: Option, b: Option, shared: string): boolean {
  if (!/^--?\w{2}/.test(shared) || !areInOneList(a, b, shared)) return false;
  if ([a, b].some((option) => goesOn(option, shared))) return false;
  const [one, other] = [a, b].map(({ argument }) => argument?.value);
  const placeholderOf = (argument: typeof one) =>
    argument?.words.map(({ placeholder }) => placeholder?.value).join(' ');
  if (one?.presence !== other?.presence || placeholderOf(one) !== placeholderOf(other)) return false;
  const [aWords, bWords] = [a, b].map(({ help }) => wordsOf(withoutNotes(help?.value ?? '')));
  if (aWords === undefined || bWords === undefined || aWords.size < 2 || bWords.size < 2) return false;
  return shareAtMost(aWords, bWords, areInOneBlock(a.place, b.place) ? 1 / 2 : 0);
}

/** Whether two entries of one list have one letter, long names of their own, and only one of them takes an argument. */
export function areArgumentAndFlag(a: Option, b: Option, { form, text }: OptionName): boolean {
  if (form !== 'short' || !areInOneList(a, b, text)) return false;
  const [one, other] = [a, b].map((option) => option.names.find((name) => name.form === 'long')?.text);
  return (
    one !== undefined &&
    other !== undefined &&
    !areSpellings(one, other) &&
    a.argument?.value.presence !== b.argument?.value.presence
  );
}

/** Whether two entries of one list have one letter, and behind it names and texts that are of two things. */
export function isLetterOfTwo(a: Option, b: Option, { form, text }: OptionName): boolean {
  if (form !== 'short' || !areInOneList(a, b, text) || [a, b].some((option) => givesValue(option, text)))
    return false;
  const [one, other] = [a, b].map((option) => option.names.filter((name) => name.form === 'long'));
  if (one?.length !== 1 || other?.length !== 1) return false;
  const [oneName = '', otherName = ''] = [one, other].map(([name]) => name?.text);
  if (oneName === otherName || areSpellings(oneName, otherName)) return false;
  const [own, next] = [a, b].map(({ help }) => help?.value ?? '');
  // A text that names the other is of another way to say the same.
  if (own === undefined || next === undefined || own.includes(otherName) || next.includes(oneName))
    return false;
  return shareAtMost(wordsOf(withoutNotes(own)), wordsOf(withoutNotes(next)), 1 / 2);
}

/** Whether no empty line stands between two entries, and no more than a screen of text. */
function areInOneBlock(a: Place, b: Place): boolean {
  if (a === null || b === null || b.start < a.end || b.start - a.end > NEARBY / 2) return false;
  return !/\n[ \t]*\n/.test(a.source.text.slice(a.end, b.start));
}

/** Whether of the words of the shorter of two texts no more than a share is in both. */
function shareAtMost(a: ReadonlySet<string>, b: ReadonlySet<string>, share: number): boolean {
  if (a.size === 0 || b.size === 0) return false;
  return [...a].filter((word) => b.has(word)).length <= share * Math.min(a.size, b.size);
}

function areInOneList(a: Option, b: Option, shared: string): boolean {
  if (!a.listed || !b.listed || a.heading?.value !== b.heading?.value || areOfTwoCommands(a, b)) return false;
  return optionAbove(a.place) === optionAbove(b.place) && ![a, b].some((option) => tellsWhen(option, shared));
}

/** Whether a name goes on in its entry: `-pv-` switches `-pv` off, `-nome -all` shows two together. */
function goesOn({ names }: Option, text: string): boolean {
  const place = names.find((name) => name.text === text)?.place ?? null;
  if (place === null) return false;
  const { text: whole } = place.source;
  return (
    whole.slice(place.start, place.end) !== text || /^(?:-| -\w)/.test(whole.slice(place.end, place.end + 3))
  );
}

/** Whether an entry shows a name with a given value (`--check=quiet`), or with the beginning of one (`-S near=BOX`), which makes it one form of several. */
function givesValue(option: Option, text: string): boolean {
  const name = option.names.find((candidate) => candidate.text === text);
  if (
    name?.place &&
    /^ ?[a-z][\w-]*=/.test(name.place.source.text.slice(name.place.end, name.place.end + 60))
  )
    return true;
  const argument = name === undefined ? undefined : argumentOf(option, name)?.value;
  return argument?.words.some((word) => /^[a-z0-9][\w.-]*$/.test(word.placeholder?.value ?? '')) ?? false;
}

/** Whether a text says when the name means this option: `-h is help only on its own`. */
function tellsWhen({ help }: Option, name: string): boolean {
  const text = help?.value ?? '';
  const at = text.indexOf(`${name} `);
  return (
    at >= 0 &&
    /\b(?:only|alone|on its own|by itself|no other|otherwise|without|if|when)\b/.test(text.slice(at, at + 60))
  );
}

function namesText({ names }: Option): string {
  return names.map(({ text }) => text).join(' ');
}

/** Whether they stand under different headings, one of which says when: `Options when the filter is sed`. */
function areUnderConditions(a: Option, b: Option): boolean {
  const [left, right] = [a.heading?.value ?? '', b.heading?.value ?? ''];
  return left !== right && /\b(?:when|if|for)\b/i.test(`${left} ${right}`);
}

/** Options further apart, in UTF-16 units, are not in one list of commands. */
const NEARBY = 5000;

/** Whether a line between them, less deep than one of them, shows a command that the deeper options are of: `  add FILE  add a box`. */
function areOfTwoCommands({ place: a }: Option, { place: b }: Option): boolean {
  if (a === null || b === null || a.start > b.start || b.start - a.end > NEARBY) return false;
  const { text } = b.source;
  const indentAt = (start: number) => start - (text.lastIndexOf('\n', start - 1) + 1);
  const deepest = indentAt(b.start);
  const between = text.slice(a.end, text.lastIndexOf('\n', b.start)).split('\n').slice(1);
  return between.some((line) => {
    const indent = line.search(/\S/);
    return (
      indent > 0 &&
      indent < deepest &&
      /^[a-z][\w-]{0,40}(?: [[<(A-Z]\S{0,80}){0,8} {2,}\S/.test(line.slice(indent, indent + 400))
    );
  });
}

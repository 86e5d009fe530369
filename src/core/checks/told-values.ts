import type { ValueWord } from '../model/argument.ts';
import type { Command } from '../model/command.ts';
import type { Option } from '../model/option.ts';
import { optionsByName } from '../model/options-by-name.ts';

/** What a text tells beside the allowed values. */
export interface ToldValue {
  /** Whether it lists the value among others, or explains it. */
  readonly kind: 'value' | 'explained';
  readonly one: string;
  /** The allowed values. */
  readonly other: string;
}

/** A value of which the text of an argument speaks as of an allowed one, where the allowed ones are stated and it is none; undefined where there is none. */
export function otherValueTold(word: ValueWord, text: string): ToldValue | undefined {
  return unlistedValue(word, text) ?? explainedValue(word, text);
}

/** `same as --sort=size`, `short for --sort size`: a text that gives a value to another option. */
const GIVEN =
  /\b(?:same as|like|equivalent to|equals|short(?:hand)? for|alias for|synonym for|implies|means|use) ["'`]?(--[a-z][\w-]{0,60})[= ](?!instead\b|too\b|also\b)([a-z][\w-]{0,40})(?=["'`]?(?:[.,;)]|$))/gi;

/** A value that the text of an option gives to another, which does not have it. */
export interface GivenValue {
  /** The option whose text it is. */
  readonly option: Option;
  /** The other option, and the value. */
  readonly given: string;
  /** The allowed values of the other option. */
  readonly allowed: string;
}

/** Values that texts give to options of which the lists are stated and lack them. */
export function valuesGivenElsewhere({ options }: Command): GivenValue[] {
  const byName = optionsByName(options.items);
  return options.items.flatMap((option) =>
    [...(option.help?.value.slice(0, SEARCHED) ?? '').matchAll(GIVEN)].flatMap(
      ([, name = '', value = '']) => {
        const [word, ...more] = byName.get(name)?.argument?.value.words ?? [];
        const allowed = statedValues(word?.values);
        const isOther = more.length === 0 && allowed.length > 1 && !allowed.includes(value);
        return isOther && word?.separator === undefined
          ? [{ option, given: `${name} ${value}`, allowed: listedValues(allowed) }]
          : [];
      },
    ),
  );
}

const VALUE = String.raw`["'\x60]?[a-z][\w-]*["'\x60]?(?![\w-])`;

/** Words in a row, as texts list values: `a, b or c`, `a|b|c`, `a/b/c`. */
const ROWS = [
  `${VALUE}(?:, ?${VALUE})+(?:,? (?:or|and) ${VALUE})?`,
  String.raw`${VALUE}(?: ?\| ?${VALUE}){2,}`,
  `${VALUE}(?:/${VALUE}){2,}`,
].map((row) => new RegExp(String.raw`(?<![\w|/-])${row}`, 'gi'));

/** Words that stand between values, or behind them, and are none. */
const NO_VALUE = /^(?:or|and|default|etc|optional|required|format)?$/i;

/** A word that a text lists beside allowed values, of which it is none. */
function unlistedValue({ values, placeholder }: ValueWord, text: string): ToldValue | undefined {
  const allowed = statedValues(values);
  const known = new Set(allowed.map((value) => value.toLowerCase()));
  const searched = text.slice(0, SEARCHED);
  for (const { 0: row, index } of ROWS.flatMap((pattern) => [...searched.matchAll(pattern)])) {
    const words = row.split(/[^\w-]+/).filter((word) => !NO_VALUE.test(word));
    const others = words.filter((word) => !known.has(word.toLowerCase()));
    const [other] = others;
    // `the plan, text or svg`: the first word before a comma may end what stands before the list.
    if (other === words[0] && row.includes(',')) continue;
    // `text, map, by default text`: the last word may begin what is told next, unless `or` ends the list.
    const goesOn = /^(?:[:=]| [\w"'`$])/.test(searched.slice(index + row.length));
    if (other === words.at(-1) && goesOn && !/ (?:or|and) /.test(row)) continue;
    // Where the placeholder has the word too, the list was not read to its end.
    if (other === undefined || placeholder?.value.includes(other) === true) continue;
    if (allowed.length > 1 && others.length === 1 && words.length > 2)
      return { kind: 'value', one: other, other: listedValues(allowed) };
  }
  return unlistedOfTwo(allowed, searched);
}

/** Two words behind a mark, with nothing but a mark behind them: `the form, text or svg`. */
const TWO = new RegExp(`(?<=[,:(] )(${VALUE}) or (${VALUE})(?=$|[;.)]| [([])`, 'gi');

/** The one of two words told as the values that is none of the two allowed ones. */
function unlistedOfTwo(allowed: readonly string[], text: string): ToldValue | undefined {
  if (allowed.length < 2) return undefined;
  const known = new Set(allowed.map((value) => value.toLowerCase()));
  for (const [, ...quoted] of text.matchAll(TWO)) {
    const words = quoted.map((word) => word.replace(/["'`]/g, ''));
    const [other, ...more] = words.filter((word) => !known.has(word.toLowerCase()));
    if (other !== undefined && more.length === 0 && !NO_VALUE.test(other))
      return { kind: 'value', one: other, other: listedValues(allowed) };
  }
  return undefined;
}

function statedValues(values: ValueWord['values']): string[] {
  return values?.basis === 'stated' ? values.value.map(({ value }) => value) : [];
}

/** A word in quotes of which a text says what it means: `'late' means after noon`. */
const EXPLAINED = /["'`]([a-z][\w-]{1,30})["'`] (?:means|is for|stands for|writes|prints|gives|shows)\b/gi;

/** A word in quotes that a text explains as if it were one of the allowed values. */
function explainedValue({ values }: ValueWord, text: string): ToldValue | undefined {
  const allowed = statedValues(values);
  if (allowed.length < 2) return undefined;
  const known = new Set(allowed.map((value) => value.toLowerCase()));
  const explained = [...text.slice(0, SEARCHED).matchAll(EXPLAINED)].map(([, word = '']) => word);
  const unknown = explained.find((word) => !known.has(word.toLowerCase()));
  return unknown === undefined
    ? undefined
    : { kind: 'explained', one: unknown, other: listedValues(allowed) };
}

/** So much of a text is searched. */
const SEARCHED = 2000;

const VALUES_SHOWN = 6;

/** Values in a row, so many as are read at a glance. */
export function listedValues(values: readonly string[]): string {
  const more = values.length > VALUES_SHOWN ? ` and ${values.length - VALUES_SHOWN} more` : '';
  return values.slice(0, VALUES_SHOWN).join(', ') + more;
}

import type { AuditView } from '../../audit-view.ts';
import type { Fix } from '../../findings/fix.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Range, ValueWord } from '../../model/argument.ts';
import type { Knowable } from '../../model/fact.ts';
import { mainName } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import { unquoted } from '../../notation/prose-default.ts';
import { rangesInProse } from '../../notation/prose-range.ts';
import { countedUnit } from '../../notation/told-unit.ts';
import type { Place } from '../../source/source.ts';
import { isWordForNumber, otherUnit } from '../default-misfits.ts';
import { defineCheck } from '../define-check.ts';
import { listedValues, otherValueTold, valuesGivenElsewhere } from '../told-values.ts';
import { isWithin } from '../within-range.ts';

type Disagreement = {
  readonly name: string;
  readonly kind:
    | 'default'
    | 'case'
    | 'range'
    | 'reversed'
    | 'value'
    | 'explained'
    | 'given'
    | 'word'
    | 'no-number'
    | 'unit';
  /** The default, or the bounds that are declared. */
  readonly one: string;
  /** The values or bounds that the other place tells. */
  readonly other: string;
};

/** One finding for each option or operand of which the help tells values, bounds and default that cannot all be true. */
export const valuesDisagree = defineCheck({
  name: 'help/values-disagree',
  level: 'warning',
  title: 'The values, bounds and default that are told contradict each other',
  why: 'One of them is out of date. A caller who types the default, or a value at the edge, gets an error, or something else than the help says.',
  standard: 'practice',
  needs: ['the default', 'the allowed values or bounds, in the help or declared'],
  since: 7,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  -s, --sort=KEY  sort by KEY: owner, size or route (default: colour)\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  -s, --sort=KEY  sort by KEY: owner, size or route (default: size)\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  -s, --sort=KEY  sort by KEY: owner, size or route (default: as they came)\n  -n, --boxes=NUM  how many boxes, 1 to 40 (default: all)\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      for (const { option, given, allowed } of valuesGivenElsewhere(at.command)) {
        const { text } = mainName(option);
        const data: Disagreement = { name: text, kind: 'given', one: given, other: allowed };
        report.finding({ command: at.path, subject: text, data, place: option.help?.place ?? null });
      }
      for (const { name, word, help, place } of wordsOf(at)) {
        const found = disagreement(name, word, help, view);
        if (found === undefined) continue;
        report.judged();
        if (found !== 'none')
          report.finding({
            command: at.path,
            subject: name,
            data: found,
            fixes:
              found.kind === 'reversed' && word.range !== undefined
                ? reversedFix(name, word.range.value)
                : [],
            place: (found.kind === 'default' ? word.default?.place : word.range?.place) ?? place,
            // Many programs take 0 or -1 for "as many as there are".
            ...(found.kind === 'case' ||
            found.kind === 'word' ||
            found.kind === 'no-number' ||
            found.kind === 'unit' ||
            found.kind === 'explained' ||
            (found.kind === 'default' && /^(?:0|-1)$/.test(found.one))
              ? { level: 'note' }
              : {}),
          });
      }
    }
  },
  message: ({ name, kind, one, other }: Disagreement) => MESSAGES[kind](quoteName(name), one, other),
  fix: ({ name, kind }) =>
    kind === 'reversed'
      ? `write the lower bound of ${quoteName(name)} first`
      : `find out what ${quoteName(name)} does accept, and correct the other`,
});

const MESSAGES: {
  readonly [K in Disagreement['kind']]: (name: string, one: string, other: string) => string;
} = {
  default: (name, one, other) => `the default of ${name} is ${quoteName(one)}, but its values are ${other}`,
  case: (name, one, other) =>
    `the default of ${name} is ${quoteName(one)}, which its values have in other letters: ${other}`,
  range: (name, one, other) => `the values of ${name} go ${one}, but its text says ${other}`,
  value: (name, one, other) => `the text of ${name} tells ${quoteName(one)}, but its values are ${other}`,
  explained: (name, one, other) =>
    `the text of ${name} explains ${quoteName(one)}, but its values are ${other}`,
  given: (name, one, other) =>
    `the text of ${name} speaks of ${quoteName(one)}, and the values of that are ${other}`,
  'no-number': (name, one) => `the default of ${name} is ${quoteName(one)}, and its argument is a number`,
  unit: (name, one, other) =>
    `the default of ${name} is ${quoteName(one)}, and its argument is counted in ${other}`,
  word: (name, one, other) => `the default of ${name} is ${quoteName(one)}, but its values go ${other}`,
  reversed: (name, one) => `the values of ${name} go ${one}, which is none`,
};

interface ShownWord {
  readonly name: string;
  readonly word: ValueWord;
  readonly help: Knowable<string>;
  readonly place: Place;
}

function wordsOf({ command }: CommandAt): ShownWord[] {
  return [
    ...command.options.items.flatMap((option) => {
      // A placeholder of two words, such as `INTEGER RANGE`, may be one; what is told belongs to one of them.
      const words = option.argument?.value.words ?? [];
      const told = words.filter(
        ({ default: literal, range }) => literal !== undefined || range !== undefined,
      );
      const [word = words[0]] = told;
      if (word === undefined || told.length > 1) return [];
      return [{ name: mainName(option).text, word, help: option.help, place: option.place }];
    }),
    ...command.operands.items.map(({ name, word, help, place }) => ({ name, word, help, place })),
  ];
}

/** What contradicts what; `none` where nothing does, and undefined where there is nothing to compare. */
function disagreement(
  name: string,
  word: ValueWord,
  help: Knowable<string>,
  view: AuditView,
): Disagreement | 'none' | undefined {
  const all = rangesInProse(help?.value ?? '');
  const [told] = all;
  const range = word.range?.value;
  if (range !== undefined && isReversed(range))
    return { name, kind: 'reversed', one: drawn(range), other: '' };
  // A hyphen may stand in a name: `639-3`.
  const turned =
    range === undefined
      ? all.find((one) => isReversed(one) && (help?.value ?? '').includes(`${one.least} to ${one.most}`))
      : undefined;
  if (turned !== undefined && word.placeholder !== undefined)
    return { name, kind: 'reversed', one: drawn(turned), other: '' };
  const apart = range === undefined ? undefined : all.find((other) => areApart(range, other));
  if (range !== undefined && apart !== undefined)
    return { name, kind: 'range', one: drawn(range), other: drawn(apart) };
  const unlisted = otherValueTold(word, help?.value ?? '');
  if (unlisted !== undefined) return { name, ...unlisted };
  const counted = otherUnit(word);
  if (counted !== undefined) return { name, kind: 'unit', one: word.default?.value ?? '', other: counted };
  // A declared default is the matter of `conflicts/default-not-allowed`, but for what only a text says.
  const literal = word.default === undefined ? undefined : unquoted(word.default.value);
  if (literal !== undefined && view.isHelp(word.default?.place ?? null) && isNoInteger(literal, word))
    return { name, kind: 'no-number', one: literal, other: '' };
  if (literal === undefined || !LITERAL.test(literal))
    return range === undefined || told === undefined ? undefined : 'none';
  const isShown = view.isHelp(word.default?.place ?? null);
  const values = isShown ? word.values?.value.map(({ value }) => value) : undefined;
  if (values !== undefined && values.length > 1) {
    if (isInOtherCase(literal, values))
      return { name, kind: 'case', one: literal, other: listedValues(values) };
    return isAnother(literal, values, help?.value ?? '')
      ? { name, kind: 'default', one: literal, other: listedValues(values) }
      : 'none';
  }
  const isCounted = word.values === undefined && countedUnit(help?.value ?? '') !== undefined;
  const isWord = isCounted && /^[a-z]{3,}$/.test(literal) && !NO_CHOICE.has(literal);
  if (isShown && (isWord || isWordForNumber(literal, word)))
    return { name, kind: 'no-number', one: literal, other: '' };
  const bounds = (isShown ? range : undefined) ?? told;
  const number = Number(literal);
  if (bounds === undefined) return undefined;
  if (Number.isNaN(number))
    return range === undefined || /\d/.test(literal) || NO_CHOICE.has(literal.toLowerCase())
      ? undefined
      : { name, kind: 'word', one: literal, other: drawn(bounds) };
  return isWithin(number, bounds) ? 'none' : { name, kind: 'default', one: literal, other: drawn(bounds) };
}

/** A word that could be typed: texts also tell defaults in words, and patterns of names. */
const LITERAL = /^[\w.+-]+$/;

/** A unit as a word, and so many letters that a sign for one has at the most. */
const UNIT_IN_FULL = /^(?:[a-z]*seconds?|minutes?|hours?|days?|[a-z]*bytes?)$/;
const SHORTENED = 2;

/** Defaults that say that there is no choice. */
const NO_CHOICE: ReadonlySet<string> = new Set(
  'all any both current default disabled empty enabled false never no none off on true unlimited unset yes'.split(
    ' ',
  ),
);

/**
 * Whether a default is not among values of its kind. A number among words says that more than the words is accepted; and where the text speaks of the
 * default beside telling it, it is a value, or the meaning of one: `0: normal, 1: light (default: normal)`.
 */
function isAnother(literal: string, values: readonly string[], text: string): boolean {
  const given = literal.toLowerCase();
  if (NO_CHOICE.has(given) || values.some((value) => value.toLowerCase() === given)) return false;
  // `10s` is a number with a unit; `7z` among values is a name.
  const isQuantity = /^[+-]?\d/.test(literal);
  if (isQuantity ? !values.some((value) => /^[+-]?\d/.test(value)) : values.some(isNumber)) return false;
  // `seconds` where the values are `s`, `ms` is one of them written out.
  if (UNIT_IN_FULL.test(literal) && values.every((value) => value.length <= SHORTENED)) return false;
  // `C++` where the values are `cpp` and others is a word for one of them.
  const hasCapitals = (text: string) => /[A-Z]/.test(text);
  if (values.some(hasCapitals) !== hasCapitals(literal)) return false;
  const times = text
    .toLowerCase()
    .split(/[^\w.+-]+/)
    .filter((word) => word.replace(/[.]$/, '') === given);
  return times.length <= 1;
}

/** Whether a default has no digit first, or a mark, where the placeholder is the type of an integer. */
function isNoInteger(literal: string, { placeholder, values }: ValueWord): boolean {
  const isInteger = /^[<[]?u?int(?:eger)?\d*[>\]]?$/i.test(placeholder?.value ?? '');
  return isInteger && values === undefined && /^[:/.~]|\d[:/]/.test(literal);
}

/** Whether a default is one of the values but for its case, where all of them are written in one. */
function isInOtherCase(literal: string, values: readonly string[]): boolean {
  if (values.includes(literal) || literal.length === 1) return false;
  const isLarge = (text: string) => text === text.toUpperCase() && text !== text.toLowerCase();
  const isSmall = (text: string) => text === text.toLowerCase() && text !== text.toUpperCase();
  const areLarge = values.every(isLarge) && isSmall(literal);
  const areSmall = values.every(isSmall) && isLarge(literal);
  return (areLarge || areSmall) && values.some((value) => value.toLowerCase() === literal.toLowerCase());
}

function isNumber(text: string): boolean {
  return /^[+-]?(?:\d|\.\d)[\d.]*$/.test(text);
}

function isReversed({ least, most }: Range): boolean {
  // `-1 to -30` counts away from zero.
  return typeof least === 'number' && typeof most === 'number' && least > most && most >= 0;
}

/** Bounds the right way round. */
function reversedFix(name: string, { least, most }: Range): Fix[] {
  return typeof least === 'number' && typeof most === 'number'
    ? [{ kind: 'declare-range', name, least: most, most: least }]
    : [];
}

/** Whether a bound that both tell differs. */
function areApart(a: Range, b: Range): boolean {
  const differ = (one: Range['least'], other: Range['least']) =>
    typeof one === 'number' && typeof other === 'number' && one !== other;
  return differ(a.least, b.least) || differ(a.most, b.most);
}

function drawn({ least, most }: Range): string {
  if (typeof least !== 'number') return `up to ${most}`;
  return typeof most === 'number' ? `from ${least} to ${most}` : `from ${least} on`;
}

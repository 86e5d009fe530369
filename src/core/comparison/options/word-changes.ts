import type { Json } from '../../findings/finding.ts';
import { quoteName } from '../../messages/wording.ts';
import type { PairKey, Range, ValueType, ValueWord } from '../../model/argument.ts';
import { makeValueWord } from '../../model/argument.ts';
import { inferred, type Knowable } from '../../model/fact.ts';
import { saysTheSame } from '../../model/same.ts';
import { rangeInProse } from '../../notation/prose-range.ts';
import type { Effect } from '../change.ts';
import type { About, Context } from '../context.ts';
import { areStated, differing, textDiffers } from '../facts.ts';
import { valueChanges } from './value-changes.ts';

/** The texts that both versions have of what a word belongs to; a side that has none is undefined. */
export interface ToldOf {
  readonly before?: string | undefined;
  readonly after?: string | undefined;
}

/** How what may stand for one word of an option-argument or operand differs. */
export function wordChanges(
  before: ValueWord,
  after: ValueWord,
  about: About,
  context: Context,
  told: ToldOf = {},
): void {
  valueChanges(before, after, about, context, told.before);
  typeChange(before, after, about, context);
  rangeChange(rangeOf(before, told.before), rangeOf(after, told.after), about, context);
  defaultChange(before, after, about, context);
  separatorChange(before, after, about, context);
  keyChanges(before, after, about, context);
  const { list } = context;
  // Where the values are known, a placeholder may only list them.
  const areListed = before.values !== undefined && after.values !== undefined;
  if (!areListed && textDiffers(bare(before.placeholder?.value), bare(after.placeholder?.value))) {
    list.add({
      ...about,
      kind: 'placeholder-changed',
      effect: 'wording',
      before: before.placeholder?.value ?? null,
      after: after.placeholder?.value ?? null,
      message: `the placeholder of ${quoteName(about.subject)} has changed`,
      oldPlace: before.placeholder?.place,
      newPlace: after.placeholder?.place,
    });
  }
  if (!saysTheSame(before.offers?.value, after.offers?.value)) {
    list.add({
      ...about,
      kind: 'completion-changed',
      effect: 'wording',
      before: before.offers?.value ?? null,
      after: after.offers?.value ?? null,
      message: `completion should offer something else for ${quoteName(about.subject)}`,
      oldPlace: before.offers?.place,
      newPlace: after.offers?.place,
    });
  }
}

/** A placeholder without the brackets that one layout has and another has not. */
function bare(placeholder: string | undefined): string | undefined {
  return placeholder?.replace(/^<([^<>]*)>$/, '$1').toUpperCase();
}

/** Types of which every value is one of the other type too. */
const WIDER: Partial<Record<ValueType, readonly ValueType[]>> = {
  integer: ['number', 'text'],
  number: ['text'],
  file: ['text'],
  directory: ['file', 'text'],
};

const TYPE_WORDS: Record<ValueType, string> = {
  text: 'any text',
  integer: 'a whole number',
  number: 'a number',
  boolean: 'yes or no',
  file: 'a file',
  directory: 'a directory',
  duration: 'a duration',
  size: 'a size',
  date: 'a date',
  address: 'an address',
  command: 'a command',
  pairs: 'pairs',
};

function typeWords(type: ValueType | undefined): string {
  return type === undefined ? '' : TYPE_WORDS[type];
}

function typeChange(before: ValueWord, after: ValueWord, about: About, { list }: Context): void {
  const [old, newer] = [before.type, after.type];
  // A placeholder only makes a type likely, and placeholders are wording.
  if (!areStated(old, newer) || saysTheSame(old?.value, newer?.value)) return;
  const isSaid = old !== undefined && newer !== undefined;
  const isWider = isSaid && (newer.value === 'text' || WIDER[old.value]?.includes(newer.value) === true);
  const effect: Effect =
    isWider || newer === undefined || newer.value === 'text'
      ? 'compatible'
      : isSaid
        ? 'refused'
        : 'uncertain';
  const subject = quoteName(about.subject);
  list.add({
    ...about,
    kind: 'type-changed',
    effect,
    before: old?.value ?? null,
    after: newer?.value ?? null,
    message: {
      compatible: `the type of ${subject} is ${newer === undefined ? 'no longer stated' : `now ${typeWords(newer.value)}`}`,
      refused: `${subject} takes ${typeWords(newer?.value)} now, not ${typeWords(old?.value)}: other values are refused`,
      uncertain: `${subject} is now stated to take ${typeWords(newer?.value)}: other values may be refused`,
    }[effect],
    oldPlace: old?.place,
    newPlace: newer?.place,
  });
}

/** The range of a word, or else that which the text tells. */
function rangeOf({ range, placeholder }: ValueWord, told: string | undefined): Knowable<Range> {
  if (range !== undefined || told === undefined) return range;
  const inText = rangeInProse(told);
  return inText === undefined ? undefined : inferred(inText, placeholder?.place ?? null);
}

function rangeChange(old: Knowable<Range>, newer: Knowable<Range>, about: About, { list }: Context): void {
  if (saysTheSame(bounds(old?.value), bounds(newer?.value))) return;
  const subject = quoteName(about.subject);
  // A text that tells no range any longer may only be a shorter text.
  if (newer === undefined && old?.basis === 'inferred') return;
  const isNarrower = old !== undefined && newer !== undefined && narrows(old.value, newer.value);
  const effect: Effect = isNarrower ? 'refused' : old === undefined ? 'uncertain' : 'compatible';
  list.add({
    ...about,
    kind: 'range-changed',
    effect,
    certain: areStated(old, newer),
    before: bounds(old?.value),
    after: bounds(newer?.value),
    message: {
      refused: `${subject} must now be ${rangeWords(newer?.value)} instead of ${rangeWords(old?.value)}: values outside this range are refused`,
      uncertain: `${subject} is now stated to be ${rangeWords(newer?.value)}: other values may be refused`,
      compatible: `${subject} can now be ${rangeWords(newer?.value)} instead of ${rangeWords(old?.value)}`,
    }[effect],
    oldPlace: old?.place,
    newPlace: newer?.place,
  });
}

function narrows(old: Range, newer: Range): boolean {
  const least = (range: Range) => range.least ?? Number.NEGATIVE_INFINITY;
  const most = (range: Range) => range.most ?? Number.POSITIVE_INFINITY;
  return least(newer) > least(old) || most(newer) < most(old);
}

function bounds(range: Range | undefined): Json {
  return range === undefined ? null : { least: range.least ?? null, most: range.most ?? null };
}

function rangeWords(range: Range | undefined): string {
  const { least, most } = range ?? {};
  if (typeof least === 'number' && typeof most === 'number') return `${least} to ${most}`;
  if (typeof least === 'number') return `${least} or more`;
  return typeof most === 'number' ? `${most} or less` : 'any';
}

function defaultChange(before: ValueWord, after: ValueWord, about: About, { list }: Context): void {
  const [old, newer] = [before.default, after.default];
  if (saysTheSame(old?.value, newer?.value)) return;
  const changed = differing(old, newer);
  const subject = quoteName(about.subject);
  const [was, is] = [quoteName(old?.value ?? ''), quoteName(newer?.value ?? '')];
  list.add({
    ...about,
    kind: changed !== undefined ? 'default-changed' : newer === undefined ? 'default-unsaid' : 'default-said',
    effect: changed === undefined ? 'wording' : 'other-meaning',
    certain: areStated(old, newer),
    before: old?.value ?? null,
    after: newer?.value ?? null,
    message:
      changed !== undefined
        ? `the default of ${subject} changed from ${was} to ${is}: command lines without it mean something else`
        : newer === undefined
          ? `the default of ${subject} is no longer stated; it was ${was}`
          : `the default of ${subject} is now stated: ${is}`,
    oldPlace: old?.place,
    newPlace: newer?.place,
  });
}

function separatorChange(before: ValueWord, after: ValueWord, about: About, { list }: Context): void {
  const [old, newer] = [before.separator, after.separator];
  if (saysTheSame(old?.value, newer?.value)) return;
  const isOther = differing(old, newer) !== undefined;
  const subject = quoteName(about.subject);
  list.add({
    ...about,
    kind: 'separator-changed',
    effect: isOther ? 'other-meaning' : newer === undefined ? 'uncertain' : 'compatible',
    certain: areStated(old, newer),
    before: old?.value ?? null,
    after: newer?.value ?? null,
    message: isOther
      ? `the separator between values of ${subject} changed from ${quoteName(old?.value ?? '')} to ${quoteName(newer?.value ?? '')}`
      : newer === undefined
        ? `nothing says any longer that one word can hold several values of ${subject}`
        : `one word can hold several values of ${subject}, separated by ${quoteName(newer.value)}`,
    oldPlace: old?.place,
    newPlace: newer?.place,
  });
}

function keyChanges(before: ValueWord, after: ValueWord, about: About, context: Context): void {
  const byKey = (word: ValueWord) => new Map((word.keys?.value ?? []).map((key) => [key.key, key]));
  const [old, newer] = [byKey(before), byKey(after)];
  if (before.keys === undefined && after.keys === undefined) return;
  const { list } = context;
  const subject = quoteName(about.subject);
  for (const [name, key] of old) {
    const same = newer.get(name);
    if (same !== undefined) keyChange(key, same, about, context);
    else
      list.add({
        ...about,
        kind: 'key-removed',
        effect: after.keys === undefined ? 'uncertain' : 'refused',
        certain: areStated(before.keys, after.keys),
        before: name,
        message: `${quoteName(name)} is no longer a key of ${subject}: command lines with it are refused`,
        oldPlace: key.place,
        newPlace: after.keys?.place,
      });
  }
  for (const [name, key] of newer) {
    if (old.has(name)) continue;
    list.add({
      ...about,
      kind: 'key-added',
      effect: 'compatible',
      after: name,
      message: `${quoteName(name)} is now a key of ${subject}`,
      newPlace: key.place,
    });
  }
}

function keyChange(old: PairKey, newer: PairKey, about: About, context: Context): void {
  const subject = `${about.subject}=${old.key}`;
  wordChanges(old.value ?? makeValueWord(), newer.value ?? makeValueWord(), { ...about, subject }, context);
  if (!textDiffers(old.help?.value, newer.help?.value)) return;
  context.list.add({
    ...about,
    kind: 'key-text',
    effect: 'wording',
    before: old.help?.value ?? null,
    after: newer.help?.value ?? null,
    message: `the text of the key ${quoteName(old.key)} of ${quoteName(about.subject)} has changed`,
    oldPlace: old.place,
    newPlace: newer.place,
  });
}

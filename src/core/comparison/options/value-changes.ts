import { listNames, quoteName } from '../../messages/wording.ts';
import type { AllowedValue, ValueWord } from '../../model/argument.ts';
import { valuesInProse } from '../../notation/prose-values.ts';
import { standingChanges } from '../commands/standing-changes.ts';
import type { About, Context } from '../context.ts';
import { areStated, textDiffers } from '../facts.ts';

/** How the allowed values of a word differ. A list of allowed values is all of them. */
export function valueChanges(
  before: ValueWord,
  after: ValueWord,
  about: About,
  context: Context,
  told = '',
): void {
  const [old, newer] = [before.values, after.values];
  if (old === undefined || newer === undefined) listedOrNot(old, newer, about, context, told);
  else eachValue(old, newer, about, context);
}

/** Values that only one version lists. */
function listedOrNot(
  old: ValueWord['values'],
  newer: ValueWord['values'],
  about: About,
  { list }: Context,
  told: string,
): void {
  const subject = quoteName(about.subject);
  if (newer !== undefined && newer.value.length > 0) {
    const texts = textsOf(newer.value);
    const before = valuesInProse(told)?.values.map(({ value }) => value) ?? [];
    // Who read the old help knew that there were no others.
    const isKnown = before.length > 0 && before.every((value) => texts.includes(value));
    list.add({
      ...about,
      kind: 'values-said',
      effect: isKnown ? 'compatible' : 'uncertain',
      after: texts,
      message: `the values of ${subject} are now listed${isKnown ? ', as its text had them' : ''}: ${listNames(texts)}${isKnown ? '' : '; others may be refused'}`,
      newPlace: newer.place,
    });
  }
  if (old !== undefined && old.value.length > 0)
    list.add({
      ...about,
      kind: 'values-unsaid',
      effect: 'wording',
      before: textsOf(old.value),
      message: `the values of ${subject} are no longer listed`,
      oldPlace: old.place,
    });
}

type Values = NonNullable<ValueWord['values']>;

function eachValue(old: Values, newer: Values, about: About, context: Context): void {
  const newByText = new Map(newer.value.map((value) => [value.value, value]));
  for (const value of old.value) {
    const same = newByText.get(value.value);
    if (same === undefined) removedValue(value, old, newer, about, context);
    else keptValue(value, same, about, context);
  }
  const known = new Set(textsOf(old.value));
  for (const { value: text, place } of newer.value) {
    if (known.has(text)) continue;
    context.list.add({
      ...about,
      kind: 'value-added',
      effect: 'compatible',
      after: text,
      message: `${quoteName(text)} is now a value of ${quoteName(about.subject)}`,
      newPlace: place,
    });
  }
}

function removedValue(value: AllowedValue, old: Values, newer: Values, about: About, context: Context): void {
  const { value: text, place } = value;
  // What was taken over, or is ambiguous now, is told of the word.
  const outcome = context.meanings.nameOutcome(value, text);
  if (outcome === 'taken-over' || outcome === 'ambiguous') return;
  const consequence =
    outcome === 'same' ? ', but still an abbreviation of one' : ': command lines with it are refused';
  context.list.add({
    ...about,
    kind: 'value-removed',
    effect: outcome === 'same' ? 'compatible' : 'refused',
    certain: areStated(old, newer),
    before: text,
    message: `${quoteName(text)} is no longer a value of ${quoteName(about.subject)}${consequence}`,
    oldPlace: place,
    newPlace: newer.place,
    words: context.meanings.refusedOf(value, text),
  });
}

function keptValue(value: AllowedValue, same: AllowedValue, about: About, context: Context): void {
  const text = value.value;
  standingChanges(value, same, { command: about.command, subject: `${about.subject}=${text}` }, context);
  if (!textDiffers(value.help?.value, same.help?.value)) return;
  context.list.add({
    ...about,
    kind: 'value-text',
    effect: 'wording',
    before: value.help?.value ?? null,
    after: same.help?.value ?? null,
    message: `the text of the value ${quoteName(text)} of ${quoteName(about.subject)} has changed`,
    oldPlace: value.help?.place ?? value.place,
    newPlace: same.help?.place ?? same.place,
  });
}

function textsOf(values: readonly AllowedValue[]): string[] {
  return values.map(({ value }) => value);
}

import { listNames, quoteName } from '../messages/wording.ts';
import type { AllowedValue, Word } from '../model/argument.ts';
import type { WordRange } from './change.ts';
import type { About, Context } from './context.ts';
import { areStated, textDiffers } from './facts.ts';
import { standingChanges } from './standing-changes.ts';

/** How the allowed values of a word differ. A list of allowed values is all of them. */
export function valueChanges(before: Word, after: Word, about: About, context: Context): void {
  const [old, newer] = [before.values, after.values];
  const { list } = context;
  const subject = quoteName(about.subject);
  if (old === undefined || newer === undefined) {
    if (newer !== undefined && newer.value.length > 0) {
      list.add({
        ...about,
        kind: 'values-said',
        effect: 'uncertain',
        after: textsOf(newer.value),
        message: `the values of ${subject} are now listed: ${listNames(textsOf(newer.value))}; others may be refused`,
        newPlace: newer.place,
      });
    }
    if (old !== undefined && old.value.length > 0) {
      list.add({
        ...about,
        kind: 'values-unsaid',
        effect: 'wording',
        before: textsOf(old.value),
        message: `the values of ${subject} are no longer listed`,
        oldPlace: old.place,
      });
    }
    return;
  }
  const oldByText = new Map(old.value.map((value) => [value.value, value]));
  const newByText = new Map(newer.value.map((value) => [value.value, value]));
  const certain = areStated(old, newer);
  for (const [text, value] of oldByText) {
    const same = newByText.get(text);
    if (same === undefined) {
      // What was taken over, or is ambiguous now, is told of the word.
      const outcome = context.meanings.nameOutcome(value, text);
      if (outcome === 'taken-over' || outcome === 'ambiguous') continue;
      list.add({
        ...about,
        kind: 'value-removed',
        effect: outcome === 'same' ? 'compatible' : 'refused',
        certain,
        before: text,
        message:
          outcome === 'same'
            ? `${quoteName(text)} is no longer a value of ${subject}, but still an abbreviation of one`
            : `${quoteName(text)} is no longer a value of ${subject}: command lines with it are refused`,
        oldPlace: value.place,
        newPlace: newer.place,
        words: rangesOf(value, text, context),
      });
    } else {
      standingChanges(value, same, { command: about.command, subject: `${about.subject}=${text}` }, context);
      if (textDiffers(value.help?.value, same.help?.value)) {
        list.add({
          ...about,
          kind: 'value-text',
          effect: 'wording',
          before: value.help?.value ?? null,
          after: same.help?.value ?? null,
          message: `the text of the value ${quoteName(text)} of ${subject} has changed`,
          oldPlace: value.help?.place ?? value.place,
          newPlace: same.help?.place ?? same.place,
        });
      }
    }
  }
  for (const [text, value] of newByText) {
    if (oldByText.has(text)) continue;
    list.add({
      ...about,
      kind: 'value-added',
      effect: 'compatible',
      after: text,
      message: `${quoteName(text)} is now a value of ${subject}`,
      newPlace: value.place,
    });
  }
}

/** The words of a value that are refused; without the value itself there would be an entry without words. */
function rangesOf(value: AllowedValue, text: string, { meanings }: Context): WordRange[] {
  return (meanings.refused.get(value) ?? []).filter(({ name }) => name === text);
}

function textsOf(values: readonly AllowedValue[]): string[] {
  return values.map(({ value }) => value);
}

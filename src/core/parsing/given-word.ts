import { valueScope } from '../abbreviations/value-scope.ts';
import type { ValueWord } from '../model/argument.ts';
import { numberRefusal } from '../model/number-refusal.ts';
import type { CommandAt } from '../model/walk.ts';

/** What is wrong with a word as an argument. */
export interface WordFault {
  readonly code: 'value-not-allowed' | 'value-ambiguous';
  /** What was expected, such as `one of card, sheet`. */
  readonly expected: string;
}

/** How many allowed values a message lists. */
const VALUES_SHOWN = 12;

/**
 * Whether a text may stand for a word: its allowed values, in full or abbreviated where the parser accepts that; its keys; its
 * type and range, as far as they are stated. Undefined where nothing speaks against it.
 */
export function findWordFault(
  word: ValueWord,
  text: string,
  subject: string,
  at: CommandAt,
): WordFault | undefined {
  const separator = word.separator?.value;
  const parts = separator === undefined || separator === '' ? [text] : text.split(separator);
  for (const part of parts) {
    const fault = findPartFault(word, part, subject, at);
    if (fault !== undefined) return fault;
  }
  return undefined;
}

function findPartFault(word: ValueWord, text: string, subject: string, at: CommandAt): WordFault | undefined {
  const { values, keys } = word;
  if (values !== undefined && values.basis !== 'inferred') {
    const { index, accepted } = valueScope(values, subject, at);
    const { verdict, names } = index.resolve(text);
    if (verdict === 'exact') return undefined;
    if (accepted?.value === true && verdict === 'ambiguous')
      return { code: 'value-ambiguous', expected: `more of the word: it could be ${quotedList(names)}` };
    const isAbbreviated = accepted?.value === true && (verdict === 'unique' || verdict === 'same-option');
    return isAbbreviated
      ? undefined
      : notAllowed(`one of ${shownList(values.value.map(({ value }) => value))}`);
  }
  if (keys !== undefined && keys.basis !== 'inferred') {
    const [key = ''] = text.split('=', 1);
    const known = keys.value.map((one) => one.key);
    return known.includes(key) ? undefined : notAllowed(`KEY=VALUE, the key one of ${shownList(known)}`);
  }
  const expected = numberRefusal(word, text);
  return expected === undefined ? undefined : notAllowed(expected);
}

function notAllowed(expected: string): WordFault {
  return { code: 'value-not-allowed', expected };
}

function shownList(values: readonly string[]): string {
  const more = values.length - VALUES_SHOWN;
  return more > 0 ? `${values.slice(0, VALUES_SHOWN).join(', ')} and ${more} more` : values.join(', ');
}

function quotedList(names: readonly string[]): string {
  return names.map((name) => `'${name}'`).join(' or ');
}

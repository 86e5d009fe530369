import type { Operand } from '../../model/operand.ts';
import { operandKey } from '../../notation/operand-key.ts';
import type { Doubt } from '../../source/doubt.ts';
import type { HelpParts } from './assemble-interface.ts';
import type { OptionEntry } from './option-entries.ts';

/**
 * Operands that may be none, or may stand where they were not seen. That the synopses and the lists do not agree is said of a text as it was read;
 * where the text itself has the word in the other place too, it was more likely misread.
 */
export function operandDoubts({ usage, operands }: HelpParts, entries: readonly OptionEntry[]): Doubt[] {
  const listed = new Set(operands.map(({ name }) => operandKey(name)));
  const shown = usage.readings.flatMap(({ form }) => form.operands);
  const shownNames = new Set(shown.map(({ name }) => operandKey(name)));
  const inNames = new Set(entries.flatMap(wordsOfNames));
  const inSynopses = new Set(usage.readings.flatMap(({ form }) => wordsOf(form.text)));
  const inForms = usage.readings.flatMap(({ form }) => trailingWords(form.operands, listed));
  const elsewhere = [
    ...(listed.size === 0
      ? []
      : shown.filter(({ name }) => !listed.has(operandKey(name)) && inNames.has(operandKey(name)))),
    ...operands.filter(({ name }) => !shownNames.has(operandKey(name)) && inSynopses.has(operandKey(name))),
  ];
  return [
    ...elsewhere
      .flatMap(({ place }) => place ?? [])
      .map((place) => ({ place, reason: 'named-elsewhere' as const })),
    ...inForms.flatMap(({ place }) => place ?? []).map((place) => ({ place, reason: 'plain-word' as const })),
  ];
}

/** A word that no notation marks as a placeholder. */
const PLAIN_WORD = /^[a-z][a-z0-9-]*$/;

/**
 * Plain words behind an operand that may be left out, which no list has: a text may stand there. Where the operand in the bracket is a plain word
 * too, that is how the program writes them.
 */
function trailingWords(operands: readonly Operand[], listed: ReadonlySet<string>): Operand[] {
  const optional = operands.findIndex(({ count }) => count?.value.least === 0);
  const isMarked = operands.some(({ word, name }) => !PLAIN_WORD.test(word.placeholder?.value ?? name));
  if (optional < 0 || !isMarked) return [];
  return operands
    .slice(optional + 1)
    .filter(
      ({ word, name, count }) =>
        count?.value.least !== 0 &&
        PLAIN_WORD.test(word.placeholder?.value ?? name) &&
        !listed.has(operandKey(name)),
    );
}

/** The words of the heads of an entry. */
function wordsOfNames({ declaring }: OptionEntry): string[] {
  return declaring.flatMap(({ line, declaration }) => wordsOf(line.text.slice(line.first, declaration.end)));
}

function wordsOf(text: string): string[] {
  return text.split(/[^\p{L}\p{N}_-]+/u).map(operandKey);
}

/** A name without brackets, marks and case. */

import type { AuditView } from '../audit-view.ts';
import { declaredWords, isInTexts } from './declared-words.ts';

/**
 * Whether most of the defaults and allowed values that are declared stand in the texts: then no parser adds them to what it prints, and one that is not told is
 * not shown.
 */
export function tellsByHand(view: AuditView): boolean {
  const { parser, sources } = view.interface;
  // Help shows what there is, and a parser that is known may add to it.
  if (parser !== undefined || sources.some(({ kind }) => kind !== 'document')) return false;
  const facts = declaredWords(view).flatMap((declared) => {
    const { default: literal, values } = declared.word;
    const all = values?.value ?? [];
    return [
      ...(literal === undefined
        ? []
        : [isInTexts(declared, literal.value) && declared.texts.some((text) => /\bdefault/i.test(text))]),
      ...(all.length === 0 ? [] : [all.every(({ value }) => isInTexts(declared, value))]),
    ];
  });
  return facts.some((isTold) => isTold) && facts.filter((isTold) => isTold).length * 2 >= facts.length;
}

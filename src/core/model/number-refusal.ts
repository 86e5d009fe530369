import type { ValueWord } from './argument.ts';

/**
 * What a text would have to be to stand for a word that is stated to be a number (`a whole number`, `from 1 to 40`); undefined
 * where it may, or where the word is not known to be a number. Bounds that are only inferred do not count.
 */
export function numberRefusal({ type, range }: ValueWord, text: string): string | undefined {
  if (type === undefined || type.basis === 'inferred') return undefined;
  if (type.value === 'integer' && !/^[+-]?\d+$/.test(text)) return 'a whole number';
  if (type.value === 'number' && !/^[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?$/.test(text)) return 'a number';
  const isNumber = type.value === 'integer' || type.value === 'number';
  if (!isNumber || range === undefined || range.basis === 'inferred') return undefined;
  const { least, most } = range.value;
  const number = Number(text);
  const isIn = (typeof least !== 'number' || number >= least) && (typeof most !== 'number' || number <= most);
  return isIn ? undefined : `a number from ${least ?? 'any'} to ${most ?? 'any'}`;
}

import type { ValueType, ValueWord } from './argument.ts';

/**
 * What a text would have to be to stand for a word that is stated to be a number (`a whole number`, `from 1 to 40`); undefined
 * where it may, or where the word is not known to be a number. Bounds that are only inferred do not count. Of a word that has bounds and no type, which may
 * also be `auto` or `5s`, numbers alone are judged.
 */
export function numberRefusal({ type, range }: ValueWord, text: string): string | undefined {
  if (type?.basis === 'inferred') return undefined;
  if (type?.value === 'integer' && !/^[+-]?\d+$/.test(text)) return 'a whole number';
  if (type?.value === 'number' && !NUMBER.test(text)) return 'a number';
  const isNumber = type === undefined ? NUMBER.test(text) : NUMBER_TYPES.has(type.value);
  if (!isNumber || range === undefined || range.basis === 'inferred') return undefined;
  const { least, most } = range.value;
  const number = Number(text);
  const isIn = (typeof least !== 'number' || number >= least) && (typeof most !== 'number' || number <= most);
  return isIn ? undefined : `a number from ${least ?? 'any'} to ${most ?? 'any'}`;
}

const NUMBER = /^[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?$/;

const NUMBER_TYPES: ReadonlySet<ValueType> = new Set(['integer', 'number']);

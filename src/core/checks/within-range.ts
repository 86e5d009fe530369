import type { Range } from '../model/argument.ts';

/** Whether a number is within bounds; a bound that is not said, or is none, holds nothing back. */
export function isWithin(number: number, { least, most }: Range): boolean {
  return (typeof least !== 'number' || number >= least) && (typeof most !== 'number' || number <= most);
}

import { makeValueWord } from '../../model/argument.ts';
import { stated } from '../../model/fact.ts';
import type { ItemList } from '../../model/item-list.ts';
import type { Operand } from '../../model/operand.ts';
import type { Place } from '../../source/source.ts';

/** How many operands a script lets through. */
export interface OperandBounds {
  readonly least: number | undefined;
  /** Undefined where there may be any number. */
  readonly most: number | undefined;
  readonly place: Place;
}

/** A variable that an operand is assigned to. */
export interface NamedOperand {
  readonly name: string;
  readonly place: Place;
}

/** More operands than these are not told one by one. */
const COUNT_LIMIT = 9;

/** The operands that bounds allow, each with the name of the variable that it is assigned to, by its index, where there is one. */
export function operandsWithin(
  { least = 0, most, place }: OperandBounds,
  assignedTo: (index: number) => NamedOperand | undefined,
): ItemList<Operand> {
  const count = most ?? Math.max(1, least);
  if (count > COUNT_LIMIT) return { items: [], complete: undefined };
  const items = Array.from({ length: count }, (_, i): Operand => {
    const isLast = i === count - 1;
    const bound = { least: i < least ? 1 : 0, most: isLast && most === undefined ? null : 1 };
    const assigned = assignedTo(i);
    return {
      kind: 'word',
      name: assigned?.name.toUpperCase() ?? (count === 1 ? 'WORD' : `WORD${i + 1}`),
      word: makeValueWord(),
      vocabulary: [],
      count: stated(bound, place),
      help: undefined,
      place: assigned === undefined ? place : assigned.place,
    };
  });
  return { items, complete: most === undefined ? undefined : stated(true, place) };
}

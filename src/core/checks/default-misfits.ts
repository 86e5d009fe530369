import type { ValueWord } from '../model/argument.ts';
import { unquoted } from '../notation/prose-default.ts';
import { areOtherUnits, unitCalled } from '../notation/told-unit.ts';

/** The unit that a placeholder names, where the default has another of its kind; undefined where they agree or one names none: `SECONDS`, and `10 minutes`. */
export function otherUnit({ placeholder, default: literal }: ValueWord): string | undefined {
  const counted = placeholder?.value.replace(/[<>[\]]/g, '') ?? '';
  // A letter may be a suffix that the program takes.
  const [, told] =
    /^\d+(?:\.\d+)? ?([a-z]{2,})$/i.exec(literal === undefined ? '' : unquoted(literal.value)) ?? [];
  const [own, other] = [unitCalled(counted), unitCalled(told ?? '')];
  return own !== undefined && other !== undefined && areOtherUnits(own, other)
    ? counted.toLowerCase()
    : undefined;
}

/** Numbers that are written out; `one` and `none` may begin a sentence. */
const WRITTEN_OUT = /^(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|twenty|hundred)$/i;

/** Whether a default is a word where the help calls the argument a number. */
export function isWordForNumber(literal: string, { type, placeholder, values }: ValueWord): boolean {
  if (values !== undefined || !/^[a-z]{3,}$/i.test(literal)) return false;
  if (WRITTEN_OUT.test(literal)) return true;
  const isNumber =
    type?.value === 'integer' ||
    type?.value === 'number' ||
    /^[<[]?(?:n|num|number|int|integer|float|double|uint\d*)[>\]]?$/i.test(placeholder?.value ?? '');
  return (
    isNumber && /^(?:many|few|some|several|once|twice|large|small|big|high|low|text|string)$/i.test(literal)
  );
}

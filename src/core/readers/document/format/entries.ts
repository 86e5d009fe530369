import { collection, type Entry } from '../../../structured/shape/collection.ts';
import { either, mapped } from '../../../structured/shape/lists.ts';
import { type Fields, type PlacedRecord, record } from '../../../structured/shape/record.ts';
import { notation, nothing, text } from '../../../structured/shape/scalars.ts';
import type { Placed, Shape } from '../../../structured/shape/shape.ts';

interface EntryOptions<F extends Fields> {
  /** What messages call the whole, such as `options`. */
  readonly expected: string;
  /** What messages call one of them, such as `an option`. */
  readonly one: string;
  readonly fields: F;
  /** The key that a text alone stands for. */
  readonly short: keyof F & string;
  /** The key that holds the name where things stand in a list. */
  readonly nameKey: string;
  readonly nameStart?: string;
  /** Whether an item of a list may go without that key. */
  readonly nameOptional?: boolean;
  /** What `inferred` may name besides keys. */
  readonly marks?: readonly string[];
}

/**
 * Things with names, in short where a text says all: `NAME: help`, `NAME:`, `NAME: {...}`; or a list of names and of mappings that
 * hold the name too.
 */
export function entries<F extends Fields>(
  options: EntryOptions<F>,
): Shape<Placed<readonly Entry<PlacedRecord<F>>[]>> {
  const { expected, one, fields, short, nameKey, nameStart, nameOptional = false, marks = [] } = options;
  const value = either(
    mapped(nothing, ({ place }) => plain<F>({}, place)),
    mapped(text, (said) => plain<F>({ [short]: said } as PlacedRecord<F>['said'], said.place)),
    record(`a mapping that describes ${one}`, fields, { marks }),
  );
  const full = record(
    `a mapping that describes ${one}`,
    { ...fields, [nameKey]: notation },
    {
      marks,
      required: nameOptional ? [] : [nameKey],
    },
  );
  const item = either(
    mapped(notation, (name) => ({ name, value: plain<F>({}, name.place) })),
    mapped(full, (recorded) => ({
      name: (
        recorded.said as {
          readonly [key: string]: typeof notation extends Shape<infer T> ? T | undefined : never;
        }
      )[nameKey],
      value: recorded as unknown as PlacedRecord<F>,
    })),
  );
  return collection({
    expected,
    value: { ...value, expected: `a text, or a mapping that describes ${one}` },
    item: { ...item, expected: `${one} by name, or a mapping with the key '${nameKey}'` },
    ...(nameStart === undefined ? {} : { nameStart }),
  });
}

function plain<F extends Fields>(
  said: PlacedRecord<F>['said'],
  place: PlacedRecord<F>['place'],
): PlacedRecord<F> {
  return { said, place, basisOf: () => 'stated' };
}

import type { Fact } from '../../../model/fact.ts';
import { either, mapped } from '../../../structured/shape/lists.ts';
import { record } from '../../../structured/shape/record.ts';
import type { Placed, Shape } from '../../../structured/shape/shape.ts';

/** One of several facts: a value that is stated, or a mapping with `value` and how it is known. */
export function factItem<T>(shape: Shape<Placed<T>>): Shape<Fact<T>> {
  return either(
    mapped(shape, ({ value, place }): Fact<T> => ({ value, basis: 'stated', place })),
    mapped(
      record('a mapping with the key value', { value: shape }, { required: ['value'] }),
      ({ said, basisOf }): Fact<T> | undefined =>
        said.value === undefined ? undefined : { ...said.value, basis: basisOf('value') },
    ),
  );
}

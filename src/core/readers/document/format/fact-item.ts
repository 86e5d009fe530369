import type { Fact } from '../../../model/fact.ts';
import { either, mapped } from '../shape/lists.ts';
import { record } from '../shape/record.ts';
import type { Said, Shape } from '../shape/shape.ts';

/** One of several facts: a value that is stated, or a mapping with `value` and how it is known. */
export function factItem<T>(shape: Shape<Said<T>>): Shape<Fact<T>> {
  return either(
    mapped(shape, ({ value, place }): Fact<T> => ({ value, basis: 'stated', place })),
    mapped(
      record('a mapping with the key value', { value: shape }, { required: ['value'] }),
      ({ said, basisOf }): Fact<T> | undefined =>
        said.value === undefined ? undefined : { ...said.value, basis: basisOf('value') },
    ),
  );
}

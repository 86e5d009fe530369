import { type AllowedValue, bareValue } from '../../model/argument.ts';
import type { Knowable } from '../../model/fact.ts';
import type { TextFlow } from './text-flow.ts';
import type { TextNotations } from './text-notations.ts';

/** The allowed values that a text's notations list, each with its place. */
export function allowedValues(notations: TextNotations, flow: TextFlow): Knowable<AllowedValue[]> {
  const { values } = notations;
  if (values === undefined) return undefined;
  return {
    ...values,
    value: values.value.map(({ value, start, end }) => bareValue(value, flow.span(start, end))),
  };
}

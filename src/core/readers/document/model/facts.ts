import type { Deprecation } from '../../../model/argument.ts';
import type { Fact, Knowable } from '../../../model/fact.ts';
import { type AnyRecord, factOf } from '../../../structured/shape/record.ts';
import type { Placed } from '../../../structured/shape/shape.ts';
import type { DeprecationRecord } from '../format/word-format.ts';

/** A text as a fact; undefined where it is left empty or not said. */
export function textFact(
  from: AnyRecord,
  key: string,
  said: Placed<string | null> | undefined,
): Knowable<string> {
  return said === undefined || said.value === null
    ? undefined
    : factOf(from, key, { ...said, value: said.value });
}

/** A deprecation as a fact: `true` says nothing more than that. */
export function deprecationOf(
  from: AnyRecord,
  said: Placed<true> | DeprecationRecord | undefined,
): Knowable<Deprecation> {
  if (said === undefined) return undefined;
  const value: Deprecation =
    'said' in said
      ? {
          since: factOf(said, 'since', said.said.since),
          replacedBy: factOf(said, 'replaced-by', said.said['replaced-by']),
        }
      : { since: undefined, replacedBy: undefined };
  return { value, basis: from.basisOf('deprecated'), place: said.place };
}

/** Facts of a list, known as the record says where they do not say themselves. */
export function factsOf<T>(
  from: AnyRecord,
  key: string,
  said: Placed<readonly Fact<T>[]> | undefined,
): Fact<T>[] {
  const basis = from.basisOf(key);
  return (said?.value ?? []).map((fact) => (fact.basis === 'stated' ? { ...fact, basis } : fact));
}

import type { Knowable } from './fact.ts';

/** The fact to go by where two sources may say it: the first, unless it is only inferred and the other is not. */
export function prefer<T>(first: Knowable<T>, second: Knowable<T>): Knowable<T> {
  if (first === undefined) return second;
  return first.basis === 'inferred' && second !== undefined && second.basis !== 'inferred' ? second : first;
}

/** Two lists as one, without things of the second that the first has; `keyOf` tells what makes two things the same. */
export function unite<T>(
  first: readonly T[],
  second: readonly T[],
  keyOf: (thing: T) => string,
  joinTwo: (a: T, b: T) => T = (a) => a,
): T[] {
  // What stands twice in one source stays twice, whichever of the two it is.
  const result = [...first];
  const indexes = new Map(result.map((thing, i) => [keyOf(thing), i] as const).reverse());
  for (const thing of second) {
    const at = indexes.get(keyOf(thing));
    const known = at === undefined ? undefined : result[at];
    if (at === undefined || known === undefined) result.push(thing);
    else result[at] = joinTwo(known, thing);
  }
  return result;
}

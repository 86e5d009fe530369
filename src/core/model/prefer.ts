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
  const byKey = new Map<string, T>();
  const before = first.length;
  for (const [i, thing] of [...first, ...second].entries()) {
    // What stands twice in one source stays twice.
    const key = i < before ? uniqueKey(byKey, keyOf(thing)) : keyOf(thing);
    const known = byKey.get(key);
    byKey.set(key, known === undefined ? thing : joinTwo(known, thing));
  }
  return [...byKey.values()];
}

function uniqueKey(known: ReadonlyMap<string, unknown>, key: string): string {
  let unique = key;
  while (known.has(unique)) unique += '\0';
  return unique;
}

import type { Place } from '../source/source.ts';

/**
 * How a fact is known: a source says it (`stated`), its surroundings make it likely (`inferred`), or a real run
 * showed it (`observed`). No error-level finding rests on an inferred fact.
 */
export type Basis = 'stated' | 'inferred' | 'observed';

/** Something known of an interface. What is not known is `undefined` instead, and never guessed to be false. */
export interface Fact<T> {
  readonly value: T;
  readonly basis: Basis;
  readonly place: Place;
}

/** A fact that a source may lack: undefined means "not said", never "no". */
export type Knowable<T> = Fact<T> | undefined;

export function stated<T>(value: T, place: Place): Fact<T> {
  return { value, basis: 'stated', place };
}

export function inferred<T>(value: T, place: Place): Fact<T> {
  return { value, basis: 'inferred', place };
}

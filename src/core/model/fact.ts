import type { Place } from '../source/source.ts';

/**
 * How a fact is known: a source says it (`stated`), its surroundings make it likely (`inferred`), or a real run
 * showed it (`observed`). No error-level finding rests on an inferred fact.
 */
export type Basis = 'stated' | 'inferred' | 'observed';

/** Something known of an interface. What is not known is `undefined` instead, and never guessed to be false. */
export interface Fact<T> {
  /** What is known. */
  readonly value: T;
  /** How it is known. */
  readonly basis: Basis;
  /** Where a source says so; null where it stands nowhere in a text. */
  readonly place: Place;
}

/** A fact that a source may lack: undefined means "not said", never "no". */
export type Knowable<T> = Fact<T> | undefined;

/** A fact that a source says. */
export function stated<T>(value: T, place: Place): Fact<T> {
  return { value, basis: 'stated', place };
}

/** A fact that its surroundings make likely. */
export function inferred<T>(value: T, place: Place): Fact<T> {
  return { value, basis: 'inferred', place };
}

/** A fact that a real run showed. */
export function observed<T>(value: T, place: Place): Fact<T> {
  return { value, basis: 'observed', place };
}

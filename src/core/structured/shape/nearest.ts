import { closest, distance } from 'fastest-levenshtein';

/** Longer words are compared only so far. */
const COMPARED = 60;

/** The word of a list that somebody most likely meant; undefined where none is near. */
export function nearest(found: string, words: readonly string[]): string | undefined {
  const start = found.slice(0, COMPARED);
  const near = closest(start, [...words]);
  return distance(start, near) <= Math.max(2, near.length / 2) ? near : undefined;
}

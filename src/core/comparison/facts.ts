import type { Fact, Knowable } from '../model/fact.ts';
import { saysTheSame } from '../model/same.ts';

/** Both facts where both versions have one and they differ; undefined where they agree or one is lacking: not said is not "no". */
export function differing<T>(before: Knowable<T>, after: Knowable<T>): [Fact<T>, Fact<T>] | undefined {
  if (before === undefined || after === undefined || saysTheSame(before.value, after.value)) return undefined;
  return [before, after];
}

/** Whether facts are said or observed, none only made likely. */
export function areStated(...facts: readonly Knowable<unknown>[]): boolean {
  return facts.every((fact) => fact === undefined || fact.basis !== 'inferred');
}

/** Whether two texts differ in more than how they are wrapped. */
export function textDiffers(before: string | undefined, after: string | undefined): boolean {
  return before !== after && unwrapped(before) !== unwrapped(after);
}

/** A text as it would stand in one line; empty where there is none. */
export function unwrapped(text: string | undefined): string {
  return (text ?? '').replace(/\s+/g, ' ').trim();
}

import { groupedBy } from '../collections/grouped.ts';
import { listKey } from '../collections/list-key.ts';
import type { Invocation, UsedAbbreviation } from './find-callers.ts';

/** An abbreviation that callers rely on. */
export interface RelianceOn extends Omit<UsedAbbreviation, 'place'> {
  /** Each use, in the order of the files. */
  readonly uses: readonly UsedAbbreviation[];
}

/** The abbreviations that calls rely on, the most used first. */
export function usedAbbreviations(invocations: readonly Invocation[]): RelianceOn[] {
  const all = invocations.flatMap(({ abbreviations }) => abbreviations);
  const groups = groupedBy(all, ({ text, name, command }) => listKey([...command, text, name]));
  return [...groups.values()]
    .flatMap((uses) => {
      const [first] = uses;
      if (first === undefined) return [];
      const { role, text, name, command } = first;
      return [{ role, text, name, command, uses }];
    })
    .sort((a, b) => b.uses.length - a.uses.length);
}

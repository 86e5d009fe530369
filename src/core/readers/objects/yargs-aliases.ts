import { membersOf, textsOf } from './object-access.ts';

/** The names of each option, by each of them: the parser unites all names that a chain of aliases joins, in whichever direction each was declared. */
export function aliasGroups(aliases: unknown): ReadonlyMap<string, readonly string[]> {
  const groups = new Map<string, string[]>();
  for (const [key, others] of membersOf(aliases)) {
    const joined = new Set<string>();
    for (const name of [key, ...textsOf(others)])
      for (const one of groups.get(name) ?? [name]) joined.add(one);
    const group = [...joined];
    for (const name of group) groups.set(name, group);
  }
  return groups;
}

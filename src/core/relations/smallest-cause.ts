import type { Component } from './components.ts';
import type { ClauseGroup } from './formula.ts';
import { type Clause, isSatisfiable, type Literal, type Steps } from './satisfy.ts';

/** How many sets of relations are tried before the search settles for one of which nothing can be left out. */
const SETS_TRIED = 20_000;

/**
 * The smallest set of groups that leaves no command line on which the literals hold, found by trying connected sets in the
 * order of their size; where there are too many, a set of which no group can be left out. All groups together must leave
 * none.
 */
export function smallestCause(
  component: Component,
  literals: readonly Literal[],
  steps: Steps,
): ClauseGroup[] {
  const isCause = (groups: readonly ClauseGroup[]) =>
    satisfiableWith(component, groups, literals, steps) === false;
  if (isCause([])) return [];
  if (!steps.take(component.groups.length)) return [...component.groups];
  const neighbours = component.groups.map((group) => variablesOf(group.clauses));
  const reached = reachedBy(literals, component.structure);
  let sets: { readonly picked: readonly number[]; readonly touched: ReadonlySet<number> }[] = [
    { picked: [], touched: reached },
  ];
  let tried = 0;
  for (let size = 1; size <= component.groups.length; size++) {
    const next: typeof sets = [];
    const seen = new Set<string>();
    for (const { picked, touched } of sets) {
      for (const [i, own] of neighbours.entries()) {
        // Without literals to start from, any group may be the first.
        const isConnected = touched.size === 0 || [...own].some((variable) => touched.has(variable));
        if (picked.includes(i) || !isConnected) continue;
        const more = [...picked, i].sort((a, b) => a - b);
        const key = more.join();
        if (seen.has(key)) continue;
        seen.add(key);
        if (++tried > SETS_TRIED) return irreducible(component.groups, isCause);
        const groups = more.map((at) => component.groups[at]).filter((group) => group !== undefined);
        if (isCause(groups)) return groups;
        const all = new Set([...touched, ...own]);
        next.push({ picked: more, touched: reachedBy([...all], component.structure) });
      }
    }
    sets = next;
  }
  return irreducible(component.groups, isCause);
}

/** Leaves out every group without which the others are still a cause. */
function irreducible(
  groups: readonly ClauseGroup[],
  isCause: (groups: readonly ClauseGroup[]) => boolean,
): ClauseGroup[] {
  let kept = [...groups];
  for (const group of groups) {
    const without = kept.filter((one) => one !== group);
    if (isCause(without)) kept = without;
  }
  return kept;
}

/** Whether a command line can hold all the literals under some of a component's groups; undefined where that took too long. */
export function satisfiableWith(
  component: Component,
  groups: readonly ClauseGroup[],
  literals: readonly Literal[],
  steps: Steps,
): boolean | undefined {
  // To put the clauses together is work too.
  if (!steps.take(groups.length + component.structure.length)) return undefined;
  const clauses: Clause[] = [
    ...literals.map((literal) => [literal]),
    ...component.structure,
    ...groups.flatMap((group) => group.clauses),
  ];
  return isSatisfiable(clauses, steps);
}

function variablesOf(clauses: readonly Clause[]): Set<number> {
  return new Set(clauses.flat().map(Math.abs));
}

/** The variables of literals, and those that the structure ties to them. */
function reachedBy(literals: readonly Literal[], structure: readonly Clause[]): Set<number> {
  const reached = new Set(literals.map(Math.abs));
  for (let before = -1; before < reached.size; ) {
    before = reached.size;
    for (const clause of structure) {
      if (clause.some((literal) => reached.has(Math.abs(literal))))
        for (const one of clause) reached.add(Math.abs(one));
    }
  }
  return reached;
}

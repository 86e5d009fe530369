import { addTo, groupedBy } from '../collections/grouped.ts';
import type { ClauseGroup, Formula } from './formula.ts';
import type { Clause } from './satisfy.ts';

/** A part of a formula that shares no variable with the rest. */
export interface Component {
  /** The variables by number, from 1. */
  readonly variables: readonly number[];
  readonly groups: readonly ClauseGroup[];
  readonly structure: readonly Clause[];
}

/** Parts a formula into components, in the order of their first variable. */
export function componentsOf(formula: Formula): Component[] {
  const parent = formula.variables.map((_, i) => i + 1);
  const rootOf = (variable: number): number => {
    let root = variable;
    while (parent[root - 1] !== root) {
      const next = parent[root - 1] ?? root;
      // Half the way for who comes next, so that no chain grows long.
      parent[root - 1] = parent[next - 1] ?? next;
      root = next;
    }
    return root;
  };
  const clauses = [...formula.groups.flatMap((group) => group.clauses), ...formula.structure];
  for (const clause of clauses) {
    const first = rootOf(Math.abs(clause[0] ?? 0));
    for (const literal of clause) parent[rootOf(Math.abs(literal)) - 1] = first;
  }
  // A relation with several clauses binds them all, though they share no variable.
  for (const { clauses: own } of formula.groups) {
    const first = own[0]?.[0];
    if (first === undefined) continue;
    for (const clause of own) parent[rootOf(Math.abs(clause[0] ?? first)) - 1] = rootOf(Math.abs(first));
  }
  const members = new Map<number, number[]>();
  for (const [i] of formula.variables.entries()) addTo(members, rootOf(i + 1), i + 1);
  const rootOfClause = (clause: Clause | undefined) =>
    clause?.[0] === undefined ? undefined : rootOf(Math.abs(clause[0]));
  const groups = groupedBy(formula.groups, (group) => rootOfClause(group.clauses[0]));
  const structure = groupedBy(formula.structure, rootOfClause);
  return [...members].map(([root, variables]) => ({
    variables,
    groups: groups.get(root) ?? [],
    structure: structure.get(root) ?? [],
  }));
}

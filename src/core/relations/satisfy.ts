/** A variable with its sign: `n` for the variable n - 1 being true, `-n` for false. */
export type Literal = number;

/** Literals of which one must hold. */
export type Clause = readonly Literal[];

/** How much work searches may do together before they give up, counted in clauses looked at. */
export class Steps {
  #left: number;

  constructor(limit: number) {
    this.#left = limit;
  }

  /** Takes some; false where not so many are left. */
  take(count: number): boolean {
    this.#left -= count;
    return this.#left >= 0;
  }
}

/**
 * Whether some assignment makes all clauses hold, by search with unit propagation (Davis, Putnam, Logemann, Loveland);
 * undefined where the steps ran out before that was known.
 */
export function isSatisfiable(clauses: readonly Clause[], steps: Steps): boolean | undefined {
  const literals = clauses.reduce((sum, clause) => sum + clause.length, clauses.length + 1);
  return search(clauses, new Map(), literals, steps);
}

/** What each variable is so far; one that is not in it may be either. */
type Values = Map<number, boolean>;

/** `literals` is what one look at all clauses costs. */
function search(
  clauses: readonly Clause[],
  values: Values,
  literals: number,
  steps: Steps,
): boolean | undefined {
  const trail: number[] = [];
  const undo = () => {
    for (const variable of trail) values.delete(variable);
  };
  let open: Literal | undefined;
  for (let changed = true; changed; ) {
    changed = false;
    open = undefined;
    if (!steps.take(literals)) {
      undo();
      return undefined;
    }
    for (const clause of clauses) {
      const state = clauseState(clause, values);
      if (state === 'broken') {
        undo();
        return false;
      }
      if (state === 'holds') continue;
      open ??= state.literal;
      if (!state.isUnit) continue;
      const variable = Math.abs(state.literal);
      values.set(variable, state.literal > 0);
      trail.push(variable);
      changed = true;
    }
  }
  if (open === undefined) {
    undo();
    return true;
  }
  const variable = Math.abs(open);
  let known: boolean | undefined = false;
  for (const value of [open > 0, open < 0]) {
    values.set(variable, value);
    const found = search(clauses, values, literals, steps);
    values.delete(variable);
    if (found === true) {
      undo();
      return true;
    }
    if (found === undefined) known = undefined;
  }
  undo();
  return known;
}

function clauseState(
  clause: Clause,
  values: Values,
): 'holds' | 'broken' | { readonly literal: Literal; readonly isUnit: boolean } {
  let free: Literal | undefined;
  let count = 0;
  for (const literal of clause) {
    const value = values.get(Math.abs(literal));
    if (value === undefined) {
      free ??= literal;
      count++;
    } else if (value === literal > 0) return 'holds';
  }
  return free === undefined ? 'broken' : { literal: free, isUnit: count === 1 };
}

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
export function isSatisfiable(
  clauses: readonly Clause[],
  variables: number,
  steps: Steps,
): boolean | undefined {
  return search(clauses, new Int8Array(variables + 1), steps);
}

function search(clauses: readonly Clause[], values: Int8Array, steps: Steps): boolean | undefined {
  const trail: number[] = [];
  const undo = () => {
    for (const variable of trail) values[variable] = 0;
  };
  let open: Literal | undefined;
  for (let changed = true; changed; ) {
    changed = false;
    open = undefined;
    if (!steps.take(clauses.length + 1)) {
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
      values[variable] = state.literal > 0 ? 1 : -1;
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
  for (const value of open > 0 ? [1, -1] : [-1, 1]) {
    values[variable] = value;
    const found = search(clauses, values, steps);
    values[variable] = 0;
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
  values: Int8Array,
): 'holds' | 'broken' | { readonly literal: Literal; readonly isUnit: boolean } {
  let free: Literal | undefined;
  let count = 0;
  for (const literal of clause) {
    const value = values[Math.abs(literal)] ?? 0;
    if (value === 0) {
      free ??= literal;
      count++;
    } else if (value > 0 === literal > 0) return 'holds';
  }
  return free === undefined ? 'broken' : { literal: free, isUnit: count === 1 };
}

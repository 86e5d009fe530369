import type { Member, Relation } from '../model/relation.ts';
import type { CommandAt } from '../model/walk.ts';
import { type Component, componentsOf } from './components.ts';
import { type Cause, type ClauseGroup, type Formula, formulaOf, type Variable } from './formula.ts';
import { Steps } from './satisfy.ts';
import { satisfiableWith, smallestCause } from './smallest-cause.ts';

/** Components with so many members and rules at the most are decided exactly, whatever it takes. */
const EXACT_MEMBERS = 20;
const EXACT_RULES = 100;

/** How much work a larger component is worth, in options and operands of clauses looked at. */
const BOUNDED_STEPS = 50_000_000;

/** Options, or options with a value, that no valid command line can hold. */
export interface NeverUsable {
  /** What no valid command line can hold. */
  readonly members: readonly Variable[];
  /** The smallest set of relations that rules them out. */
  readonly causes: readonly Cause[];
}

/** A relation that could go without a command line becoming valid or invalid. */
export interface WithoutEffect {
  /** The relation that changes nothing. */
  readonly relation: Relation;
  /** The relations that say as much already; empty where it can never fail. */
  readonly causes: readonly Cause[];
}

/** What follows from the relations of one command. */
export interface RelationVerdicts {
  /** Whether no command line is valid at all, and why. */
  readonly impossible: readonly Cause[] | undefined;
  /** Options, values and operands that no valid command line can hold. */
  readonly neverUsable: readonly NeverUsable[];
  /** Relations that change nothing. */
  readonly withoutEffect: readonly WithoutEffect[];
  /** Relations with a member that the interface does not have. */
  readonly unknownMembers: readonly {
    /** The relation. */
    readonly relation: Relation;
    /** The member that is not there. */
    readonly member: Member;
  }[];
  /** How many options, operands and relations belong to parts that were too large to decide. */
  readonly undecided: number;
  /** How many relations and requirements were judged. */
  readonly judged: number;
}

/**
 * Decides which options no valid command line of a command can hold, and which relations change nothing: exactly for parts of up to
 * 20 options and operands that relations tie together; for larger ones within a bound of steps. Inferred relations do not
 * count.
 */
export function judgeRelations(at: CommandAt): RelationVerdicts {
  const formula = formulaOf(at);
  const judged = formula.groups.length + formula.unknown.length;
  const verdicts = componentsOf(formula).map((component) => judgeComponent(component, formula));
  const impossible = verdicts.find((verdict) => verdict.impossible !== undefined)?.impossible;
  const trivial = formula.groups.flatMap(({ cause, clauses }) =>
    clauses.length === 0 ? effectless(cause) : [],
  );
  return {
    impossible,
    // On a command without a valid command line, all else follows from that.
    neverUsable: impossible === undefined ? verdicts.flatMap((verdict) => verdict.neverUsable) : [],
    withoutEffect:
      impossible === undefined ? [...trivial, ...verdicts.flatMap((verdict) => verdict.withoutEffect)] : [],
    unknownMembers: formula.unknown,
    undecided: verdicts.reduce((sum, verdict) => sum + verdict.undecided, formula.tooLarge),
    judged,
  };
}

/** A relation that puts no clause on the command line; of the order of options, `later-wins` says something all the same. */
function effectless(cause: Cause): WithoutEffect[] {
  if (cause.kind !== 'relation') return [];
  const { relation } = cause;
  const names = new Set(relation.members.map(({ name, value }) => `${name}=${value ?? ''}`));
  return relation.kind === 'later-wins' && names.size > 1 ? [] : [{ relation, causes: [] }];
}

type ComponentVerdict = Pick<RelationVerdicts, 'impossible' | 'neverUsable' | 'withoutEffect' | 'undecided'>;

const NOTHING: ComponentVerdict = { impossible: undefined, neverUsable: [], withoutEffect: [], undecided: 0 };

function judgeComponent(component: Component, formula: Formula): ComponentVerdict {
  const { groups, variables } = component;
  const isExact = variables.length <= EXACT_MEMBERS && groups.length <= EXACT_RULES;
  const steps = new Steps(isExact ? Number.POSITIVE_INFINITY : BOUNDED_STEPS);
  const undecided = { ...NOTHING, undecided: variables.length };
  const isPossible = satisfiableWith(component, groups, [], steps);
  if (isPossible === undefined) return undecided;
  if (!isPossible) {
    return { ...NOTHING, impossible: causesOf(smallestCause(component, [], steps)) };
  }
  const optionVariables = new Map(
    variables.flatMap((variable) => {
      const own = formula.variables[variable - 1];
      return own?.kind === 'option' ? [[own.option, variable] as const] : [];
    }),
  );
  const usable = new Map<number, boolean>();
  for (const variable of variables) {
    const verdict = satisfiableWith(component, groups, [variable], steps);
    if (verdict === undefined) return undecided;
    usable.set(variable, verdict);
  }
  const ruledOut = variables.filter(
    (variable) =>
      usable.get(variable) === false &&
      isReported(formula.variables[variable - 1], (option) => usable.get(optionVariables.get(option) ?? 0)),
  );
  const found = ruledOut.map((variable) => ({
    variable: formula.variables[variable - 1],
    groups: smallestCause(component, [variable], steps),
  }));
  const withoutEffect = redundant(component, usable, steps);
  // Where the work ran out in between, what was found may not be the smallest cause.
  return steps.take(0) ? { ...NOTHING, neverUsable: firstCauses(found), withoutEffect } : undecided;
}

/** An operand is no option; and of a value nothing is said where its option is ruled out already. */
function isReported(
  own: Variable | undefined,
  isUsable: (option: Variable['option']) => boolean | undefined,
): boolean {
  if (own === undefined || own.kind === 'operand') return false;
  return own.kind === 'option' || isUsable(own.option) !== false;
}

interface RuledOut {
  readonly variable: Variable | undefined;
  readonly groups: readonly ClauseGroup[];
}

/** What has one cause is one verdict; what follows from a smaller cause of another is left out. */
function firstCauses(found: readonly RuledOut[]): NeverUsable[] {
  const contains = (a: RuledOut, b: RuledOut) => b.groups.every((group) => a.groups.includes(group));
  const first = found.filter(
    (one) => !found.some((other) => contains(one, other) && other.groups.length < one.groups.length),
  );
  const merged: { readonly groups: readonly ClauseGroup[]; readonly members: Variable[] }[] = [];
  for (const { variable, groups } of first) {
    if (variable === undefined) continue;
    const same = merged.find(
      (other) =>
        other.groups.length === groups.length && groups.every((group) => other.groups.includes(group)),
    );
    if (same === undefined) merged.push({ groups, members: [variable] });
    else same.members.push(variable);
  }
  return merged.map(({ groups, members }) => ({ members, causes: causesOf(groups) }));
}

/** The relations that the others imply, the later of two that say the same; none that speaks of what is ruled out anyway. */
function redundant(
  component: Component,
  usable: ReadonlyMap<number, boolean>,
  steps: Steps,
): WithoutEffect[] {
  const twins = laterTwins(component.groups);
  let kept = component.groups.filter((group) => !twins.has(group));
  const found: WithoutEffect[] = [];
  for (const group of component.groups.toReversed()) {
    if (group.cause.kind !== 'relation') continue;
    if (group.clauses.some((clause) => clause.some((literal) => usable.get(Math.abs(literal)) === false)))
      continue;
    const twin = twins.get(group);
    if (twin !== undefined) {
      found.push({ relation: group.cause.relation, causes: causesOf([twin]) });
      continue;
    }
    if (!steps.take(kept.length)) break;
    const others = kept.filter((other) => other !== group);
    const isImplied = group.clauses.every(
      (clause) =>
        satisfiableWith(
          component,
          others,
          clause.map((literal) => -literal),
          steps,
        ) === false,
    );
    if (!isImplied) continue;
    const within = { ...component, groups: others };
    const implying = new Set(
      group.clauses.flatMap((clause) =>
        smallestCause(
          within,
          clause.map((literal) => -literal),
          steps,
        ),
      ),
    );
    found.push({
      relation: group.cause.relation,
      causes: causesOf(others.filter((other) => implying.has(other))),
    });
    kept = others;
  }
  return found.reverse();
}

/** The relations that say to the letter what an earlier group says, each with that one. */
function laterTwins(groups: readonly ClauseGroup[]): Map<ClauseGroup, ClauseGroup> {
  const first = new Map<string, ClauseGroup>();
  const twins = new Map<ClauseGroup, ClauseGroup>();
  for (const group of groups) {
    const said = JSON.stringify(group.clauses);
    const earlier = first.get(said);
    if (earlier === undefined) first.set(said, group);
    else if (group.cause.kind === 'relation') twins.set(group, earlier);
  }
  return twins;
}

function causesOf(groups: readonly ClauseGroup[]): Cause[] {
  return groups.map((group) => group.cause);
}

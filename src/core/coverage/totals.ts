import { COVERED_KINDS, type CoveredKind, type KindCoverage, type ShellCoverage } from './coverage.ts';

/** How much of one kind of thing is offered. */
export interface KindTotals {
  /** Things of the interface that are offered, and all of them. */
  readonly offered: number;
  /** How many things of the interface are to be offered. */
  readonly expected: number;
  /** `offered` in `expected`, from 0 to 1; null where there is nothing to offer. */
  readonly share: number | null;
  /** How many of them are not. */
  readonly missing: number;
  /** Not found in a script of which a part could not be read. */
  readonly undecided: number;
  /** How many things are offered that the interface does not have. */
  readonly stale: number;
  /** How many things are offered of which it is not known whether the interface has them. */
  readonly unknown: number;
  /** How many options are offered with the wrong kind of argument. */
  readonly wrong: number;
  /** Words offered with a description, and all that are offered. */
  readonly described: number;
  /** How many words are offered. */
  readonly words: number;
}

/** The totals of one shell, by kind. */
export function shellTotals({ commands }: ShellCoverage): Record<CoveredKind, KindTotals> {
  return Object.fromEntries(
    COVERED_KINDS.map((kind) => [kind, totalsOf(commands.map(({ kinds }) => kinds[kind]))]),
  ) as unknown as Record<CoveredKind, KindTotals>;
}

/** The totals of one kind at some commands. */
export function totalsOf(kinds: readonly KindCoverage[]): KindTotals {
  const sum = (count: (kind: KindCoverage) => number) =>
    kinds.reduce((total, kind) => total + count(kind), 0);
  // A thing that is offered by several of its names is one thing.
  const offered = sum((kind) => {
    const withdrawn = new Set(kind.withdrawn);
    return new Set(kind.offered.filter((one) => !withdrawn.has(one)).map(({ thing }) => thing)).size;
  });
  const missing = sum((kind) => kind.missing.length);
  const undecided = sum((kind) => kind.undecided.length);
  const expected = offered + missing + undecided;
  return {
    offered,
    expected,
    share: expected === 0 ? null : offered / expected,
    missing,
    undecided,
    stale: sum((kind) => kind.stale.length),
    unknown: sum((kind) => kind.unknown.length),
    wrong: sum((kind) => kind.wrong.length),
    described: sum((kind) => kind.offered.filter(({ word }) => word.description !== undefined).length),
    words: sum((kind) => kind.offered.length),
  };
}

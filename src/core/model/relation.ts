import type { Place } from '../source/source.ts';
import type { Basis } from './fact.ts';

/** A member of a relation: an option, an option with a given value, or an operand. */
export interface Member {
  readonly kind: 'option' | 'operand';
  readonly name: string;
  /** The option-argument with which the option counts; undefined for any. */
  readonly value: string | undefined;
  readonly place: Place;
}

export type RelationKind =
  | 'exactly-one'
  | 'at-most-one'
  | 'at-least-one'
  | 'all-or-none'
  | 'requires'
  | 'excludes'
  | 'later-wins';

/** A rule about which options and operands go together. For `requires` and `excludes`, `subject` is the one that asks. */
export interface Relation {
  readonly kind: RelationKind;
  readonly subject: Member | undefined;
  readonly members: readonly Member[];
  readonly basis: Basis;
  readonly place: Place;
}

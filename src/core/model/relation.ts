import type { Place } from '../source/source.ts';
import type { Basis } from './fact.ts';

/** A member of a relation: an option, an option with a given value, or an operand. */
export interface Member {
  /** What the name is of. */
  readonly kind: 'option' | 'operand';
  /** A name of the option, hyphens included, or the name of the operand. */
  readonly name: string;
  /** The option-argument with which the option counts; undefined for any. */
  readonly value: string | undefined;
  /** Where it stands. */
  readonly place: Place;
}

/** What a relation says of its members: `requires` and `excludes` are about a subject, the others about all members alike. */
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
  /** What it says. */
  readonly kind: RelationKind;
  /** The member that asks for the others or rules them out; undefined for other kinds. */
  readonly subject: Member | undefined;
  /** The options and operands that it is about. */
  readonly members: readonly Member[];
  /** How it is known. */
  readonly basis: Basis;
  /** Where it stands. */
  readonly place: Place;
}

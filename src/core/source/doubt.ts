import type { Span } from './source.ts';

/** Reasons why a place may have been misread. */
export const DOUBT_REASONS = [
  /** An entry that stands by itself, in another shape than the lines around it. */
  'odd-entry',
  /** Lines right beside it look like entries and could not be read. */
  'beside-unread',
  /** A synopsis that nothing announces, found by its looks. */
  'bare-synopsis',
  /** A synopsis with a word or mark that belongs to no notation. */
  'odd-synopsis',
  /** An entry without a text, right above one whose text may be that of both. */
  'shared-text',
  /** A list of commands that only its place below a synopsis makes one. */
  'odd-list',
  /** An operand whose name stands in the text where the operand was not seen: in a synopsis, or behind an option. */
  'named-elsewhere',
  /** A plain word behind what may be left out in a synopsis: it may be the first of a text. */
  'plain-word',
  /** The text as a whole: of most of its lines nothing is known. */
  'little-read',
] as const;

/** Why a place may have been misread. */
export type DoubtReason = (typeof DOUBT_REASONS)[number];

/** A part of a source that was read one way, where another way is nearly as likely. What rests on it is a note at most. */
export interface Doubt {
  /** The part of the source. */
  readonly place: Span;
  /** Why it may have been misread. */
  readonly reason: DoubtReason;
}

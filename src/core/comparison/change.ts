import type { Json } from '../findings/finding.ts';
import type { Level } from '../findings/level.ts';
import type { Place } from '../source/source.ts';
import type { ChangeKind } from './change-kinds.ts';

/**
 * What a change comes to for callers, the worst first: a command line is accepted as before and means something else; it is refused; it
 * may be one of these, which depends on something that the sources do not say; all that worked still works; or only texts differ.
 */
export const EFFECTS = ['other-meaning', 'refused', 'uncertain', 'compatible', 'wording'] as const;

/** What a change comes to for callers. */
export type Effect = (typeof EFFECTS)[number];

/** Words of the old version, every one from the shorter to the longer, that stood for one thing at one command. */
export interface WordRange {
  /** The command at which they were typed, in the old version. */
  readonly command: readonly string[];
  /** What the words were typed for. */
  readonly scope: 'options' | 'commands' | 'values';
  /** The shortest of the words. */
  readonly from: string;
  /** The longest of the words. */
  readonly to: string;
  /** What they stood for. */
  readonly name: string;
  /** What they begin or are now, sorted; at most 20. */
  readonly after: readonly string[];
}

/** One difference between two versions of an interface. */
export interface Change {
  /** What changed, as a stable name. */
  readonly kind: ChangeKind;
  /** What it comes to for callers. */
  readonly effect: Effect;
  /** `error` where callers break for certain, `warning` where they break by all that is known, `note` where they do not. */
  readonly level: Level;
  /** The path of the command that it concerns: in the old version, or in the new one where it is new. */
  readonly command: readonly string[];
  /** The option, operand, command or other thing, as it is typed. */
  readonly subject: string;
  /** What was; null where there was nothing. */
  readonly before: Json;
  /** What is; null where there is nothing now. */
  readonly after: Json;
  /** One sentence without a full stop: the change, and what it comes to. */
  readonly message: string;
  /** Where it stands in the old version; null where it does not. */
  readonly oldPlace: Place;
  /** Where it stands in the new version; null where it does not. */
  readonly newPlace: Place;
  /** The names and abbreviations that no longer mean what they did because of this change. */
  readonly words: readonly WordRange[];
  /** Those of them that callers are likely to have taken for names. */
  readonly likely: readonly string[];
}

/** What could not be compared, because a list may be a part. */
export interface NotCompared {
  /** The path of the command, the program's name first. */
  readonly command: readonly string[];
  /** Which of its lists may be a part. */
  readonly what: 'options' | 'commands' | 'operands';
  /** The names that the old version has and the new one does not show. */
  readonly names: readonly string[];
  /** Why nothing can be said of them. */
  readonly reason: string;
  /** What to do so that it can be compared. */
  readonly remedy: string;
}

/** The kind of release that changes call for, as semantic versioning has it. */
export const RELEASES = ['major', 'minor', 'patch', 'none'] as const;

/** A kind of release. */
export type Release = (typeof RELEASES)[number];

/** How two versions of an interface differ. */
export interface Comparison {
  /** The worst first; among equals in the order of their places. */
  readonly changes: readonly Change[];
  /** What could not be compared, and what to do so that it can be. */
  readonly notCompared: readonly NotCompared[];
  /** The release that the changes call for; where something was not compared, at least that. */
  readonly release: Release;
}

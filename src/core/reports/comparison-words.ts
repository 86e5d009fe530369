import type { ComparedCallers } from '../callers/changed-calls.ts';
import {
  type Change,
  type Comparison,
  EFFECTS,
  type Effect,
  type NotCompared,
} from '../comparison/change.ts';
import type { Clash } from '../comparison/extension-changes.ts';
import type { WhatIf } from '../comparison/what-if.ts';
import { countOf, listNames } from '../messages/wording.ts';

/** A comparison with what is compared, as reports call it. */
export interface ComparedSides {
  /** Such as `tiffin 1.4 to 2.0`. */
  readonly title: string;
  /** What changed. */
  readonly comparison: Comparison;
  /** Where extensions are compared: what they do to each other. */
  readonly clashes?: readonly Clash[];
  /** Where callers were looked into: what becomes of their calls. */
  readonly callers?: ComparedCallers | undefined;
}

/** What adding a name would do, to the calls that were found too, where some were looked for. */
export interface AnsweredWhatIf extends WhatIf {
  /** What becomes of the calls. */
  readonly callers?: ComparedCallers | undefined;
}

/** `Callers: 2 of 7 calls in 3 files will break`. */
export function callersTitle({ found, changed }: Pick<ComparedCallers, 'found' | 'changed'>): string {
  const total = countOf(found.invocations.length, 'call');
  return `Callers: ${changed.length} of ${total} in ${countOf(found.looked, 'file')} will break`;
}

export const EFFECT_TITLES: Record<Effect, string> = {
  'other-meaning': 'Silently means something else',
  refused: 'No longer accepted',
  uncertain: 'May break callers',
  compatible: 'Breaks nobody',
  wording: 'Texts only',
};

const EFFECT_NOUNS: Record<Effect, readonly [string, string]> = {
  'other-meaning': ['change of meaning', 'changes of meaning'],
  refused: ['refusal', 'refusals'],
  uncertain: ['uncertain change', 'uncertain changes'],
  compatible: ['harmless change', 'harmless changes'],
  wording: ['change of text', 'changes of text'],
};

/** `2 changes of meaning, 5 refusals`. */
export function effectCounts(changes: readonly Change[]): string {
  return EFFECTS.flatMap((effect) => {
    const count = changes.filter((change) => change.effect === effect).length;
    return count === 0 ? [] : [countOf(count, ...EFFECT_NOUNS[effect])];
  }).join(', ');
}

/** `needs a minor release`; at least that where something was not compared, which could need more. */
export function releaseWords({ release, notCompared }: Comparison): string {
  const isLeast = isLeastRelease({ release, notCompared });
  if (release === 'none') return isLeast ? 'needs no release by what was compared' : 'needs no release';
  return `needs ${isLeast ? 'at least ' : ''}a ${release} release`;
}

/** Whether the release is only the least one: what was not compared could need a greater one. */
export function isLeastRelease({
  release,
  notCompared,
}: Pick<Comparison, 'release' | 'notCompared'>): boolean {
  return notCompared.length > 0 && release !== 'major';
}

/** What a list that may be a part does not show, for each command. */
export function notComparedLine({ command, what, names }: NotCompared): string {
  return `${command.join(' ')}: ${what} that the new version does not show: ${listNames(names)}`;
}

import type { DoubtedSources } from '../source/doubted-sources.ts';
import type { Finding } from './finding.ts';

/** A finding as it may be told: one that rests on what may have been misread is a note, and says why. */
export function settledByDoubts<AnyFinding extends Finding>(
  finding: AnyFinding,
  doubted: DoubtedSources,
): AnyFinding {
  if (doubted.isSure) return finding;
  const unsure = doubted.reasonAt([finding.place, ...finding.related.map(({ place }) => place)]);
  return unsure === undefined ? finding : { ...finding, level: 'note', unsure };
}

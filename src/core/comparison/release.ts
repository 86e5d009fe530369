import type { Change, Release } from './change.ts';

/**
 * The release that changes call for (Semantic Versioning 2.0.0, 6 to 8): major where callers break or get another meaning, minor where
 * something was added or may break, patch where only texts differ, and none where nothing does.
 */
export function releaseFor(changes: readonly Change[]): Release {
  const has = (...effects: readonly Change['effect'][]) =>
    changes.some(({ effect }) => effects.includes(effect));
  if (has('other-meaning', 'refused')) return 'major';
  if (has('uncertain', 'compatible')) return 'minor';
  return has('wording') ? 'patch' : 'none';
}

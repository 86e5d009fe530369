import { MisuseError } from '../messages/misuse-error.ts';

/** Levels of a finding, the gravest first, as in SARIF. */
export const LEVELS = ['error', 'warning', 'note'] as const;

/** How grave a finding is. */
export type Level = (typeof LEVELS)[number];

/** Whether a level is at least as grave as another. Throws a MisuseError where that is no level. */
export function isAtLeast(level: Level, threshold: Level): boolean {
  if (!LEVELS.includes(threshold))
    throw new MisuseError({
      argument: 'isAtLeast',
      expected: `one of ${LEVELS.join(', ')}`,
      found: threshold,
      names: LEVELS,
    });
  return LEVELS.indexOf(level) <= LEVELS.indexOf(threshold);
}

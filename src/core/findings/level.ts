/** Levels of a finding, the gravest first, as in SARIF. */
export const LEVELS = ['error', 'warning', 'note'] as const;

export type Level = (typeof LEVELS)[number];

/** Whether a level is at least as grave as another. Throws a TypeError where that is no level. */
export function isAtLeast(level: Level, threshold: Level): boolean {
  if (!LEVELS.includes(threshold))
    throw new TypeError(`'${threshold}' is not a level; expected one of ${LEVELS.join(', ')}`);
  return LEVELS.indexOf(level) <= LEVELS.indexOf(threshold);
}

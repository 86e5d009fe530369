/** Levels of a finding, the gravest first, as in SARIF. */
export const LEVELS = ['error', 'warning', 'note'] as const;

export type Level = (typeof LEVELS)[number];

/** Whether a level is at least as grave as another. */
export function isAtLeast(level: Level, threshold: Level): boolean {
  return LEVELS.indexOf(level) <= LEVELS.indexOf(threshold);
}

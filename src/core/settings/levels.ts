import type { CheckInfo } from '../checks/define-check.ts';
import { areaOf } from '../checks/define-check.ts';
import type { Level } from '../findings/level.ts';
import { isAtLeast } from '../findings/level.ts';
import type { LevelSetting, Settings } from './settings.ts';

/** Whether a check is in the catalogue of the version that the settings keep to, and not off everywhere. */
export function isWanted({ name, since }: Pick<CheckInfo, 'name' | 'since'>, settings: Settings): boolean {
  const { catalogue, commands } = settings;
  if (catalogue !== undefined && since !== undefined && since > catalogue) return false;
  const isOff = levelIn(settings.levels, name) === 'off';
  return !isOff || commands.some(({ levels }) => levelIn(levels, name) !== undefined);
}

/**
 * The level of a finding of a check about a command, as the settings have it; `off` where it is not wanted. The nearest command
 * counts before those above it, and a check before its area. Without a setting it is the finding's own, at most the level that the
 * check had in the catalogue that is kept to.
 */
export function settledLevel(
  check: Pick<CheckInfo, 'name' | 'raised'>,
  own: Level,
  path: readonly string[],
  settings: Settings,
): Level | 'off' {
  const above = settings.commands
    .filter(({ path: words }) => words.every((word, i) => path[i] === word))
    .sort((a, b) => b.path.length - a.path.length);
  for (const levels of [...above.map((one) => one.levels), settings.levels]) {
    const level = levelIn(levels, check.name);
    if (level !== undefined) return level;
  }
  const { raised } = check;
  const isLater =
    raised !== undefined && settings.catalogue !== undefined && settings.catalogue < raised.since;
  return isLater && isAtLeast(own, raised.from) ? raised.from : own;
}

function levelIn(levels: readonly LevelSetting[], name: CheckInfo['name']): Level | 'off' | undefined {
  return [name, areaOf(name)]
    .map((checks) => levels.find((one) => one.checks === checks)?.level)
    .find((level) => level !== undefined);
}

import type { Command } from './command.ts';
import type { ParsingRules } from './parsing-rules.ts';

/** A parsing rule as it holds for a command: the nearest known one among it and the commands above, root first. */
export function nearestRule<K extends keyof ParsingRules>(
  line: readonly Command[],
  rule: K,
): ParsingRules[K] {
  return line.findLast((command) => command.rules[rule] !== undefined)?.rules[rule] as ParsingRules[K];
}

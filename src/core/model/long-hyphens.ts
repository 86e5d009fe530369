import type { Command } from './command.ts';
import { nearestRule } from './nearest-rule.ts';

/** Whether long names may be written with one hyphen or two, however they are listed; false where that is not known. */
export function takesEitherHyphens(line: readonly Command[]): boolean {
  return nearestRule(line, 'longHyphens')?.value === 'one-or-two';
}

/** `-sort` as `--sort`; any other word as it is. */
export function withTwoHyphens(word: string): string {
  return /^-[^-]/.test(word) ? `-${word}` : word;
}

/** `-sort` for `--sort`, and `--sort` for `-sort`. */
export function withOtherHyphens(name: string): string {
  return name.startsWith('--') ? name.slice(1) : withTwoHyphens(name);
}

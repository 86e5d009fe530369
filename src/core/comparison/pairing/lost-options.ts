import { listNames } from '../../messages/wording.ts';
import { nearestRule } from '../../model/nearest-rule.ts';
import type { Effect } from '../change.ts';
import type { CommandPair } from './pairing.ts';

/** What it comes to that an option, or a name of one, is not known any more. */
export interface LostOption {
  readonly effect: Effect;
  /** Whether the parser is known to treat unknown options so. */
  readonly isKnown: boolean;
  /** `command lines with '-n' are refused`. */
  readonly consequence: (names: readonly string[]) => string;
}

/** What the parser of the new version makes of options that it does not know. */
export function lostOption({ newer }: CommandPair): LostOption {
  const rule = nearestRule(newer.line, 'unknownOptions');
  const consequence = (after: string) => (names: readonly string[]) =>
    `command lines with ${listNames(names)} ${after}`;
  const isKnown = rule !== undefined && rule.basis !== 'inferred';
  switch (rule?.value) {
    case 'ignored':
      return {
        effect: 'other-meaning',
        isKnown,
        consequence: consequence('run as if it had not been given'),
      };
    case 'passed-on':
      return { effect: 'other-meaning', isKnown, consequence: consequence('pass it on') };
    case 'refused':
      return { effect: 'refused', isKnown, consequence: consequence('are refused') };
    default:
      return { effect: 'refused', isKnown, consequence: consequence('are refused, or it is ignored') };
  }
}

import type { Command } from '../model/command.ts';
import type { Knowable } from '../model/fact.ts';
import { takesEitherHyphens } from '../model/long-hyphens.ts';
import { nearestRule } from '../model/nearest-rule.ts';
import type { IndexRules } from './name-index.ts';

/**
 * The rules by which names at the end of a line of commands are found. What the parser is not known to refuse counts as
 * accepted; of the others, what is not known is as `getopt_long` has it.
 */
export function indexRules(
  line: readonly Command[],
  accepted: Knowable<boolean>,
  least: number,
): Required<IndexRules> {
  return {
    abbreviations: accepted?.value !== false,
    spellingsTie: nearestRule(line, 'spellingsTie')?.value === true,
    tie: nearestRule(line, 'prefixTie')?.value ?? 'refused',
    foldCase: nearestRule(line, 'caseSensitive')?.value === false,
    eitherHyphens: takesEitherHyphens(line),
    least,
  };
}

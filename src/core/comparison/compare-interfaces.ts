import type { Interface } from '../model/interface.ts';
import { abbreviationChanges, leftOverWords } from './abbreviations/abbreviation-changes.ts';
import { compareWordMeanings } from './abbreviations/word-meanings.ts';
import type { Comparison } from './change.ts';
import { ChangeList } from './change-list.ts';
import { commandChanges, commandsAddedAndRemoved } from './commands/command-changes.ts';
import { operandChanges } from './commands/operand-changes.ts';
import { relationChanges } from './commands/relation-changes.ts';
import { ruleChanges } from './commands/rule-changes.ts';
import { optionChanges } from './options/option-changes.ts';
import { isToldOf, pairInterfaces } from './pairing/pairing.ts';
import { programChanges } from './program/program-changes.ts';
import { releaseFor } from './release.ts';

/**
 * Every change from one version of an interface to another, each with what it comes to for callers, and the release that they call for.
 * What one of the versions does not say is no change; what a list that may be a part does not show is not compared.
 */
export function compareInterfaces(before: Interface, after: Interface): Comparison {
  const pairing = pairInterfaces(before, after);
  const meanings = compareWordMeanings(pairing);
  const list = new ChangeList();
  const context = { pairing, meanings, list };
  programChanges(before, after, context);
  ruleChanges(before, after, pairing.pairs, context);
  commandsAddedAndRemoved(context);
  for (const pair of pairing.pairs) {
    commandChanges(pair, context);
    optionChanges(pair, context);
    const areTold = isToldOf(pair.old.command) && isToldOf(pair.newer.command);
    // A list of commands may show what each of them takes.
    if (areTold || (pair.old.command.forms.length > 0 && pair.newer.command.forms.length > 0))
      operandChanges(pair, context);
    if (areTold) relationChanges(pair, context);
  }
  abbreviationChanges(context);
  leftOverWords(context);
  const changes = list.changes();
  return { changes, notCompared: list.notCompared(), release: releaseFor(changes) };
}

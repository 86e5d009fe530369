import type { SyntaxNode } from 'unbash';
import { commandName } from '../../shells/bash-words.ts';
import { entryScopes } from './entry-scopes.ts';
import { readGetoptLoop } from './getopt-loop.ts';
import { readGetoptsLoop } from './getopts-loop.ts';
import type { LoopDraft } from './loop-draft.ts';
import type { ScriptReading } from './script-reading.ts';
import { type Range, type Region, type ShellScope, WHOLE } from './shell-scopes.ts';
import { readFirstWord, readWordLoop } from './word-loop.ts';
import { readZparseopts } from './zparseopts.ts';

/**
 * The loops that read the options among the words that a scope is given: its own, and those of the functions that it hands its words to.
 * `within` is the part of the scope that is looked at.
 */
export function findLoops(scope: ShellScope, reading: ScriptReading, within: Range = WHOLE): LoopDraft[] {
  const loops: LoopDraft[] = [];
  for (const own of entryScopes(scope, reading.script, within)) {
    const region = { scope: own, reached: own === scope ? within : WHOLE };
    for (const node of candidates(region)) {
      if (loops.length >= LOOPS_LIMIT) return loops;
      if (loops.some((loop) => loop.node === node)) continue;
      const loop =
        readGetoptsLoop(node, region, reading) ??
        readGetoptLoop(node, region, reading) ??
        readZparseopts(node, region, reading) ??
        readWordLoop(node, region, reading);
      if (loop !== undefined && !isWithinOther(loop, loops)) loops.push(loop);
    }
  }
  return [...loops, ...firstWords(scope, loops, reading, within)];
}

/** The nodes of a scope that may read options: loops, and the first calls of `getopt`, `getopts` and `zparseopts`. */
function candidates({ scope, reached: range }: Region): SyntaxNode[] {
  const calls = scope
    .within('Command', range)
    .filter((node) => /^(?:getopts?|zparseopts)$/.test(commandName(node) ?? ''));
  const loops = [...scope.within('While', range), ...scope.within('For', range)];
  return [...loops, ...calls.slice(0, LOOPS_LIMIT)].sort((a, b) => a.pos - b.pos);
}

/** A script that goes through its words more often than this is not followed further. */
const LOOPS_LIMIT = 40;

/** What a scope asks of its first word beside its loops, before the first of them. */
function firstWords(
  scope: ShellScope,
  loops: readonly LoopDraft[],
  reading: ScriptReading,
  within: Range,
): LoopDraft[] {
  const first = loops.find((loop) => loop.scope === scope);
  const end = Math.min(within.end, first?.node.pos ?? within.end);
  const nodes = [...scope.within('Case', { ...within, end }), ...scope.within('If', { ...within, end })];
  return nodes
    .sort((a, b) => a.pos - b.pos)
    .slice(0, LOOPS_LIMIT)
    .flatMap((node) => readFirstWord(node, { scope, reached: within }, reading) ?? []);
}

/** Whether a loop stands in one that was read already, as the `case` of its arms may. */
function isWithinOther({ node, scope }: LoopDraft, loops: readonly LoopDraft[]): boolean {
  return loops.some(
    (other) => other.scope === scope && other.node.pos <= node.pos && other.node.end >= node.end,
  );
}

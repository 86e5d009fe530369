import { entryScopes } from './entry-scopes.ts';
import { readGetoptLoop } from './getopt-loop.ts';
import { readGetoptsLoop } from './getopts-loop.ts';
import type { LoopDraft } from './loop-draft.ts';
import type { ScriptReading } from './script-reading.ts';
import type { ShellScope } from './shell-scopes.ts';
import { readFirstWord, readWordLoop } from './word-loop.ts';

/**
 * The loops that read the options among the words that a scope is given: its own, and those of the functions that it hands its words to.
 * `within` is the part of the scope that is looked at.
 */
export function findLoops(
  scope: ShellScope,
  reading: ScriptReading,
  within: { readonly pos: number; readonly end: number } = { pos: 0, end: Number.POSITIVE_INFINITY },
): LoopDraft[] {
  const loops: LoopDraft[] = [];
  for (const { scope: own } of entryScopes(scope, reading.script, within)) {
    for (const node of own.nodes) {
      const isWithin = own !== scope || (node.pos >= within.pos && node.end <= within.end);
      if (!isWithin || loops.some((loop) => loop.node === node)) continue;
      const loop =
        readGetoptsLoop(node, own, reading) ??
        readGetoptLoop(node, own, reading) ??
        readWordLoop(node, own, reading);
      if (loop !== undefined && !isWithinOther(loop, loops)) loops.push(loop);
    }
  }
  return [...loops, ...firstWords(scope, loops, reading, within)];
}

/** What a scope asks of its first word beside its loops, before the first of them. */
function firstWords(
  scope: ShellScope,
  loops: readonly LoopDraft[],
  reading: ScriptReading,
  within: { readonly pos: number; readonly end: number },
): LoopDraft[] {
  const first = loops.find((loop) => loop.scope === scope);
  const end = Math.min(within.end, first?.node.pos ?? within.end);
  return scope.nodes.flatMap((node) =>
    node.pos >= within.pos && node.end <= end ? (readFirstWord(node, scope, reading, within.pos) ?? []) : [],
  );
}

/** Whether a loop stands in one that was read already, as the `case` of its arms may. */
function isWithinOther({ node, scope }: LoopDraft, loops: readonly LoopDraft[]): boolean {
  return loops.some(
    (other) => other.scope === scope && other.node.pos <= node.pos && other.node.end >= node.end,
  );
}

import { type FishCommand, type FishNode, listsOf } from './fish-tree.ts';

/** Statements that run, or not, by what one command tells. */
export interface Consequence {
  /** The command, whatever stands in front of it. */
  readonly asked: FishCommand;
  /** Whether the statements run where the command succeeds; where it fails otherwise. */
  readonly whenHolds: boolean;
  /** The statements, without what joins the first of them to the command. */
  readonly body: readonly FishNode[];
}

/** What hangs on one command alone among some statements, at any depth: `asked; or body`, `asked; and body`, `if asked`, and its `else`. */
export function* consequencesIn(nodes: readonly FishNode[]): Generator<Consequence> {
  for (const [i, node] of nodes.entries()) {
    const next = nodes[i + 1];
    if (
      node.kind === 'command' &&
      node.joint === undefined &&
      (next?.joint === 'and' || next?.joint === 'or')
    )
      yield {
        asked: node,
        whenHolds: (next.joint === 'and') !== node.isNegated,
        body: [{ ...next, joint: undefined }],
      };
    if (node.kind === 'if') {
      const [first, second, ...others] = node.branches;
      const [asked, ...further] = first?.condition ?? [];
      if (first !== undefined && asked?.kind === 'command' && further.length === 0) {
        yield { asked, whenHolds: !asked.isNegated, body: first.body };
        if (second !== undefined && second.condition === undefined && others.length === 0)
          yield { asked, whenHolds: asked.isNegated, body: second.body };
      }
    }
    for (const list of listsOf(node)) yield* consequencesIn(list);
  }
}

import { forEachChild, type ParsedScript, parse, type SyntaxNode } from 'unbash';
import type { Source, Span } from '../../source/source.ts';

/** A part of a script with positional parameters of its own: the script itself, or one of its functions. */
export interface ShellScope {
  /** The name of the function; undefined for the script itself. */
  readonly name: string | undefined;
  /** Its nodes in the order of the text, without those of the functions in it. */
  readonly nodes: readonly SyntaxNode[];
}

/** How deep the parts of a script may stand in each other. */
const NESTING_LIMIT = 400;

/** A shell script, taken apart: its scopes, and what each node stands in. */
export class ShellScript {
  readonly source: Source;
  /** The script outside of its functions. */
  readonly main: ShellScope;
  /** Its functions by name; the last of a name counts, as in a shell that reads it. */
  readonly functions: ReadonlyMap<string, ShellScope>;
  /** What keeps the text from being a valid script. */
  readonly errors: readonly { readonly message: string; readonly pos: number }[];
  readonly #parents = new Map<SyntaxNode, SyntaxNode>();

  constructor(source: Source) {
    this.source = source;
    const tree = parse(source.text);
    this.errors = tree.errors ?? [];
    const functions = new Map<string, ShellScope>();
    this.main = this.#scope(undefined, [tree], functions);
    this.functions = functions;
  }

  /** The nodes that a node stands in, the nearest first, up to the scope. */
  *around(node: SyntaxNode): Generator<SyntaxNode> {
    for (let at = this.#parents.get(node); at !== undefined; at = this.#parents.get(at)) yield at;
  }

  /** Where a node stands. */
  place(node: { readonly pos: number; readonly end: number }): Span {
    return { source: this.source, start: node.pos, end: node.end };
  }

  /** The script, then its functions. */
  get scopes(): readonly ShellScope[] {
    return [this.main, ...this.functions.values()];
  }

  #scope(
    name: string | undefined,
    roots: readonly SyntaxNode[],
    functions: Map<string, ShellScope>,
  ): ShellScope {
    const nodes: SyntaxNode[] = [];
    const visit = (node: SyntaxNode, depth: number): void => {
      if (depth > NESTING_LIMIT || hasOwnText(node)) return;
      if (node.type === 'Function') {
        functions.set(node.name.value, this.#scope(node.name.value, [node.body], functions));
        return;
      }
      nodes.push(node);
      forEachChild(node, (child) => {
        this.#parents.set(child, node);
        visit(child, depth + 1);
      });
    };
    for (const root of roots) visit(root, 0);
    return { name, nodes };
  }
}

/** Whether the positions of a script within backticks are those of another text, since escapes were taken out of it. */
function hasOwnText(node: SyntaxNode): boolean {
  return node.type === 'Script' && (node as ParsedScript).source !== undefined;
}

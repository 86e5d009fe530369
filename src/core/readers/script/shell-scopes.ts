import { forEachChild, type ParsedScript, type SyntaxNode } from 'unbash';
import { firstIndex } from '../../collections/first-index.ts';
import { groupedBy } from '../../collections/grouped.ts';
import { readVariable, variableOf } from '../../shells/bash-words.ts';
import { parseScript } from '../../shells/parse-script.ts';
import type { Source, Span } from '../../source/source.ts';

/** A node of one type. */
type NodeOf<Type extends SyntaxNode['type']> = Extract<SyntaxNode, { readonly type: Type }>;

/** A range of a script, by its offsets. */
export interface Range {
  readonly pos: number;
  readonly end: number;
}

/** A part of a script with positional parameters of its own: the script itself, or one of its functions. */
export class ShellScope {
  /** The name of the function; undefined for the script itself. */
  readonly name: string | undefined;
  /** Its nodes in the order of the text, without those of the functions in it. */
  readonly nodes: readonly SyntaxNode[];
  #byType: ReadonlyMap<string, readonly SyntaxNode[]> | undefined;
  #byVariable: ReadonlyMap<string, readonly SyntaxNode[]> | undefined;

  constructor(name: string | undefined, nodes: readonly SyntaxNode[]) {
    this.name = name;
    this.nodes = nodes;
  }

  /** The nodes of a type, in the order of the text. */
  all<Type extends SyntaxNode['type']>(type: Type): readonly NodeOf<Type>[] {
    this.#byType ??= groupedBy(this.nodes, (node) => node.type);
    return (this.#byType.get(type) ?? []) as readonly NodeOf<Type>[];
  }

  /** The expansions that read a variable, in the order of the text. */
  readsOf(variable: string): readonly SyntaxNode[] {
    this.#byVariable ??= groupedBy(this.nodes, readVariable);
    return this.#byVariable.get(variable) ?? [];
  }

  /** The nodes of a type that lie in a range. */
  within<Type extends SyntaxNode['type']>(type: Type, { pos, end }: Range): NodeOf<Type>[] {
    const nodes = this.all(type);
    const from = firstIndex(nodes, (node) => node.pos < pos);
    const to = firstIndex(nodes, (node) => node.pos <= end, from);
    return nodes.slice(from, to).filter((node) => node.end <= end);
  }
}

/** A part of a scope whose words of the command line are the same. */
export interface Region {
  readonly scope: ShellScope;
  readonly reached: Range;
}

/** The whole of a scope. */
export const WHOLE: Range = { pos: 0, end: Number.POSITIVE_INFINITY };

/** The variables that hold the first word of the command line in a range: `$1`, and those that it is assigned to there. */
export function firstWordVariables(scope: ShellScope, range: Range): Set<string> {
  const names = new Set(['1']);
  for (const { name, value } of scope.within('Assignment', range))
    if (value.type === 'Word' && variableOf(value) === '1') names.add(name);
  return names;
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
  #backticks = 0;

  constructor(source: Source) {
    this.source = source;
    const tree = parseScript(source.text);
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

  /**
   * A command in backticks whose positions are those of another text, since escapes were taken out of it, read once more where it stands: lines that
   * go on are joined by blanks, which leaves all else where it is.
   */
  #inBackticks(node: SyntaxNode): SyntaxNode | undefined {
    const outer = this.#parents.get(node);
    if (outer === undefined || this.#backticks++ >= BACKTICKS_LIMIT) return undefined;
    const { text } = this.source;
    const inner = text.slice(outer.pos + 1, outer.end - 1).replaceAll('\\\n', '  ');
    const again = parseScript(' '.repeat(outer.pos + 1) + inner);
    this.#parents.set(again, outer);
    return again;
  }

  #scope(
    name: string | undefined,
    roots: readonly SyntaxNode[],
    functions: Map<string, ShellScope>,
  ): ShellScope {
    const nodes: SyntaxNode[] = [];
    const visit = (node: SyntaxNode, depth: number): void => {
      if (depth > NESTING_LIMIT) return;
      if (hasOwnText(node)) {
        const again = this.#inBackticks(node);
        if (again !== undefined) visit(again, depth + 1);
        return;
      }
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
    return new ShellScope(name, nodes);
  }
}

/** So many commands in backticks with escapes are read again. */
const BACKTICKS_LIMIT = 50;

/** Whether the positions of a script within backticks are those of another text, since escapes were taken out of it. */
function hasOwnText(node: SyntaxNode): boolean {
  return node.type === 'Script' && (node as ParsedScript).source !== undefined;
}

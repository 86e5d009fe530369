import type { FishCommand, FishNode, FishTree } from './fish-tree.ts';

/** How a part of a script ends. */
export interface FishEnd {
  /** Whether it ends the script, or the function that reads the options; or goes on. */
  readonly isEnd: boolean;
  /** The status that it ends with; undefined where that is not known. */
  readonly status: number | undefined;
  /** Whether it may end it in some cases, where it does not always. */
  readonly mayEnd: boolean;
}

const GOES_ON: FishEnd = { isEnd: false, status: undefined, mayEnd: false };

/** Tells how parts of a script end, going into the functions that they call. */
export class FishEnds {
  readonly #functions: FishTree['functions'];
  readonly #ofFunctions = new Map<string, FishEnd>();

  constructor({ functions }: FishTree) {
    this.#functions = functions;
  }

  /** How a list of statements ends. */
  of(nodes: readonly FishNode[]): FishEnd {
    let mayEnd = false;
    for (const node of nodes) {
      const end = this.#ofNode(node);
      // What hangs on another statement may not run.
      if (end.isEnd && node.joint === undefined) return { ...end, mayEnd };
      mayEnd ||= end.isEnd || end.mayEnd;
    }
    return { ...GOES_ON, mayEnd };
  }

  #ofNode(node: FishNode): FishEnd {
    switch (node.kind) {
      case 'command':
        return this.#ofCommand(node);
      case 'block': {
        const end = this.of(node.body);
        return node.isLoop ? { ...GOES_ON, mayEnd: end.isEnd || end.mayEnd } : end;
      }
      case 'if':
        return this.#ofBranches(
          node.branches.map(({ body }) => body),
          node.branches.some(({ condition }) => condition === undefined),
        );
      case 'switch':
        return this.#ofBranches(
          node.arms.map(({ body }) => body),
          node.arms.some(({ patterns }) => patterns.some(({ texts }) => texts.includes('*'))),
        );
    }
  }

  #ofBranches(branches: readonly (readonly FishNode[])[], isAll: boolean): FishEnd {
    const ends = branches.map((branch) => this.of(branch));
    const [first = GOES_ON] = ends;
    if (isAll && ends.every(({ isEnd }) => isEnd)) {
      const isOne = ends.every(({ status }) => status === first.status);
      return { isEnd: true, status: isOne ? first.status : undefined, mayEnd: false };
    }
    return { ...GOES_ON, mayEnd: ends.some(({ isEnd, mayEnd }) => isEnd || mayEnd) };
  }

  #ofCommand({ words }: FishCommand): FishEnd {
    const name = words[0]?.texts[0] ?? '';
    const status = words[1]?.texts[0];
    if (name === 'exit' || name === 'return')
      return {
        isEnd: true,
        status: status !== undefined && /^\d{1,3}$/.test(status) ? Number(status) : undefined,
        mayEnd: false,
      };
    const body = this.#functions.get(name);
    const known = this.#ofFunctions.get(name);
    if (body === undefined || known !== undefined) return known ?? GOES_ON;
    // A function that calls itself tells nothing the second time.
    this.#ofFunctions.set(name, GOES_ON);
    // What returns from a function goes on behind the call; what exits in it ends the script.
    const end = exits(body) ? this.of(body) : GOES_ON;
    this.#ofFunctions.set(name, end);
    return end;
  }
}

/** Whether a list of statements ends the script itself. */
function exits(nodes: readonly FishNode[]): boolean {
  return nodes.some(
    (node) => node.kind === 'command' && node.joint === undefined && node.words[0]?.texts[0] === 'exit',
  );
}

import type { Command, CompoundList, SyntaxNode } from 'unbash';
import { argumentsOf, commandName, textOf } from '../../shells/bash-words.ts';
import type { ShellScript } from './shell-scopes.ts';

/** How a part of a script ends. */
export interface End {
  /** Whether it ends the script, leaves the loop or the function around it, or goes on with what follows. */
  readonly kind: 'exits' | 'breaks' | 'returns' | 'goes-on';
  /** The status with which it ends, or that its last command has; undefined where that is not known. */
  readonly status: number | undefined;
  /** Whether it may end the script in other ways before that. */
  readonly mayExit: boolean;
}

const GOES_ON: End = { kind: 'goes-on', status: undefined, mayExit: false };

/** How deep functions of a script may call each other. */
const CALL_LIMIT = 8;

/** So many nodes are looked at, and so many for each character of the script. */
const STEPS = 200_000;
const STEPS_PER_CHARACTER = 4;

/** Commands that succeed, unless what they write to is broken. */
const SUCCEEDING: ReadonlySet<string> = new Set(['echo', 'printf', 'cat', ':', 'true', 'shift', 'print']);

/** Tells how parts of a script end, going into the functions that they call. */
export class Ends {
  readonly #script: ShellScript;
  readonly #ofFunctions = new Map<string, End>();

  #left: number;

  constructor(script: ShellScript) {
    this.#script = script;
    this.#left = STEPS + STEPS_PER_CHARACTER * script.source.text.length;
  }

  /** How a list of commands ends. */
  ofList(list: CompoundList, depth = 0): End {
    return this.#inOrder(
      list.commands.map(({ command, background }) => (background === true ? undefined : command)),
      depth,
    );
  }

  #inOrder(nodes: readonly (SyntaxNode | undefined)[], depth: number): End {
    let mayExit = false;
    let last: End = GOES_ON;
    for (const node of nodes) {
      const end = node === undefined ? GOES_ON : this.#ofNode(node, depth, last.status);
      mayExit ||= end.mayExit;
      if (end.kind !== 'goes-on') return { ...end, mayExit };
      last = end;
    }
    return { ...last, mayExit };
  }

  #ofNode(node: SyntaxNode, depth: number, before: number | undefined): End {
    // Functions that call each other many times over could make a short script endless.
    if (this.#left-- <= 0) return GOES_ON;
    switch (node.type) {
      case 'Command':
        return this.#ofCommand(node, depth, before);
      case 'Redirected':
        return this.#ofNode(node.command, depth, before);
      case 'BraceGroup':
        return this.ofList(node.body, depth);
      case 'CompoundList':
        return this.ofList(node, depth);
      case 'AndOr':
        return this.#ofAndOr(node.commands, node.operators, depth);
      case 'If':
        return this.#ofBranches(
          [node.then, ...node.elif.map(({ then }) => then), node.else],
          node.else !== undefined,
          depth,
        );
      case 'Case': {
        const hasRest = node.items.some(({ pattern }) => pattern.some(({ text }) => text === '*'));
        return this.#ofBranches(
          node.items.map(({ body }) => body),
          hasRest,
          depth,
        );
      }
      case 'While':
      case 'For': {
        const { kind, mayExit } = this.ofList(node.body, depth);
        return { ...GOES_ON, mayExit: mayExit || kind === 'exits' };
      }
      default:
        return GOES_ON;
    }
  }

  /** `a && b || c`: what surely happens is the first, and what follows it while that succeeds. */
  #ofAndOr(nodes: readonly SyntaxNode[], operators: readonly string[], depth: number): End {
    let mayExit = false;
    let isSure = true;
    let last: End = GOES_ON;
    for (const [i, node] of nodes.entries()) {
      const operator = i === 0 ? undefined : operators[i - 1];
      if (operator === '&&') isSure &&= last.status === 0;
      if (operator === '||') isSure &&= last.status !== undefined && last.status !== 0;
      const end = this.#ofNode(node, depth, undefined);
      if (isSure && end.kind !== 'goes-on') return { ...end, mayExit };
      mayExit ||= end.mayExit || end.kind === 'exits';
      if (isSure) last = end;
    }
    return { kind: 'goes-on', status: isSure ? last.status : undefined, mayExit };
  }

  #ofBranches(branches: readonly (CompoundList | undefined)[], isAll: boolean, depth: number): End {
    const ends = branches.filter((one) => one !== undefined).map((one) => this.ofList(one, depth));
    const [first = GOES_ON] = ends;
    if (isAll && ends.every(({ kind }) => kind === first.kind)) {
      const isOne = ends.every(({ status }) => status === first.status);
      return {
        kind: first.kind,
        status: isOne ? first.status : undefined,
        mayExit: ends.some(({ mayExit }) => mayExit),
      };
    }
    return { ...GOES_ON, mayExit: ends.some(({ kind, mayExit }) => mayExit || kind === 'exits') };
  }

  #ofCommand(command: Command, depth: number, before: number | undefined): End {
    const name = commandName(command);
    const words = argumentsOf(command);
    if (name === 'exit' || name === 'return') {
      const text = words[0] === undefined ? undefined : textOf(words[0]);
      const status =
        words[0] === undefined
          ? before
          : text !== undefined && /^\d{1,3}$/.test(text)
            ? Number(text)
            : this.#givenStatus(words[0].text);
      return { kind: name === 'exit' ? 'exits' : 'returns', status, mayExit: false };
    }
    if (name === 'exec') return words.length === 0 ? GOES_ON : { ...GOES_ON, kind: 'exits' };
    if (name === 'break') return { ...GOES_ON, kind: 'breaks' };
    if (name === undefined) return GOES_ON;
    if (this.#script.functions.has(name)) return this.#ofCall(name, command, depth);
    return SUCCEEDING.has(name) ? { ...GOES_ON, status: 0 } : GOES_ON;
  }

  /** The status of `exit $1` or `exit ${1:-2}`, where the call around it is known: the one that it falls back on stands for both. */
  #givenStatus(text: string): number | undefined {
    const given = this.#given;
    const [, index, otherwise] = /^"?\$\{?(\d)(?::?-(\d{1,3}))?\}?"?$/.exec(text) ?? [];
    if (index === undefined || given === undefined) return undefined;
    const word = given[Number(index) - 1];
    if (word !== undefined) return /^\d{1,3}$/.test(word) ? Number(word) : undefined;
    return otherwise === undefined ? undefined : Number(otherwise);
  }

  /** The words of the call whose function is looked at. */
  #given: readonly (string | undefined)[] | undefined;

  #ofCall(name: string, command: Command, depth: number): End {
    if (depth >= CALL_LIMIT) return GOES_ON;
    const given = argumentsOf(command).map((word) => textOf(word) ?? '?');
    const key = JSON.stringify([name, ...given]);
    const known = this.#ofFunctions.get(key);
    if (known !== undefined) return known;
    // A function that calls itself tells nothing the second time.
    this.#ofFunctions.set(key, GOES_ON);
    const outer = this.#given;
    this.#given = given;
    const root = this.#script.functions.get(name)?.nodes[0];
    const end = root === undefined ? GOES_ON : this.#ofNode(root, depth + 1, undefined);
    this.#given = outer;
    // What returns from the function, the script goes on behind.
    const own: End = end.kind === 'exits' ? end : { ...end, kind: 'goes-on' };
    this.#ofFunctions.set(key, own);
    return own;
  }
}

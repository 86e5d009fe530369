import { setVariable } from '../../../shells/fish-set.ts';
import { FishLexer, type FishStatement, type FishVariables } from '../../../shells/fish-words.ts';
import { ReadingBudget } from '../../../shells/reading-budget.ts';
import type { Source } from '../../../source/source.ts';

/** How a statement hangs on the one before it. */
export type Joint = 'and' | 'or' | 'pipe' | undefined;

/** A command with its words. */
export interface FishCommand {
  readonly kind: 'command';
  readonly words: FishStatement;
  readonly joint: Joint;
  /** Whether it stands behind `not`. */
  readonly isNegated: boolean;
}

/** Commands that run where a condition holds; undefined for what runs where none does. */
export interface FishBranch {
  readonly condition: FishNode[] | undefined;
  readonly body: FishNode[];
}

/** `if`, with its branches. */
export interface FishIf {
  readonly kind: 'if';
  readonly branches: FishBranch[];
  readonly joint: Joint;
}

/** `switch`, with the words of each `case`. */
export interface FishSwitch {
  readonly kind: 'switch';
  readonly words: FishStatement;
  readonly arms: { readonly patterns: FishStatement; readonly body: FishNode[] }[];
  readonly joint: Joint;
}

/** `begin`, and the loops. */
export interface FishBlock {
  readonly kind: 'block';
  readonly isLoop: boolean;
  readonly body: FishNode[];
  readonly joint: Joint;
}

export type FishNode = FishCommand | FishIf | FishSwitch | FishBlock;

/** A script of fish, taken apart. */
export interface FishTree {
  /** What stands outside of functions. */
  readonly main: readonly FishNode[];
  /** The bodies of the functions by their names. */
  readonly functions: ReadonlyMap<string, readonly FishNode[]>;
}

/** How deep blocks may stand in each other; what stands deeper is left out. */
const DEPTH_LIMIT = 100;

/** Takes a script apart. Variables are known by what was set before, in the order of the text. Never throws; what is not closed ends with the text. */
export function fishTree(source: Source, known: FishVariables): FishTree {
  const builder = new TreeBuilder();
  const budget = new ReadingBudget(source.text);
  const lexer = new FishLexer(source, known, budget);
  for (let words = lexer.next(); words !== undefined; words = lexer.next()) {
    if (!budget.spend(1 + words.length)) break;
    const statement = withoutModifiers(words, source);
    if (statement.words[0]?.texts[0] === 'set') setVariable(statement.words, known);
    builder.add(statement);
  }
  return builder;
}

/** A statement without the words in front that only say how it hangs together with others. */
function withoutModifiers(words: FishStatement, source: Source): FishCommand {
  const start = words[0]?.place.start ?? 0;
  const [sign] = /(?:\|\||&&|\|)\s*$/.exec(source.text.slice(Math.max(0, start - LOOKED_BACK), start)) ?? [];
  let joint: Joint = sign === undefined ? undefined : (JOINTS[sign.trim()] ?? 'pipe');
  let isNegated = false;
  let at = 0;
  for (; at < words.length - 1; at++) {
    const text = words[at]?.texts[0];
    if (text === 'and' || text === 'or') joint = text;
    else if (text === 'not' || text === '!') isNegated = !isNegated;
    else if (text !== 'builtin' && text !== 'command') break;
  }
  return { kind: 'command', words: words.slice(at), joint, isNegated };
}

const JOINTS: Readonly<Record<string, Joint>> = { '||': 'or', '&&': 'and' };

/** So far in front of a statement its joint is looked for. */
const LOOKED_BACK = 40;

/** A block that is open: where its statements go, and what becomes of `case` and `else` in it. */
interface Open {
  target: FishNode[];
  readonly node: FishIf | FishSwitch | undefined;
  /** The condition that is being read, where further statements may belong to it. */
  condition: FishNode[] | undefined;
}

class TreeBuilder implements FishTree {
  readonly main: FishNode[] = [];
  readonly functions = new Map<string, FishNode[]>();
  readonly #open: Open[] = [{ target: this.main, node: undefined, condition: undefined }];
  /** How many blocks are open that stand too deep. */
  #skipped = 0;

  add(statement: FishCommand): void {
    const { words } = statement;
    const name = words[0]?.texts[0] ?? '';
    if (name === 'end') this.#end();
    else if (OPENERS.has(name)) this.#begin(name, statement);
    else if (this.#skipped > 0) return;
    else if (name === 'else' || name === 'case') this.#next(name, statement);
    else this.#put(statement);
  }

  #begin(name: string, { words, joint, isNegated }: FishCommand): void {
    if (this.#skipped > 0 || this.#open.length > DEPTH_LIMIT) {
      this.#skipped++;
      return;
    }
    if (name === 'function') {
      const body: FishNode[] = [];
      this.functions.set(words[1]?.texts[0] ?? '', body);
      this.#open.push({ target: body, node: undefined, condition: undefined });
    } else if (name === 'if') {
      const node: FishIf = { kind: 'if', branches: [], joint };
      this.#put(node);
      this.#branch(node, { kind: 'command', words: words.slice(1), joint: undefined, isNegated }, true);
    } else if (name === 'switch') {
      const node: FishSwitch = { kind: 'switch', words: words.slice(1), arms: [], joint };
      this.#put(node);
      this.#open.push({ target: [], node, condition: undefined });
    } else {
      const node: FishBlock = { kind: 'block', isLoop: name !== 'begin', body: [], joint };
      this.#put(node);
      this.#open.push({ target: node.body, node: undefined, condition: undefined });
      // `begin` may have its first statement on its own line.
      const rest = words.slice(1);
      if (name === 'begin' && rest.length > 0)
        this.add({ kind: 'command', words: rest, joint: undefined, isNegated: false });
    }
  }

  /** Begins a branch of `if` with the first statement of its condition. */
  #branch(node: FishIf, first: FishCommand | undefined, isNew: boolean): void {
    const condition = first === undefined ? undefined : [unNegated(first)];
    const branch: FishBranch = { condition, body: [] };
    node.branches.push(branch);
    if (!isNew) this.#open.pop();
    this.#open.push({ target: branch.body, node, condition });
  }

  #next(name: string, { words }: FishCommand): void {
    const node = this.#open.at(-1)?.node;
    if (name === 'else' && node?.kind === 'if') {
      const isIf = words[1]?.texts[0] === 'if';
      const first: FishCommand = {
        kind: 'command',
        words: words.slice(2),
        joint: undefined,
        isNegated: false,
      };
      this.#branch(node, isIf ? first : undefined, false);
    } else if (name === 'case' && node?.kind === 'switch') {
      const arm = { patterns: words.slice(1), body: [] };
      node.arms.push(arm);
      this.#open.pop();
      this.#open.push({ target: arm.body, node, condition: undefined });
    }
  }

  #end(): void {
    if (this.#skipped > 0) this.#skipped--;
    else if (this.#open.length > 1) this.#open.pop();
  }

  #put(node: FishNode): void {
    const open = this.#open.at(-1);
    if (open === undefined) return;
    // What follows a condition with `and`, `or` or a pipe belongs to it.
    if (open.condition !== undefined && node.joint !== undefined) open.condition.push(node);
    else {
      open.condition = undefined;
      open.target.push(node);
    }
  }
}

const OPENERS: ReadonlySet<string> = new Set(['function', 'if', 'switch', 'while', 'for', 'begin']);

/** The first statement of a condition, without `not` in front. */
function unNegated(command: FishCommand): FishCommand {
  const { words, isNegated } = command;
  const first = words[0]?.texts[0];
  return first === 'not' || first === '!'
    ? { ...command, words: words.slice(1), isNegated: !isNegated }
    : command;
}

/** The commands in a list of nodes, at any depth, in the order of the text; so far as the limit for depth lets them stand. */
export function* commandsIn(nodes: readonly FishNode[]): Generator<FishCommand> {
  for (const node of nodes) {
    if (node.kind === 'command') yield node;
    else for (const list of listsOf(node)) yield* commandsIn(list);
  }
}

/** The lists of nodes that a node holds. */
export function listsOf(node: FishNode): readonly (readonly FishNode[])[] {
  switch (node.kind) {
    case 'command':
      return [];
    case 'if':
      return node.branches.flatMap(({ condition, body }) => [condition ?? [], body]);
    case 'switch':
      return node.arms.map(({ body }) => body);
    case 'block':
      return [node.body];
  }
}

/** The text of a word as it is written. */
export function writtenWord({ place: { source, start, end } }: FishStatement[number]): string {
  return source.text.slice(start, end);
}

/** A statement as it is written. */
export function writtenStatement({ words }: FishCommand): string {
  return words.map(writtenWord).join(' ');
}

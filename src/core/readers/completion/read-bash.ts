import { distance } from 'fastest-levenshtein';
import { forEachChild, parse, type SyntaxNode, type Word, type WordPart } from 'unbash';
import type { Inventory, OfferedWord } from '../../model/inventory.ts';
import { type BudgetLimits, ReadingBudget } from '../../shells/reading-budget.ts';
import type { Source, Span } from '../../source/source.ts';
import { isReturn } from './bash-return.ts';
import { type BashText, BashVariables } from './bash-variables.ts';
import { InventoryBuilder } from './inventory-builder.ts';
import { LOADING, NOT_LOADED } from './loading-commands.ts';

/** How deep functions of a script may call each other. */
const DEPTH_LIMIT = 20;

/** Real scripts need up to 43 units for a character where they are short, and ten where they are long. */
const LIMITS: BudgetLimits = { base: 1_200_000, perCharacter: 12 };

/** So many letters of a name may be wrong. */
const MOST_SLIPS = 2;

const TOO_DEEP = 'a part that nests too deep to follow';

/** How deep the parts of a script may stand in each other. */
const NESTING_LIMIT = 500;

/**
 * What a completion script for bash offers for a program, read without running it: the words of `complete -W`, `compgen -W` and
 * literal lists, at the subcommands and options that branches of `case` name. What only running the script tells is told as not read.
 */
export function readBashCompletion(source: Source, program: string): Inventory {
  return new BashReader(source, program).read();
}

/** Where in a script something is offered: behind which subcommands, and for the argument of which options. */
interface Where {
  /** Undefined for everywhere. */
  readonly path: readonly string[] | undefined;
  readonly options: readonly string[];
}

class BashReader {
  readonly #source: Source;
  readonly #program: string;
  readonly #builder: InventoryBuilder;
  readonly #functions = new Map<string, SyntaxNode>();
  readonly #budget: ReadingBudget;

  constructor(source: Source, program: string) {
    this.#source = source;
    this.#program = program;
    this.#builder = new InventoryBuilder('bash', program, source);
    this.#budget = new ReadingBudget(source.text, LIMITS);
  }

  read(): Inventory {
    const script = parsed(this.#source.text);
    if (script === undefined) {
      this.#builder.notRead(TOO_DEEP, null);
      return this.#builder.build();
    }
    const declared: { name: string; place: Span }[] = [];
    const variables = new BashVariables();
    const visit = (node: SyntaxNode, nesting: number): void => {
      if (!this.#budget.spend(costOf(node)) || this.#isTooDeep(node, nesting)) return;
      if (node.type === 'Function') {
        this.#functions.set(node.name.value, node.body);
        return;
      }
      if (node.type === 'Assignment') this.#assign(node, variables);
      if (node.type === 'Command' && LOADING.has(node.name?.value ?? ''))
        this.#builder.notRead(NOT_LOADED, this.#place(node.pos, node.end));
      if (node.type === 'Command' && node.name?.value === 'complete') {
        const words = node.args.filter((one): one is Word => one.type === 'Word');
        const values = words.map(({ value }) => value);
        if (values.includes(this.#program)) {
          this.#completeWords(words, variables);
          // Where the function offers nothing, bash offers files if the script says so.
          const isDefault = values.some(
            (value, i) => values[i - 1] === '-o' && /^(?:bash)?default$/.test(value),
          );
          this.#builder.operandFiles(undefined, isDefault);
          const at = values.indexOf('-F');
          const name = values[at + 1];
          if (at >= 0 && name !== undefined) declared.push({ name, place: this.#place(node.pos, node.end) });
        }
      }
      forEachChild(node, (child) => visit(child, nesting + 1));
    };
    visit(script, 0);
    const top: Where = { path: [], options: [] };
    for (const { name, place } of declared) {
      const body = this.#functions.get(name);
      const meant = body === undefined ? this.#meantFunction(name) : undefined;
      if (meant !== undefined)
        return this.#builder.build(`it calls the function '${name}', and has '${meant}'`);
      if (body === undefined) this.#builder.notRead(`the function '${name}' is not in the script`, place);
      else this.#walk(body, top, variables, 0, 0);
    }
    if (this.#budget.isSpent) this.#builder.notRead('a part that does too much to follow', null);
    const [error] = script.errors ?? [];
    // The parser has limits of its own; what is beyond them may be a script all the same.
    if (error !== undefined && /depth exceeded/.test(error.message)) {
      this.#builder.notRead(TOO_DEEP, null);
      return this.#builder.build();
    }
    return this.#builder.build(
      error === undefined ? undefined : `it is not a valid script: ${error.message}`,
    );
  }

  /** The only function of the script that a name is a slip for. */
  #meantFunction(name: string): string | undefined {
    const [meant, ...others] = [...this.#functions.keys()].filter((one) => distance(one, name) <= MOST_SLIPS);
    return others.length === 0 && name.length > MOST_SLIPS * 2 ? meant : undefined;
  }

  #isTooDeep(node: SyntaxNode, nesting: number): boolean {
    if (nesting === NESTING_LIMIT)
      this.#builder.notRead('what nests too deep to follow', this.#place(node.pos, node.end));
    return nesting >= NESTING_LIMIT;
  }

  #completeWords(words: readonly Word[], variables: BashVariables): void {
    const at = words.findIndex(({ value }) => value === '-W');
    const list = words[at + 1];
    if (at >= 0 && list !== undefined) this.#offer(list, { path: [], options: [] }, variables);
  }

  /** Walks a node: `depth` counts functions and branches around it, `nesting` all nodes. */
  #walk(node: SyntaxNode, where: Where, variables: BashVariables, depth: number, nesting: number): void {
    if (!this.#budget.spend(costOf(node)) || depth > DEPTH_LIMIT || this.#isTooDeep(node, nesting)) return;
    if (node.type === 'Function') return;
    if (node.type === 'Assignment') {
      this.#assign(node, variables);
      if (node.name === 'COMPREPLY' && node.value.type === 'ArrayValue')
        for (const word of node.value.elements) if (!isComputed(word)) this.#offer(word, where, variables);
    }
    if (node.type === 'Case') {
      for (const item of node.items) {
        const patterns = item.pattern.map(({ value }) => value);
        for (const one of behind(where, patterns)) {
          if (one.options.length > 0 && isReturn(item.body))
            for (const option of one.options)
              this.#builder.addArgument(one.path, option, { isNothing: true });
          this.#walk(item.body, one, new BashVariables(variables), depth + 1, nesting + 1);
        }
      }
      return;
    }
    if (node.type === 'Command') {
      const name = node.name?.value ?? '';
      if (name === 'compgen')
        this.#compgen(
          node.args.filter((one): one is Word => one.type === 'Word'),
          where,
          variables,
        );
      const body = this.#functions.get(name);
      if (body !== undefined) this.#walk(body, where, variables, depth + 1, nesting + 1);
      if (name === '_filedir' || name === '_comp_compgen_filedir')
        this.#files(
          where,
          node.args.some((one) => one.type === 'Word' && one.value === '-d'),
        );
    }
    forEachChild(node, (child) => this.#walk(child, where, variables, depth, nesting + 1));
  }

  #compgen(words: readonly Word[], where: Where, variables: BashVariables): void {
    for (const [i, { value }] of words.entries()) {
      const list = words[i + 1];
      if (value === '-W' && list !== undefined) this.#offer(list, where, variables);
      const kind = value === '-A' ? list?.value : value;
      if (kind === '-f' || kind === 'file') this.#files(where, false);
      if (kind === '-d' || kind === 'directory') this.#files(where, true);
    }
  }

  #files({ path, options }: Where, isFolders: boolean): void {
    if (options.length === 0) this.#builder.operandFiles(path, true, isFolders);
    for (const option of options) this.#builder.addArgument(path, option, { files: true, isFolders });
  }

  /** Takes the words of a list, parted by blanks, each with its place in the script. */
  #offer(list: Word, { path, options }: Where, variables: BashVariables): void {
    const texts = this.#texts(list, variables);
    if (texts === undefined) {
      this.#builder.notRead(
        'words that are known only when the script runs',
        this.#place(list.pos, list.end),
      );
      return;
    }
    const length = texts.reduce((sum, { text }) => sum + text.length, 0);
    if (!this.#budget.spend(length)) return;
    const words = texts.flatMap(({ text, start }) =>
      [...text.matchAll(/\S+/g)].map((match): OfferedWord => {
        const at = start === undefined ? undefined : start + match.index;
        return {
          text: match[0],
          description: undefined,
          place: at === undefined ? this.#place(list.pos, list.end) : this.#place(at, at + match[0].length),
        };
      }),
    );
    for (const option of options)
      this.#builder.addArgument(path, option, { words: words.filter(({ text }) => !text.startsWith('-')) });
    if (options.length > 0) return;
    for (const word of words) {
      const text = word.text.replace(/=$/, '');
      if (text.startsWith('-') && text.length > 1)
        this.#builder.addOption(path, {
          ...word,
          text,
          takesArgument: word.text.endsWith('=') ? true : undefined,
        });
      else this.#builder.addOperand(path, word);
    }
  }

  #assign(node: Extract<SyntaxNode, { type: 'Assignment' }>, variables: BashVariables): void {
    const words = node.value.type === 'ArrayValue' ? node.value.elements : [node.value];
    const texts = words.map((word) => this.#texts(word, variables));
    const known = texts.every((one) => one !== undefined) ? texts.flatMap((one) => one ?? []) : undefined;
    const before = node.append === true ? (variables.get(node.name) ?? []) : [];
    const isFollowed = known !== undefined && this.#budget.spend(before.length + known.length);
    variables.set(node.name, isFollowed ? [...before, ...known] : undefined);
  }

  /** The literal texts of a word, variables put in; undefined where a part is computed. */
  #texts(word: Word, variables: BashVariables): BashText[] | undefined {
    if (word.parts === undefined)
      return [{ text: word.value, start: word.text === word.value ? word.pos : undefined }];
    const found = word.parts.map((part) => partTexts(part, variables));
    return found.every((one) => one !== undefined) ? found.flatMap((one) => one ?? []) : undefined;
  }

  #place(start: number, end: number): Span {
    return { source: this.#source, start, end };
  }
}

/** What it costs to look at a node: the script within a substitution is read only then, with all that is within it again. */
function costOf({ type, pos, end }: SyntaxNode): number {
  return type === 'Script' ? 1 + 10 * Math.max(0, end - pos) : 1;
}

/** A script as a tree; undefined where it nests so deep that the parser has no room for it. */
function parsed(text: string): ReturnType<typeof parse> | undefined {
  try {
    return parse(text);
  } catch (error) {
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}

function isComputed({ parts = [] }: Word): boolean {
  return parts.some(({ type }) => type === 'CommandExpansion');
}

function partTexts(part: WordPart, variables: BashVariables): readonly BashText[] | undefined {
  switch (part.type) {
    case 'Literal':
      return [{ text: part.value, start: part.text === part.value ? part.pos : undefined }];
    case 'SingleQuoted':
      return [{ text: part.value, start: part.pos + 1 }];
    case 'DoubleQuoted': {
      const found = part.parts.map((inner) => partTexts(inner, variables));
      return found.every((one) => one !== undefined) ? found.flatMap((one) => one ?? []) : undefined;
    }
    case 'SimpleExpansion':
      return variables.get(part.text.slice(1));
    case 'ParameterExpansion':
      return part.operation === undefined && part.prefix === undefined
        ? variables.get(part.parameter)
        : undefined;
    default:
      return undefined;
  }
}

/** What a branch of `case` stands for: options whose argument is completed, or each of some subcommands; anything else changes nothing. */
function behind(where: Where, patterns: readonly string[]): Where[] {
  if (patterns.length > 0 && patterns.every((one) => /^--?[\w?][\w.-]*$/.test(one))) {
    // Outside the branches of subcommands it is looked at before these, for all of them.
    const path = where.path?.length === 0 ? undefined : where.path;
    return [{ path, options: patterns }];
  }
  if (patterns.length > 0 && patterns.every((one) => /^[\w][\w:.-]*$/.test(one)))
    return patterns.map((name) => ({ path: [...(where.path ?? []), name], options: [] }));
  return [where];
}

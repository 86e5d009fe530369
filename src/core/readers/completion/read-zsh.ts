import { listKey } from '../../collections/list-key.ts';
import type { Inventory, OfferedWord } from '../../model/inventory.ts';
import { type BudgetLimits, ReadingBudget } from '../../shells/reading-budget.ts';
import type { Place, Source } from '../../source/source.ts';
import { InventoryBuilder } from './inventory-builder.ts';
import { LOADING, NOT_LOADED } from './loading-commands.ts';
import { narrowedPlace, WordPlaces } from './narrowed-place.ts';
import { FILES, FOLDERS, OF_THE_MACHINE, offeredBy, SKIPPED } from './zsh-functions.ts';
import { type TokenRange, ZshScript } from './zsh-script.ts';
import { readZshItem, readZshSpecification, zshListItems } from './zsh-specification.ts';
import type { ZshToken } from './zsh-words.ts';

/** How deep functions of a script may call each other. */
const DEPTH_LIMIT = 30;

/** Functions that lead back to each other can spend all of it; real scripts need less than one unit for a character. */
const LIMITS: BudgetLimits = { base: 100_000, perCharacter: 10 };

/** So many characters of a word cost as much as a word. */
const CHARACTERS_PER_UNIT = 4;

/**
 * What a completion function for zsh offers for a program, read without running it: the specifications of `_arguments`, the lists of
 * `_describe` and `_values`, and the functions and branches of `case` that lead to them. What only running it tells is told as not read.
 */
export function readZshCompletion(source: Source, program: string): Inventory {
  return new ZshReader(source, program).read();
}

/** Where something is offered: behind which subcommands, and for the argument of which option. */
interface Where {
  readonly path: readonly string[];
  readonly option: string | undefined;
}

class ZshReader {
  readonly #script: ZshScript;
  readonly #program: string;
  readonly #builder: InventoryBuilder;
  readonly #arrays = new Map<string, ZshToken[]>();
  readonly #states = new Map<string, Where>();
  readonly #budget: ReadingBudget;
  /** The functions that were walked, each with where it was. */
  readonly #walked = new Set<string>();

  constructor(source: Source, program: string) {
    this.#budget = new ReadingBudget(source.text, LIMITS);
    this.#script = new ZshScript(source, this.#budget);
    this.#program = program;
    this.#builder = new InventoryBuilder('zsh', program, source);
  }

  read(): Inventory {
    const top: Where = { path: [], option: undefined };
    // Where no function offers files, zsh offers none.
    this.#builder.operandFiles(undefined, false);
    // A file may be the body of its function, or declare it and call it.
    this.#walk({ from: 0, to: this.#script.tokens.length }, top, 0, true);
    const own = this.#script.functions.get(`_${this.#program}`);
    const entry = own ?? (this.#builder.isEmpty ? [...this.#script.functions.values()][0] : undefined);
    if (entry !== undefined) this.#walk(entry, top, 1, false);
    if (this.#budget.isSpent) this.#builder.notRead('a part that does too much to follow', null);
    return this.#builder.build(
      this.#script.isOpen ? "it is not a valid script: a '{' is not closed" : undefined,
    );
  }

  #walk({ from, to }: TokenRange, where: Where, depth: number, isFile: boolean): void {
    if (depth > DEPTH_LIMIT) return;
    let i = from;
    while (i < to && this.#budget.spend()) {
      const inner = isFile ? this.#script.functionFrom(i) : undefined;
      if (inner !== undefined) {
        i = inner.to + 1;
        continue;
      }
      const token = this.#script.tokens[i];
      if (token === undefined) return;
      if (token.kind === 'operator') {
        i++;
        continue;
      }
      if (this.#script.word(i) === 'case') {
        i = this.#case(i, to, where, depth);
        continue;
      }
      const end = this.#script.statementEnd(i, to);
      this.#statement(i, end, where, depth);
      i = end;
    }
  }

  #statement(from: number, to: number, where: Where, depth: number): void {
    // A function is walked at each place where it is called, and its words are read anew there.
    if (!this.#budget.spend(this.#costOf(from, to))) return;
    for (let i = from; i < to; i++) {
      if (!this.#script.tokens[i]?.raw.endsWith('=') || !this.#script.is(i + 1, '(')) continue;
      let end = i + 2;
      while (end < to && !this.#script.is(end, ')')) end++;
      const name = this.#script.tokens[i]?.raw.replace(/\+?=$/, '') ?? '';
      const items = this.#script.tokens.slice(i + 2, end).filter(({ kind }) => kind === 'word');
      const isAppended = this.#script.tokens[i]?.raw.endsWith('+=') === true;
      const known = isAppended ? this.#arrays.get(name) : undefined;
      if (known === undefined) this.#arrays.set(name, items);
      else for (const item of items) known.push(item);
      i = end;
    }
    let start = from;
    while (start < to && SKIPPED.has(this.#script.word(start) ?? '')) {
      if (
        ['local', 'typeset', 'declare', 'compdef', 'autoload', 'zstyle', 'return', '[[', 'for'].includes(
          this.#script.word(start) ?? '',
        )
      )
        return;
      start++;
    }
    const name = this.#script.word(start) ?? '';
    const words = this.#script.tokens.slice(start + 1, to);
    if (name === '_arguments') this.#arguments(words, where, depth);
    else if (name === '_describe') this.#describe(words, where);
    else if (name === '_values') this.#values(words, where);
    else if (FILES.test(name))
      this.#files(where, FOLDERS.test([name, ...words.map(({ raw }) => raw)].join(' ')));
    else if (depth === 0 && LOADING.has(name))
      this.#builder.notRead(NOT_LOADED, this.#script.tokens[start]?.place ?? null);
    else if (!OF_THE_MACHINE.test(name)) {
      if (this.#script.functions.has(name)) this.#call(name, where, depth);
      else if (/^_\w/.test(name) || name === 'compadd')
        this.#builder.notRead(`what ${name} offers`, this.#script.tokens[start]?.place ?? null);
    }
  }

  /** What reading some words costs: most of their characters are looked at once or twice. */
  #costOf(from: number, to: number): number {
    let characters = 0;
    for (let i = from; i < to; i++) characters += this.#script.tokens[i]?.raw.length ?? 0;
    return to - from + Math.floor(characters / CHARACTERS_PER_UNIT);
  }

  /** Walks a function of the script, once for each place where it is called. */
  #call(name: string, where: Where, depth: number): void {
    const body = this.#script.functions.get(name);
    const id = listKey([name, where.option ?? '', ...where.path]);
    if (body === undefined || this.#walked.has(id)) return;
    this.#walked.add(id);
    this.#walk(body, where, depth + 1, false);
  }

  /** Walks the branches of a `case`; gives where it ends. */
  #case(from: number, to: number, where: Where, depth: number): number {
    const subject = this.#script.tokens[from + 1]?.raw ?? '';
    let i = from + 2;
    while (i < to && this.#script.word(i) !== 'in') i++;
    i++;
    while (i < to && this.#budget.spend()) {
      while (
        this.#script.is(i, '\n') ||
        this.#script.is(i, ';') ||
        this.#script.is(i, ';;') ||
        this.#script.is(i, '(')
      )
        i++;
      if (this.#script.word(i) === 'esac') return i + 1;
      const patterns: string[] = [];
      for (; i < to && !this.#script.is(i, ')'); i++)
        if (this.#script.tokens[i]?.kind === 'word')
          for (const text of this.#script.tokens[i]?.texts ?? []) patterns.push(text);
      i++;
      const start = i;
      let nested = 0;
      for (; i < to; i++) {
        if (this.#script.word(i) === 'case') nested++;
        if (this.#script.word(i) === 'esac' && nested-- === 0) break;
        if (nested === 0 && this.#script.is(i, ';;')) break;
      }
      for (const branch of this.#branches(patterns, subject, where))
        this.#walk({ from: start, to: i }, branch, depth + 1, false);
      if (this.#script.word(i) === 'esac') return i + 1;
      i++;
    }
    return to;
  }

  /** What a branch stands for: a state that `_arguments` named, or subcommands. */
  #branches(patterns: readonly string[], subject: string, where: Where): Where[] {
    const [first = ''] = patterns;
    if (subject.includes('state')) return [this.#states.get(first) ?? where];
    if (patterns.length === 0 || !patterns.every((one) => /^[\w][\w:.-]*$/.test(one))) return [where];
    return patterns.map((one) => ({ path: [...where.path, one], option: undefined }));
  }

  #arguments(words: readonly ZshToken[], where: Where, depth: number): void {
    let i = 0;
    for (; i < words.length; i++) {
      const text = words[i]?.texts[0] ?? '';
      if (text === ':' || text === '--') {
        i++;
        break;
      }
      if (['-A', '-O', '-M'].includes(text)) i++;
      else if (!/^-[sSCnwWR]{1,7}$/.test(text) || words[i]?.raw !== text) break;
    }
    for (const word of this.#spread(words.slice(i))) {
      if (word.isCut) this.#builder.notRead('a word that expands to too many to follow', word.place);
      for (const text of word.texts) {
        const specification = readZshSpecification(text);
        if (specification === undefined) {
          this.#builder.notRead('a specification that is known only when the script runs', word.place);
          continue;
        }
        const { option, explanation, actions, others, position } = specification;
        if (position !== undefined) {
          this.#builder.operandCount(where.path, position);
          this.#builder.addNumbered(where.path, position, offeredBy(actions[0] ?? ''));
        }
        if (option !== undefined && others.length > 0)
          this.#builder.holdApart(where.path, { option, others, place: word.place });
        if (option !== undefined)
          this.#builder.addOption(where.path, {
            text: option,
            description: explanation,
            takesArgument: actions.length > 0,
            place: narrowedPlace(word.place, option),
          });
        for (const action of actions) this.#action(action, { path: where.path, option }, word.place, depth);
      }
    }
  }

  /** Puts the words of known arrays in the place of `$name`, `$name[@]` and `${name[@]}`. */
  #spread(words: readonly ZshToken[]): ZshToken[] {
    return words.flatMap((word) => {
      const name = /^"?\$\{?(\w+)(?:\[[@*]\])?\}?"?$/.exec(word.raw)?.[1];
      const array = name === undefined ? undefined : this.#arrays.get(name);
      return array === undefined || !this.#budget.spend(array.length) ? [word] : array;
    });
  }

  #action(action: string, where: Where, place: Place, depth: number): void {
    const text = action.trim();
    if (text === '' && where.option !== undefined)
      this.#builder.addArgument(where.path, where.option, { isNothing: true });
    if (text === '') return;
    if (text.startsWith('->')) this.#states.set(text.slice(2).trim(), where);
    else if (text.startsWith('(('))
      this.#offer(zshListItems(text.slice(2, -2)).map(readZshItem), where, place);
    else if (text.startsWith('('))
      this.#offer(
        text
          .slice(1, -1)
          .split(/\s+/)
          .filter(Boolean)
          .map((one) => ({ text: one.replace(/\\(.)/g, '$1'), description: undefined })),
        where,
        place,
      );
    else if (FILES.test(text)) this.#files(where, FOLDERS.test(text));
    else if (!OF_THE_MACHINE.test(text)) {
      const [name = ''] = text.split(/\s/, 1);
      if (this.#script.functions.has(name)) this.#call(name, where, depth);
      else this.#builder.notRead(`what ${name} offers`, place);
    }
  }

  #describe(words: readonly ZshToken[], where: Where): void {
    const names = words.map(({ texts }) => texts[0] ?? '').filter((text) => this.#arrays.has(text));
    if (names.length === 0) {
      this.#builder.notRead('a list that is known only when the script runs', words[0]?.place ?? null);
      return;
    }
    // A second array has what is inserted for what the first one shows.
    for (const item of this.#arrays.get(names[0] ?? '') ?? []) {
      if (!this.#budget.spend()) return;
      const items = item.texts.map(readZshItem);
      this.#offer(items, where, item.place);
    }
  }

  #values(words: readonly ZshToken[], where: Where): void {
    // -s and -S have a separator behind them; the first word that is left is the title.
    const given = words
      .filter(({ raw }, i) => !/^-[sSwC]$/.test(raw) && !/^-[sS]$/.test(words[i - 1]?.raw ?? ''))
      .slice(1);
    for (const word of this.#spread(given)) {
      const match = /^((?:\\.|[^[:\\])+)(?:\[([^\]]*)\])?/.exec(word.texts[0] ?? '');
      if (match?.[1] !== undefined)
        this.#offer([{ text: match[1], description: match[2] }], where, word.place);
    }
  }

  #offer(
    items: readonly { readonly text: string; readonly description: string | undefined }[],
    { path, option }: Where,
    place: Place,
  ): void {
    const places = new WordPlaces(place);
    const words = items
      .filter(({ text }) => text !== '')
      .map((item): OfferedWord => ({ ...item, place: places.of(item.text) }));
    if (option !== undefined) this.#builder.addArgument(path, option, { words });
    else for (const word of words) this.#builder.addOperand(path, word);
  }

  #files({ path, option }: Where, isFolders: boolean): void {
    if (option === undefined) this.#builder.operandFiles(path, true, isFolders);
    else this.#builder.addArgument(path, option, { files: true, isFolders });
  }
}

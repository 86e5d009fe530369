import type { Inventory, OfferedWord } from '../../model/inventory.ts';
import { setVariable } from '../../shells/fish-set.ts';
import { FishLexer, type FishStatement, type FishVariables, type FishWord } from '../../shells/fish-words.ts';
import { ReadingBudget } from '../../shells/reading-budget.ts';
import type { Source } from '../../source/source.ts';
import { FishBlocks } from './fish-blocks.ts';
import { type FishComplete, readFishComplete } from './fish-complete.ts';
import { type FishWhere, readFishCondition } from './fish-condition.ts';
import { InventoryBuilder } from './inventory-builder.ts';
import { LOADING, NOT_LOADED } from './loading-commands.ts';
import { WordPlaces } from './narrowed-place.ts';

/**
 * What a completion script for fish offers for a program, read without running it: its calls of `complete`, with variables, loops over
 * known words, and the conditions that fish's own functions make. What depends on anything else is told as not read.
 */
export function readFishCompletion(source: Source, program: string): Inventory {
  return new FishReader(source, program).read();
}

/** Functions of fish that offer what the machine has, which no interface lists. */
const OF_THE_MACHINE =
  /^["']?\(__fish_(?:complete|print)_(command|subcommand|users|groups|user_ids|group_ids|directories|hostnames|pids|interfaces)\)["']?$/;

/** Commands that declare no completion. */
const HARMLESS: ReadonlySet<string> = new Set([
  'set',
  'and',
  'or',
  'not',
  'test',
  'command',
  'type',
  'return',
  'echo',
]);

class FishReader {
  readonly #source: Source;
  readonly #program: string;
  readonly #builder: InventoryBuilder;
  readonly #variables: FishVariables = new Map();
  readonly #functions = new Map<string, FishWhere>();
  readonly #budget: ReadingBudget;
  #filesOff = false;

  constructor(source: Source, program: string) {
    this.#source = source;
    this.#program = program;
    this.#budget = new ReadingBudget(source.text);
    this.#builder = new InventoryBuilder('fish', program, source);
  }

  read(): Inventory {
    const lexer = new FishLexer(this.#source, this.#variables, this.#budget);
    const blocks = new FishBlocks(this.#variables);
    for (let words = lexer.next(); words !== undefined; words = lexer.next()) {
      if (!this.#budget.spend(1 + words.length)) {
        this.#builder.notRead('the rest, which does too much to follow', words[0]?.place ?? null);
        break;
      }
      this.#read(lexer, words, blocks);
    }
    return this.#builder.build();
  }

  /** Reads a statement; what stands in a branch that may not run is told as not read. */
  #read(lexer: FishLexer, words: FishStatement, blocks: FishBlocks): void {
    switch (words[0]?.texts[0]) {
      case 'end':
        blocks.end(lexer);
        break;
      case 'function':
        this.#function(lexer, words);
        break;
      case 'for':
        blocks.loop(lexer, words);
        break;
      case 'if':
      case 'while':
      case 'switch':
        blocks.open(false);
        break;
      case 'begin':
        blocks.open(true);
        break;
      default:
        this.#statement(words, blocks.isCertain);
    }
  }

  #statement(words: FishStatement, isCertain: boolean): void {
    const name = words[0]?.texts[0];
    if (name === 'set') setVariable(words, this.#variables);
    if (LOADING.has(name ?? '')) this.#builder.notRead(NOT_LOADED, words[0]?.place ?? null);
    if (name !== 'complete') {
      // A function that is given the program's name may declare anything for it.
      const [first, ...others] = words;
      const isGiven = others.some(({ texts }) => texts.includes(this.#program));
      if (first !== undefined && isGiven && !HARMLESS.has(name ?? ''))
        this.#builder.notRead('a function that is called with the name of the program', first.place);
      return;
    }
    const call = readFishComplete(words);
    if (call === undefined || !this.#isOurs(call)) return;
    if (call.erases) return;
    if (!isCertain) this.#builder.notRead('a call of complete that only runs under a condition', call.place);
    else this.#complete(call);
  }

  /** A function is not run; one that is a condition and nothing else is kept as that. */
  #function(lexer: FishLexer, words: FishStatement): void {
    const name = words[1]?.texts[0] ?? '';
    const body: FishStatement[] = [];
    let depth = 1;
    for (let next = lexer.next(); next !== undefined && this.#budget.spend(); next = lexer.next()) {
      const first = next[0]?.texts[0] ?? '';
      if (first === 'end' && --depth === 0) break;
      if (['if', 'for', 'while', 'switch', 'begin', 'function'].includes(first)) depth++;
      body.push(next);
    }
    const [only, ...others] = body;
    if (only === undefined || others.length > 0 || only.some(({ isDynamic }) => isDynamic)) return;
    const text = only.flatMap(({ texts }) => texts).join(' ');
    const where = readFishCondition([text], this.#source, this.#program, this.#functions, this.#budget);
    if (where.kind !== 'unknown') this.#functions.set(name, where);
  }

  #isOurs({ programs }: FishComplete): boolean {
    return programs.some(({ texts }) => texts.includes(this.#program));
  }

  #complete(call: FishComplete): void {
    const named = [...call.shorts, ...call.longs, ...call.olds];
    if (call.wraps) this.#builder.notRead('it wraps the completion of another program', call.place);
    if ([...named, ...call.conditions].some(({ isDynamic }) => isDynamic)) {
      this.#builder.notRead('names or conditions that are known only when the script runs', call.place);
      return;
    }
    const where = readFishCondition(
      call.conditions.flatMap(({ texts }) => texts),
      this.#source,
      this.#program,
      this.#functions,
      this.#budget,
    );
    if (where.kind === 'unknown') {
      this.#builder.notRead(
        'a condition that is known only when the script runs',
        call.conditions[0]?.place ?? call.place,
      );
      return;
    }
    for (const path of pathsOf(where)) this.#offer(call, path);
  }

  #offer(call: FishComplete, path: readonly string[] | undefined): void {
    const description = call.description?.texts.join(' ');
    const words = this.#words(call, path, description);
    const names = [
      ...call.shorts.flatMap((word) => namesOf(word, '-')),
      ...call.longs.flatMap((word) => namesOf(word, '--')),
      ...call.olds.flatMap((word) => namesOf(word, '-')),
    ];
    if (names.length === 0) {
      if (call.files !== undefined) {
        this.#filesOff ||= !call.files;
        this.#builder.operandFiles(path, call.files);
      }
      for (const word of words) {
        if (word.text.startsWith('-')) this.#builder.addOption(path, { ...word, takesArgument: undefined });
        else this.#builder.addOperand(path, word);
      }
      return;
    }
    const isFolders = call.argumentWords.some(({ place: { source, start, end } }) =>
      source.text.slice(start, end).includes('__fish_complete_directories'),
    );
    // An option without -r may still have an argument, where it is joined.
    const takesArgument = call.takesArgument ? true : words.length > 0 ? undefined : false;
    for (const { text, place } of names) {
      this.#builder.addOption(path, { text, description, takesArgument, place });
      if (takesArgument !== false)
        this.#builder.addArgument(path, text, {
          words,
          files: isFolders || (call.files ?? (this.#filesOff ? false : undefined)),
          isFolders,
          isNothing: call.files === false && call.argumentWords.length === 0,
        });
    }
  }

  /** The words of `-a`, each with its description. */
  #words(
    call: FishComplete,
    path: readonly string[] | undefined,
    description: string | undefined,
  ): OfferedWord[] {
    return call.argumentWords.flatMap((argument) => {
      const { source, start, end } = argument.place;
      const match = OF_THE_MACHINE.exec(source.text.slice(start, end));
      if (match !== null) {
        if (match[1] === 'directories' && call.shorts.length + call.longs.length + call.olds.length === 0)
          this.#builder.operandFiles(path, true, true);
        return [];
      }
      if (argument.isDynamic) {
        this.#builder.notRead('words that are known only when the script runs', argument.place);
        return [];
      }
      return argument.texts.flatMap((text) => {
        if (!this.#budget.spend(text.length)) {
          this.#builder.notRead('a list that is too long to follow', argument.place);
          return [];
        }
        const lexer = new FishLexer(this.#source, this.#variables, this.#budget, text);
        const found: OfferedWord[] = [];
        const places = new WordPlaces(argument.place);
        for (let words = lexer.next(); words !== undefined; words = lexer.next()) {
          for (const word of words) {
            if (word.isDynamic) {
              this.#builder.notRead('words that are known only when the script runs', argument.place);
              continue;
            }
            for (const one of word.texts) {
              const [value = '', own] = one.split('\t');
              if (value !== '')
                found.push({
                  text: value,
                  description: own ?? description,
                  place: places.of(value),
                });
            }
          }
        }
        return found;
      });
    });
  }
}

function namesOf(word: FishWord, hyphens: string): { text: string; place: FishWord['place'] }[] {
  return word.texts
    .filter((text) => text !== '')
    .map((text) => ({ text: hyphens + text, place: word.place }));
}

/** The paths of subcommands, below the program, where something holds; undefined for everywhere. */
function pathsOf(where: FishWhere): (readonly string[] | undefined)[] {
  switch (where.kind) {
    case 'everywhere':
      return [undefined];
    case 'program':
      return [[]];
    case 'behind':
      return where.commands.map((command) => command.split(' '));
    case 'unknown':
      return [];
  }
}

import type { Inventory, OfferedWord } from '../../model/inventory.ts';
import type { Source } from '../../source/source.ts';
import { type FishComplete, readFishComplete } from './fish-complete.ts';
import { type FishWhere, readFishCondition } from './fish-condition.ts';
import { FishLexer, type FishStatement, type FishVariables, type FishWord } from './fish-words.ts';
import { InventoryBuilder } from './inventory-builder.ts';
import { narrowedPlace } from './narrowed-place.ts';

/** How many statements of a script are read, loops counted as often as they run. */
const STATEMENTS_LIMIT = 200_000;

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
  #left = STATEMENTS_LIMIT;
  #filesOff = false;

  constructor(source: Source, program: string) {
    this.#source = source;
    this.#program = program;
    this.#builder = new InventoryBuilder('fish', program, source);
  }

  read(): Inventory {
    const lexer = new FishLexer(this.#source, this.#variables);
    this.#run(lexer, true);
    return this.#builder.build();
  }

  /** Reads statements up to the end of a block, or of the text; those of a branch that may not run are told as not read. */
  #run(lexer: FishLexer, isCertain: boolean): void {
    for (let words = lexer.next(); words !== undefined && this.#left-- > 0; words = lexer.next()) {
      const name = words[0]?.texts[0] ?? '';
      if (name === 'end') return;
      if (name === 'function') this.#function(lexer, words);
      else if (name === 'for') this.#loop(lexer, words, isCertain);
      else if (name === 'if' || name === 'while' || name === 'switch') this.#run(lexer, false);
      else if (name === 'begin') this.#run(lexer, isCertain);
      else this.#statement(words, isCertain);
    }
  }

  #statement(words: FishStatement, isCertain: boolean): void {
    const name = words[0]?.texts[0];
    if (name === 'set') this.#set(words);
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

  #set(words: FishStatement): void {
    const [, ...rest] = words;
    const at = rest.findIndex((word) => !(word.texts[0] ?? '').startsWith('-'));
    const name = rest[at]?.texts[0];
    if (name === undefined) return;
    const values = rest.slice(at + 1);
    const isAppended = rest
      .slice(0, at)
      .some(({ texts }) => /^-\w*a/.test(texts[0] ?? '') || texts[0] === '--append');
    if (values.some(({ isDynamic }) => isDynamic)) this.#variables.delete(name);
    else
      this.#variables.set(name, [
        ...(isAppended ? (this.#variables.get(name) ?? []) : []),
        ...values.flatMap(({ texts }) => texts),
      ]);
  }

  /** A function is not run; one that is a condition and nothing else is kept as that. */
  #function(lexer: FishLexer, words: FishStatement): void {
    const name = words[1]?.texts[0] ?? '';
    const body: FishStatement[] = [];
    let depth = 1;
    for (let next = lexer.next(); next !== undefined && this.#left-- > 0; next = lexer.next()) {
      const first = next[0]?.texts[0] ?? '';
      if (first === 'end' && --depth === 0) break;
      if (['if', 'for', 'while', 'switch', 'begin', 'function'].includes(first)) depth++;
      body.push(next);
    }
    const [only, ...others] = body;
    if (only === undefined || others.length > 0 || only.some(({ isDynamic }) => isDynamic)) return;
    const text = only.flatMap(({ texts }) => texts).join(' ');
    const where = readFishCondition([text], this.#source, this.#program, this.#functions);
    if (where.kind !== 'unknown') this.#functions.set(name, where);
  }

  /** A loop over words that are known runs once for each of them; the text of its body is read anew each time. */
  #loop(lexer: FishLexer, words: FishStatement, isCertain: boolean): void {
    const name = words[1]?.texts[0] ?? '';
    const values = words.slice(3);
    const known = values.every(({ isDynamic }) => !isDynamic) ? values.flatMap(({ texts }) => texts) : [];
    const start = lexer.position;
    if (known.length === 0) {
      this.#run(lexer, false);
      return;
    }
    for (const value of known) {
      lexer.position = start;
      this.#variables.set(name, [value]);
      this.#run(lexer, isCertain);
    }
  }

  #isOurs({ programs }: FishComplete): boolean {
    return programs.some(({ texts }) => texts.includes(this.#program));
  }

  #complete(call: FishComplete): void {
    const named = [...call.shorts, ...call.longs, ...call.olds];
    if (call.wraps) this.#builder.notRead('the completion of another program is taken over', call.place);
    if ([...named, ...call.conditions].some(({ isDynamic }) => isDynamic)) {
      this.#builder.notRead('names or conditions that only running the script tells', call.place);
      return;
    }
    const where = readFishCondition(
      call.conditions.flatMap(({ texts }) => texts),
      this.#source,
      this.#program,
      this.#functions,
    );
    if (where.kind === 'unknown') {
      this.#builder.notRead(
        'a condition that only running the script tells',
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
    // An option without -r may still have an argument, where it is joined.
    const takesArgument = call.takesArgument ? true : words.length > 0 ? undefined : false;
    for (const { text, place } of names) {
      this.#builder.addOption(path, { text, description, takesArgument, place });
      if (takesArgument !== false)
        this.#builder.addArgument(path, text, words, call.files ?? (this.#filesOff ? false : undefined));
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
          this.#builder.operandFiles(path, true);
        return [];
      }
      if (argument.isDynamic) {
        this.#builder.notRead('words that only running the script tells', argument.place);
        return [];
      }
      return argument.texts.flatMap((text) => {
        const lexer = new FishLexer(this.#source, this.#variables, text, 0);
        const found: OfferedWord[] = [];
        for (let words = lexer.next(); words !== undefined; words = lexer.next()) {
          for (const word of words) {
            if (word.isDynamic) {
              this.#builder.notRead('words that only running the script tells', argument.place);
              continue;
            }
            for (const one of word.texts) {
              const [value = '', own] = one.split('\t');
              if (value !== '')
                found.push({
                  text: value,
                  description: own ?? description,
                  place: narrowedPlace(argument.place, value),
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

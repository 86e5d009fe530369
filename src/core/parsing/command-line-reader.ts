import { type CommandScope, commandScope } from '../abbreviations/command-scope.ts';
import type { Verdict } from '../abbreviations/verdict.ts';
import type { OptionArgument } from '../model/argument.ts';
import { type Command, commandName } from '../model/command.ts';
import type { Interface } from '../model/interface.ts';
import { argumentOf, type Option } from '../model/option.ts';
import type { CommandAt } from '../model/walk.ts';
import { beginsOtherProgram } from './assign-operands.ts';
import { EffectiveRules } from './effective-rules.ts';
import { alternatives, hint, quote } from './messages.ts';
import { argumentOfNamed, calledName, type NamedOption, OptionLookup } from './option-lookup.ts';
import type { AssumedRule, TraceProblem, TraceProblemCode, WordPart } from './trace.ts';

/** An option as it was given, with what a judgement needs. */
export interface GivenReading {
  readonly name: string;
  readonly option: Option;
  readonly negated: boolean;
  readonly argument: OptionArgument | undefined;
  readonly values: readonly string[];
  readonly word: number;
}

/** An operand of the last command, by the index of its word. */
export interface OperandReading {
  readonly word: number;
}

/** A command line as it was read, before it is judged as a whole. */
export interface CommandLineReading {
  /** The commands that were called, the program first. */
  readonly line: readonly CommandAt[];
  readonly words: readonly string[];
  readonly parts: readonly (readonly WordPart[])[];
  readonly given: readonly GivenReading[];
  readonly operands: readonly OperandReading[];
  /** The indexes of the words that are another program's command line. */
  readonly otherProgram: readonly number[];
  readonly problems: readonly TraceProblem[];
  readonly assumed: readonly AssumedRule[];
  /** Whether a word could not be read, so that what is lacking cannot be told. */
  readonly lost: boolean;
}

/** Reads a command line from the first word to the last as the program's parser does. */
export class CommandLineReader {
  readonly #program: string;
  readonly #words: readonly string[];
  readonly #parts: WordPart[][];
  readonly #given: GivenReading[] = [];
  readonly #problems: TraceProblem[] = [];
  readonly #rules = new EffectiveRules();
  readonly #line: CommandAt[] = [];
  readonly #otherProgram: number[] = [];
  #operands: OperandReading[] = [];
  #lookup: OptionLookup;
  #commands: CommandScope;
  #next = 0;
  #lastOption: number | undefined;
  #optionsEnded = false;
  #lost = false;

  constructor(from: Interface, words: readonly string[]) {
    this.#program = from.program.value;
    this.#words = words;
    this.#parts = words.map(() => []);
    const at: CommandAt = { command: from.root, line: [from.root], path: [commandName(from.root)] };
    this.#line.push(at);
    this.#lookup = this.#lookupOf(at);
    this.#commands = commandScope(at);
  }

  read(): CommandLineReading {
    this.#readBundle();
    while (this.#next < this.#words.length) this.#readWord(this.#next++);
    const at = this.#at;
    if (!this.#lost && at.command.commands.items.length > 0 && !this.#takesOperands(at.command)) {
      if (this.#operands.length === 0 && !this.#readsHelp() && at.command.options.complete?.value === true)
        this.#report('command-missing', 'expected a command', null);
    }
    return {
      line: this.#line,
      words: this.#words,
      parts: this.#parts,
      given: this.#given,
      operands: this.#operands,
      otherProgram: this.#otherProgram,
      problems: this.#problems,
      assumed: this.#rules.assumed,
      lost: this.#lost,
    };
  }

  get #at(): CommandAt {
    return this.#line.at(-1) as CommandAt;
  }

  #rule<K extends Parameters<EffectiveRules['get']>[1]>(rule: K) {
    return this.#rules.get(this.#at.line, rule);
  }

  #lookupOf(at: CommandAt): OptionLookup {
    return new OptionLookup(at, this.#rules.known(at.line, 'caseSensitive') === false);
  }

  #readsHelp(): boolean {
    return this.#given.some(({ name }) => PRINTS_AND_EXITS.has(name));
  }

  #readWord(index: number): void {
    const text = this.#words[index] ?? '';
    if (this.#otherProgram.length > 0) {
      this.#otherProgram.push(index);
      this.#part(index, 0, text.length, 'operand', null, null);
    } else if (this.#optionsEnded || text === '-' || !this.#mayBeOption(text)) {
      this.#readNonOption(index, text);
    } else if (text === '--') {
      this.#readDoubleHyphen(index);
    } else if (text.startsWith('--')) {
      this.#readLong(index, text);
    } else {
      this.#readSingle(index, text);
    }
  }

  #mayBeOption(text: string): boolean {
    if (text.startsWith('+')) {
      const known = this.#rules.known(this.#at.line, 'optionPrefixes');
      return text.length > 1 && (known?.includes('+') ?? this.#lookup.hasPlusNames);
    }
    return text.startsWith('-');
  }

  #readDoubleHyphen(index: number): void {
    const meaning = this.#rule('doubleHyphen');
    if (meaning === 'ordinary') {
      this.#readNonOption(index, '--');
      return;
    }
    this.#part(index, 0, 2, 'end-of-options', null, null);
    this.#optionsEnded = true;
    if (meaning === 'begins-command-line') {
      for (; this.#next < this.#words.length; this.#next++) {
        this.#otherProgram.push(this.#next);
        this.#part(this.#next, 0, this.#words[this.#next]?.length ?? 0, 'operand', null, null);
      }
    }
  }

  /** `--name`, `--name=value`. */
  #readLong(index: number, text: string): void {
    const equals = text.indexOf('=');
    const forms = this.#rules.known(this.#at.line, 'valueForms');
    const hasValue = equals > 0 && forms?.longEquals !== false;
    const name = hasValue ? text.slice(0, equals) : text;
    const { verdict, names, found } = this.#lookup.long(name);
    if (verdict !== 'exact' && verdict !== 'unknown') this.#rule('optionAbbreviations');
    if (found === undefined) {
      if (verdict === 'ambiguous') {
        this.#part(index, 0, name.length, 'option', null, verdict);
        this.#report(
          'ambiguous-option',
          `option ${quote(name)} is ambiguous: it may be ${alternatives(names)}`,
          index,
        );
      } else this.#unknownOption(index, 0, name.length, name);
      if (hasValue) this.#part(index, equals + 1, text.length, 'option-argument', null, null);
      return;
    }
    this.#part(index, 0, name.length, 'option', found.name.text, verdict);
    this.#giveValue(index, found, hasValue ? equals + 1 : undefined);
  }

  /** `-x`, `-xyz`, `-xVALUE`, `-sort`, `-5`, `+x`. */
  #readSingle(index: number, text: string): void {
    if (/^-\d+$/.test(text) && this.#rules.known(this.#at.line, 'numberOption') === true) {
      this.#part(index, 0, text.length, 'option', '-NUM', 'exact');
      return;
    }
    if (this.#isNegativeNumber(text)) {
      this.#readNonOption(index, text);
      return;
    }
    const equals = text.indexOf('=');
    const name = equals > 0 ? text.slice(0, equals) : text;
    const asLong = name.length > 2 || text.startsWith('+') ? this.#lookup.long(name) : undefined;
    const isLong = asLong?.found !== undefined && !this.#isGroupInstead(text);
    if (isLong && asLong.found !== undefined) {
      this.#part(index, 0, name.length, 'option', asLong.found.name.text, asLong.verdict);
      this.#giveValue(index, asLong.found, equals > 0 ? equals + 1 : undefined);
    } else if (asLong?.verdict === 'ambiguous' && !this.#isGroup(text)) {
      this.#part(index, 0, name.length, 'option', null, 'ambiguous');
      this.#report(
        'ambiguous-option',
        `option ${quote(name)} is ambiguous: it may be ${alternatives(asLong.names)}`,
        index,
      );
    } else this.#readLetters(index, text, 1);
  }

  #isNegativeNumber(text: string): boolean {
    if (!/^-(?:\d+\.?\d*|\.\d+)$/.test(text)) return false;
    if (this.#lookup.names.some((name) => /^-\d$/.test(name))) return false;
    return this.#rule('negativeNumbers');
  }

  /** Whether a word that is a single-hyphen long name is read as a group of letters. */
  #isGroupInstead(text: string): boolean {
    return this.#isGroup(text) && this.#rule('singleHyphenWord') === 'group';
  }

  /** Whether all letters of a word are options, up to the first that takes an argument. */
  #isGroup(text: string): boolean {
    for (const letter of [...text].slice(1)) {
      const found = this.#lookup.exact(`${text[0]}${letter}`);
      if (found === undefined) return false;
      const presence = argumentOfNamed(found)?.presence;
      if (presence === 'mandatory' || presence === 'optional') return true;
    }
    return true;
  }

  /** The letters of a word from an index on; `prefix` is what the names begin with. */
  #readLetters(index: number, text: string, from: number, prefix = text[0] ?? '-'): void {
    let isFirst = true;
    for (let at = from; at < text.length; ) {
      const letter = String.fromCodePoint(text.codePointAt(at) ?? 0);
      const end = at + letter.length;
      const start = isFirst ? 0 : at;
      const found = this.#lookup.exact(`${prefix}${letter}`);
      if (found === undefined) {
        // Whether the rest of the word is its argument cannot be known.
        this.#unknownOption(index, start, end, `${prefix}${letter}`);
        if (end < text.length) this.#part(index, end, text.length, 'option', null, 'not-judged');
        return;
      } else if (!isFirst && !this.#rule('grouping')) {
        this.#unknownOption(index, start, text.length, text);
        return;
      } else {
        this.#part(index, start, end, 'option', found.name.text, 'exact');
        const presence = argumentOfNamed(found)?.presence;
        if (presence === 'mandatory' || presence === 'optional') {
          const isJoined = end < text.length;
          this.#giveValue(index, found, isJoined ? end : undefined);
          return;
        }
        this.#giveValue(index, found, undefined);
      }
      isFirst = false;
      at = end;
    }
  }

  /** `xzf FILE` as the first word: letters without a hyphen, whose arguments follow in order. */
  #readBundle(): void {
    const text = this.#words[0] ?? '';
    if (text === '' || text.startsWith('-') || text.startsWith('+')) return;
    if (this.#rules.known(this.#at.line, 'bundleWithoutHyphen') !== true) return;
    this.#next = 1;
    for (let at = 0; at < text.length; ) {
      const letter = String.fromCodePoint(text.codePointAt(at) ?? 0);
      const end = at + letter.length;
      const found = this.#lookup.exact(`-${letter}`);
      if (found === undefined) {
        this.#unknownOption(0, at, end, `-${letter}`);
      } else {
        this.#part(0, at, end, 'option', found.name.text, 'exact');
        this.#giveValue(0, found, undefined);
      }
      at = end;
    }
  }

  /** Takes an option's argument: the rest of the word from `joined` on, or the words that follow. */
  #giveValue(index: number, named: NamedOption, joined: number | undefined): void {
    const argument = argumentOfNamed(named);
    const called = calledName(named);
    const values: string[] = [];
    const text = this.#words[index] ?? '';
    const isKnown = named.negated || argumentOf(named.option, named.name) !== undefined;
    const presence = argument?.presence ?? 'none';
    if (joined !== undefined) {
      this.#part(index, joined, text.length, 'option-argument', called, null);
      if (presence === 'none' && isKnown)
        this.#report('value-unexpected', `option ${quote(named.name.text)} takes no argument`, index);
      else values.push(text.slice(joined));
    }
    if (presence === 'mandatory') this.#takeWords(index, named, argument, values);
    else if (presence === 'optional' && joined === undefined && this.#takesSeparateOptional())
      this.#takeNext(called, values, true);
    this.#given.push({
      name: called,
      option: named.option,
      negated: named.negated,
      argument,
      values,
      word: index,
    });
  }

  #takesSeparateOptional(): boolean {
    return this.#next < this.#words.length && this.#rule('optionalValues') === 'joined-or-separate';
  }

  #takeWords(
    index: number,
    named: NamedOption,
    argument: OptionArgument | undefined,
    values: string[],
  ): void {
    const words = Math.max(1, argument?.words.length ?? 1);
    const least = words - 1 + (argument?.count?.value.least ?? 1);
    const most =
      words -
      1 +
      (argument?.count === undefined ? 1 : (argument.count.value.most ?? Number.POSITIVE_INFINITY));
    const called = calledName(named);
    while (values.length < least) {
      if (this.#takeNext(called, values, false)) continue;
      const placeholder = argument?.words[Math.min(values.length, words - 1)]?.placeholder?.value;
      const name = placeholder === undefined ? '' : `: ${placeholder}`;
      this.#report('value-missing', `option ${quote(named.name.text)} needs an argument${name}`, index);
      return;
    }
    while (values.length < most && this.#takeNext(called, values, true));
  }

  /** Takes the next word as an argument; one that looks like an option only where it must be taken and may be. */
  #takeNext(called: string, values: string[], mayLeave: boolean): boolean {
    const text = this.#words[this.#next];
    if (text === undefined) return false;
    if (this.#mayBeOption(text) && text !== '-' && !this.#isNegativeNumber(text)) {
      if (mayLeave || !this.#rule('hyphenValues')) return false;
    }
    this.#part(this.#next, 0, text.length, 'option-argument', called, null);
    this.#next++;
    values.push(text);
    return true;
  }

  #unknownOption(index: number, start: number, end: number, name: string): void {
    const meaning = this.#rule('unknownOptions');
    const isSure = this.#lookup.complete;
    this.#part(index, start, end, 'option', null, isSure ? 'unknown' : 'not-judged');
    if (meaning === 'ignored') return;
    if (meaning === 'passed-on') {
      this.#operands.push({ word: index });
      return;
    }
    const near = hint(name, name.length > 2 ? this.#lookup.names.filter((known) => known.length > 2) : []);
    if (isSure) this.#report('unknown-option', `unknown option ${quote(name)}${near}`, index);
    else
      this.#report(
        'not-judged',
        `no option ${quote(name)} is known here, and the list may lack some${near}`,
        index,
      );
  }

  /** A word that is no option: a subcommand where one is due, else an operand. */
  #readNonOption(index: number, text: string): void {
    const { command } = this.#at;
    const isCommandDue = !this.#lost && command.commands.items.length > 0 && this.#operands.length === 0;
    if (isCommandDue && this.#readCommand(index, text)) return;
    const operand = beginsOtherProgram(command, this.#operands.length);
    if (operand !== undefined && !this.#lost) {
      this.#otherProgram.push(index);
      this.#part(index, 0, text.length, 'operand', operand.name, null);
      return;
    }
    this.#operands.push({ word: index });
    this.#part(index, 0, text.length, 'operand', null, null);
    if (this.#optionsEnded || !this.#mayOptionFollow()) return;
    if (this.#rule('operandOrder') === 'first-operand-ends-options') this.#optionsEnded = true;
  }

  /** Whether a word that looks like an option follows: else the order of the operands does not matter. */
  #mayOptionFollow(): boolean {
    this.#lastOption ??= this.#words.findLastIndex((word) => word.length > 1 && /^[-+]/.test(word));
    return this.#lastOption >= this.#next;
  }

  /** Reads a word as a subcommand; false where it is an operand. */
  #readCommand(index: number, text: string): boolean {
    const { command, line } = this.#at;
    const { index: names, accepted, complete } = this.#commands;
    const { verdict, names: found, target } = names.resolve(text);
    const isAccepted =
      accepted?.value === true || (verdict !== 'unknown' && verdict !== 'exact' && this.#acceptsCommands());
    if (target !== undefined && (verdict === 'exact' || isAccepted)) {
      this.#part(index, 0, text.length, 'command', commandName(target), verdict);
      this.#enter(target);
      return true;
    }
    if (verdict === 'ambiguous' && isAccepted) {
      this.#part(index, 0, text.length, 'command', null, verdict);
      this.#report(
        'ambiguous-command',
        `command ${quote(text)} is ambiguous: it may be ${alternatives(found)}`,
        index,
      );
      this.#lost = true;
      return true;
    }
    const fallback = command.defaultCommand?.value;
    const below = command.commands.items.find(({ names: own }) => own.some((name) => name.text === fallback));
    if (below !== undefined) {
      this.#enter(below);
      this.#readNonOption(index, text);
      return true;
    }
    if (this.#takesOperands(command)) return false;
    const isSure = complete?.value === true && command.pluginCommands?.value !== true;
    this.#part(index, 0, text.length, 'command', null, isSure ? 'unknown' : 'not-judged');
    const near = hint(text, names.names);
    const where = line.length > 1 ? ` of ${quote(this.#at.path.slice(1).join(' '))}` : '';
    if (isSure) this.#report('unknown-command', `unknown command ${quote(text)}${where}${near}`, index);
    else
      this.#report(
        'not-judged',
        `no command ${quote(text)}${where} is known here, and the list may lack some${near}`,
        index,
      );
    this.#lost = true;
    return true;
  }

  #acceptsCommands(): boolean {
    return this.#commands.segments !== undefined || this.#rule('commandAbbreviations');
  }

  /** Whether a command with subcommands has operands of its own. */
  #takesOperands(command: Command): boolean {
    const shown = command.forms.flatMap(({ operands }) => operands);
    return [...shown, ...command.operands.items].some(({ kind }) => kind !== 'command-line');
  }

  #enter(command: Command): void {
    const { line, path } = this.#at;
    // One parser for the whole line goes on as it was; one for each command begins anew.
    if (this.#optionsEnded && this.#rules.known(line, 'operandOrder') !== 'mixed') this.#optionsEnded = false;
    const at: CommandAt = { command, line: [...line, command], path: [...path, commandName(command)] };
    this.#line.push(at);
    this.#lookup = this.#lookupOf(at);
    this.#commands = commandScope(at);
    this.#operands = [];
  }

  #part(
    index: number,
    start: number,
    end: number,
    role: WordPart['role'],
    name: string | null,
    verdict: Verdict | null,
  ): void {
    const known = role === 'option' && name !== null ? this.#lookup.exact(name) : undefined;
    const option =
      known !== undefined ? calledName(known) : role === 'option-argument' || role === 'option' ? name : null;
    this.#parts[index]?.push({ start, end, role, name, option, verdict });
  }

  #report(code: TraceProblemCode, message: string, word: number | null): void {
    this.#problems.push({ code, message: `${this.#program}: ${message}`, word });
  }
}

/** Options behind which a parser asks for nothing more. */
export const PRINTS_AND_EXITS: ReadonlySet<string> = new Set(['--help', '--version', '-h', '-V', '--usage']);

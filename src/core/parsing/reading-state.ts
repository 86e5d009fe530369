import { type CommandScope, commandScope } from '../abbreviations/command-scope.ts';
import type { Verdict } from '../abbreviations/verdict.ts';
import type { OptionArgument } from '../model/argument.ts';
import { type Command, commandName } from '../model/command.ts';
import type { Interface } from '../model/interface.ts';
import type { Option } from '../model/option.ts';
import type { CommandAt } from '../model/walk.ts';
import { EffectiveRules } from './effective-rules.ts';
import { calledName, OptionLookup } from './option-lookup.ts';
import type { TraceProblem, TraceProblemCode, WordPart } from './trace.ts';

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
  /** Where in the word it begins, if a part of the word is something else. */
  readonly start?: number;
}

/** How far a command line is read, and what was found so far. */
export class ReadingState {
  readonly program: string;
  readonly words: readonly string[];
  readonly parts: WordPart[][];
  readonly given: GivenReading[] = [];
  readonly problems: TraceProblem[] = [];
  readonly rules = new EffectiveRules();
  /** The commands that were called, the program first. */
  readonly line: CommandAt[] = [];
  /** The indexes of the words that are another program's command line. */
  readonly otherProgram: number[] = [];
  /** The operands of the last command. */
  operands: OperandReading[] = [];
  /** The options and the subcommands of the last command. */
  lookup: OptionLookup;
  commands: CommandScope;
  /** The index of the next word to be read. */
  next = 0;
  optionsEnded = false;
  /** Whether a word could not be read, so that what is lacking cannot be told. */
  lost = false;

  constructor(cli: Interface, words: readonly string[]) {
    this.program = cli.program.value;
    this.words = words;
    this.parts = words.map(() => []);
    const at: CommandAt = { command: cli.root, line: [cli.root], path: [commandName(cli.root)] };
    this.line.push(at);
    this.lookup = this.#lookupOf(at);
    this.commands = commandScope(at);
  }

  get at(): CommandAt {
    return this.line.at(-1) as CommandAt;
  }

  rule<K extends Parameters<EffectiveRules['get']>[1]>(rule: K) {
    return this.rules.get(this.at.line, rule);
  }

  enter(command: Command): void {
    const { line, path } = this.at;
    // One parser for the whole line goes on as it was; one for each command begins anew.
    if (this.optionsEnded && this.rules.known(line, 'operandOrder') !== 'mixed') this.optionsEnded = false;
    const at: CommandAt = { command, line: [...line, command], path: [...path, commandName(command)] };
    this.line.push(at);
    this.lookup = this.#lookupOf(at);
    this.commands = commandScope(at);
    this.operands = [];
  }

  mayBeOption(text: string): boolean {
    if (text.startsWith('+')) {
      const known = this.rules.known(this.at.line, 'optionPrefixes');
      return text.length > 1 && (known?.includes('+') ?? this.lookup.hasPlusNames);
    }
    return text.startsWith('-');
  }

  part(
    index: number,
    start: number,
    end: number,
    role: WordPart['role'],
    name: string | null,
    verdict: Verdict | null,
  ): void {
    const known = role === 'option' && name !== null ? this.lookup.exact(name) : undefined;
    const option =
      known !== undefined ? calledName(known) : role === 'option-argument' || role === 'option' ? name : null;
    this.parts[index]?.push({ start, end, role, name, option, verdict });
  }

  report(code: TraceProblemCode, message: string, word: number | null): void {
    this.problems.push({ code, message: `${this.program}: ${message}`, word });
  }

  #lookupOf(at: CommandAt): OptionLookup {
    return new OptionLookup(at, this.rules.known(at.line, 'caseSensitive') === false);
  }
}

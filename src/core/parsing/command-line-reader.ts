import { didYouMean } from '../messages/did-you-mean.ts';
import { listNames, quoteName } from '../messages/wording.ts';
import { type Command, commandName } from '../model/command.ts';
import type { Interface } from '../model/interface.ts';
import type { CommandAt } from '../model/walk.ts';
import { beginsOtherProgram } from './assign-operands.ts';
import { OptionWords } from './option-words.ts';
import { type GivenReading, type OperandReading, ReadingState } from './reading-state.ts';
import type { AssumedRule, TraceProblem, WordPart } from './trace.ts';

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
  readonly #state: ReadingState;
  readonly #options: OptionWords;
  #lastOption: number | undefined;

  constructor(cli: Interface, words: readonly string[]) {
    this.#state = new ReadingState(cli, words);
    this.#options = new OptionWords(this.#state);
  }

  read(): CommandLineReading {
    this.#options.readBundle();
    while (this.#state.next < this.#state.words.length) this.#readWord(this.#state.next++);
    const at = this.#state.at;
    if (!this.#state.lost && at.command.commands.items.length > 0 && !this.#takesOperands(at.command)) {
      if (
        this.#state.operands.length === 0 &&
        !this.#readsHelp() &&
        at.command.options.complete?.value === true
      )
        this.#state.report('command-missing', 'expected a command', null);
    }
    return {
      line: this.#state.line,
      words: this.#state.words,
      parts: this.#state.parts,
      given: this.#state.given,
      operands: this.#state.operands,
      otherProgram: this.#state.otherProgram,
      problems: this.#state.problems,
      assumed: this.#state.rules.assumed,
      lost: this.#state.lost,
    };
  }

  #readWord(index: number): void {
    const text = this.#state.words[index] ?? '';
    if (this.#state.otherProgram.length > 0) {
      this.#state.otherProgram.push(index);
      this.#state.part(index, 0, text.length, 'operand', null, null);
    } else if (this.#state.optionsEnded || text === '-' || !this.#state.mayBeOption(text)) {
      this.#readNonOption(index, text);
    } else if (text === '--') {
      this.#readDoubleHyphen(index);
    } else if (text.startsWith('--') && !this.#options.areLettersOnly) {
      this.#options.readLong(index, text);
    } else if (this.#options.isNegativeNumber(text)) {
      this.#readNonOption(index, text);
    } else {
      this.#options.readSingle(index, text);
    }
  }

  #readDoubleHyphen(index: number): void {
    const meaning = this.#state.rule('doubleHyphen');
    if (meaning === 'ordinary') {
      this.#readNonOption(index, '--');
      return;
    }
    if (meaning === 'refused') {
      this.#options.readLong(index, '--');
      return;
    }
    this.#state.part(index, 0, 2, 'end-of-options', null, null);
    if (meaning === 'ends-options-and-stays') this.#state.operands.push({ word: index });
    this.#state.optionsEnded = true;
    if (meaning === 'begins-command-line') {
      for (; this.#state.next < this.#state.words.length; this.#state.next++) {
        this.#state.otherProgram.push(this.#state.next);
        this.#state.part(
          this.#state.next,
          0,
          this.#state.words[this.#state.next]?.length ?? 0,
          'operand',
          null,
          null,
        );
      }
    }
  }

  /** A word that is no option: a subcommand where one is due, else an operand. */
  #readNonOption(index: number, text: string): void {
    const { command } = this.#state.at;
    const isCommandDue =
      !this.#state.lost && command.commands.items.length > 0 && this.#state.operands.length === 0;
    if (isCommandDue && this.#readCommand(index, text)) return;
    const operand = beginsOtherProgram(command, this.#state.operands.length);
    if (operand !== undefined && !this.#state.lost) {
      this.#state.otherProgram.push(index);
      this.#state.part(index, 0, text.length, 'operand', operand.name, null);
      return;
    }
    this.#state.operands.push({ word: index });
    this.#state.part(index, 0, text.length, 'operand', null, null);
    if (this.#state.optionsEnded || !this.#mayOptionFollow()) return;
    if (this.#state.rule('operandOrder') === 'first-operand-ends-options') this.#state.optionsEnded = true;
  }

  /** Whether a word that looks like an option follows: else the order of the operands does not matter. */
  #mayOptionFollow(): boolean {
    this.#lastOption ??= this.#state.words.findLastIndex((word) => word.length > 1 && /^[-+]/.test(word));
    return this.#lastOption >= this.#state.next;
  }

  /** Reads a word as a subcommand; false where it is an operand. */
  #readCommand(index: number, text: string): boolean {
    const { command, line } = this.#state.at;
    const { index: names, accepted, complete } = this.#state.commands;
    const { verdict, names: found, target } = names.resolve(text);
    const isAccepted =
      accepted?.value === true || (verdict !== 'unknown' && verdict !== 'exact' && this.#acceptsCommands());
    if (target !== undefined && (verdict === 'exact' || isAccepted)) {
      this.#state.part(index, 0, text.length, 'command', commandName(target), verdict);
      this.#state.enter(target);
      return true;
    }
    if (verdict === 'ambiguous' && isAccepted) {
      this.#state.part(index, 0, text.length, 'command', null, verdict);
      this.#state.report(
        'ambiguous-command',
        `command ${quoteName(text)} is ambiguous: it could be ${listNames(found, 'or')}`,
        index,
      );
      this.#state.lost = true;
      return true;
    }
    const fallback = command.defaultCommand?.value;
    const below = command.commands.items.find(({ names: own }) => own.some((name) => name.text === fallback));
    if (below !== undefined) {
      this.#state.enter(below);
      this.#readNonOption(index, text);
      return true;
    }
    if (this.#takesOperands(command)) return false;
    const isSure = complete?.value === true && command.pluginCommands?.value !== true;
    this.#state.part(index, 0, text.length, 'command', null, isSure ? 'unknown' : 'not-judged');
    const near = didYouMean(text, names.names);
    const where = line.length > 1 ? ` of ${quoteName(this.#state.at.path.slice(1).join(' '))}` : '';
    if (isSure)
      this.#state.report('unknown-command', `unknown command ${quoteName(text)}${where}${near}`, index);
    else
      this.#state.report(
        'not-judged',
        `no command ${quoteName(text)}${where} is known, but the list may be incomplete${near}`,
        index,
      );
    this.#state.lost = true;
    return true;
  }

  #acceptsCommands(): boolean {
    return this.#state.commands.segments !== undefined || this.#state.rule('commandAbbreviations');
  }

  /** Whether a command with subcommands has operands of its own. */
  #takesOperands(command: Command): boolean {
    const shown = command.forms.flatMap(({ operands }) => operands);
    return [...shown, ...command.operands.items].some(({ kind }) => kind !== 'command-line');
  }

  #readsHelp(): boolean {
    return this.#state.given.some(({ name }) => PRINTS_AND_EXITS.has(name));
  }
}

/** Options behind which a parser asks for nothing more. */
export const PRINTS_AND_EXITS: ReadonlySet<string> = new Set(['--help', '--version', '-h', '-V', '--usage']);

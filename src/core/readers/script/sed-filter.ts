import type { FilterCall, ScriptLine } from './script-lines.ts';
import { readSedScript, type SedAddress, type SedCommand } from './sed-script.ts';
import { substituted } from './sed-substitution.ts';

/** A call of `sed`: what it does to the lines; undefined where it has options or commands that are not followed. */
export function sedFilter(words: readonly string[]): FilterCall | undefined {
  const call = readCall(words);
  if (call === undefined) return undefined;
  const commands = readSedScript(call.scripts.join('\n'), call.isExtended);
  if (commands === undefined) return undefined;
  return { filter: (lines) => new SedRun(commands, call.isQuiet, lines).output(), files: call.files };
}

interface SedCall {
  readonly scripts: readonly string[];
  readonly isQuiet: boolean;
  readonly isExtended: boolean;
  readonly files: readonly string[];
}

function readCall(words: readonly string[]): SedCall | undefined {
  const scripts: string[] = [];
  const operands: string[] = [];
  let isQuiet = false;
  let isExtended = false;
  for (let i = 0; i < words.length; i++) {
    const word = words[i] ?? '';
    const isGroup = /^-[nErs]*e?$/.test(word) && word !== '-';
    if (word === '--') continue;
    if (/^--(?:quiet|silent)$/.test(word)) isQuiet = true;
    else if (word === '--regexp-extended') isExtended = true;
    else if (word.startsWith('--expression=')) scripts.push(word.slice('--expression='.length));
    else if (isGroup) {
      isQuiet ||= word.includes('n');
      isExtended ||= /[Er]/.test(word);
      if (word.endsWith('e')) scripts.push(words[++i] ?? '');
    } else if (/^-./.test(word)) return undefined;
    else operands.push(word);
  }
  const [first, ...files] = operands;
  if (scripts.length > 0) return { scripts, isQuiet, isExtended, files: operands };
  return first === undefined ? undefined : { scripts: [first], isQuiet, isExtended, files };
}

/** So many commands are done at most; a script of more is cut off there. */
const STEPS_LIMIT = 2_000_000;

/** A line that becomes longer ends the work. */
const LENGTH_LIMIT = 20_000;

/** Commands of `sed` at work on lines. */
class SedRun {
  readonly #commands: readonly SedCommand[];
  readonly #isQuiet: boolean;
  readonly #lines: readonly ScriptLine[];
  readonly #printed: ScriptLine[] = [];
  /** The ranges that have begun and not ended, each with the number of its last line where that is known. */
  readonly #open = new Map<SedCommand, number | undefined>();
  #steps = 0;

  constructor(commands: readonly SedCommand[], isQuiet: boolean, lines: readonly ScriptLine[]) {
    this.#commands = commands;
    this.#isQuiet = isQuiet;
    this.#lines = lines;
  }

  output(): readonly ScriptLine[] {
    for (const [i, line] of this.#lines.entries()) {
      const { current, end } = this.#run(this.#commands, line, i + 1);
      if (end !== 'deleted' && !this.#isQuiet) this.#printed.push(current);
      if (end === 'quit' || this.#steps > STEPS_LIMIT) break;
    }
    return this.#printed;
  }

  #run(
    commands: readonly SedCommand[],
    line: ScriptLine,
    number: number,
  ): { current: ScriptLine; end: 'deleted' | 'quit' | undefined } {
    let current = line;
    for (const command of commands) {
      this.#steps++;
      if (this.#isSelected(command, current.text, number) === command.isNegated) continue;
      const { act } = command;
      if (act.name === 'd') return { current, end: 'deleted' };
      if (act.name === 'q') return { current, end: 'quit' };
      if (act.name === 'p') this.#printed.push(current);
      else if (act.name === 's') {
        const changed = substituted(current, act);
        // Lines that grow with every command are no help.
        if (changed !== undefined && changed.text.length > LENGTH_LIMIT) return { current, end: 'quit' };
        if (changed !== undefined && act.prints) this.#printed.push(changed);
        current = changed ?? current;
      } else if (act.name === '{') {
        const inner = this.#run(act.commands, current, number);
        if (inner.end !== undefined) return inner;
        current = inner.current;
      }
    }
    return { current, end: undefined };
  }

  #isSelected(command: SedCommand, text: string, number: number): boolean {
    const { first, last } = command;
    if (first === undefined) return true;
    if (last === undefined) return this.#isAt(first, text, number);
    if (this.#open.has(command)) return this.#goesOn(command, last, text, number);
    const isBegun =
      first.kind === 'line' && first.number === 0 ? number === 1 : this.#isAt(first, text, number);
    if (!isBegun) return false;
    const until = last.kind === 'line' ? last.number : last.kind === 'more' ? number + last.count : undefined;
    // A range that ends by its number before it begins is one line long; `0,/x/` may end where it begins.
    if (until !== undefined && until <= number) return true;
    if (first.kind === 'line' && first.number === 0 && this.#isAt(last, text, number)) return true;
    this.#open.set(command, until);
    return true;
  }

  #goesOn(command: SedCommand, last: SedAddress, text: string, number: number): boolean {
    const until = this.#open.get(command);
    const isLast = until === undefined ? this.#isAt(last, text, number) : number >= until;
    if (isLast) this.#open.delete(command);
    return until === undefined || number <= until;
  }

  #isAt(address: SedAddress, text: string, number: number): boolean {
    switch (address.kind) {
      case 'line':
        return number === address.number;
      case 'last':
        return number === this.#lines.length;
      case 'pattern':
        return address.pattern.match(text, 0) !== undefined;
      case 'more':
        return false;
    }
  }
}

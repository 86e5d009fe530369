import { optionNamed } from '../comparison/pairing/option-named.ts';
import { type Pairing, pairInterfaces } from '../comparison/pairing/pairing.ts';
import { type Command, commandName } from '../model/command.ts';
import type { Interface } from '../model/interface.ts';
import type { Option } from '../model/option.ts';
import type { CommandAt } from '../model/walk.ts';
import { sureProblems } from '../parsing/sure-problems.ts';
import type { Trace, WordPart } from '../parsing/trace.ts';
import { traceWords } from '../parsing/trace-words.ts';
import type { Span } from '../source/source.ts';
import { type Invocation, withUnknown } from './find-callers.ts';

/** What a new version does to a call. */
export interface CallChange {
  /** Whether the call is refused now, or is taken and means something else, which nobody is told. */
  readonly effect: 'other-meaning' | 'refused';
  /** What changes, in a sentence without a full stop. */
  readonly message: string;
  /** Where the word stands that it is about; the call, where it is about no word. */
  readonly place: Span;
}

/** A call that a new version breaks, or changes without a word. */
export interface ChangedCall {
  /** The call as it was found. */
  readonly invocation: Invocation;
  /** What changes: silent changes first. */
  readonly changes: readonly CallChange[];
}

/** The calls of a program that a new version of it breaks or silently changes, those that it changes silently first. What was wrong before is left out. */
export function changedCalls(
  invocations: readonly Invocation[],
  before: Interface,
  next: Interface,
): ChangedCall[] {
  const comparing = new CallComparing(before, next);
  const changed = invocations.flatMap((invocation): ChangedCall[] => {
    const changes = comparing.changesOf(invocation);
    return changes.length === 0 ? [] : [{ invocation, changes }];
  });
  const isSilent = ({ changes }: ChangedCall) => changes.some(({ effect }) => effect === 'other-meaning');
  return [...changed.filter(isSilent), ...changed.filter((one) => !isSilent(one))];
}

interface Difference {
  readonly word: number;
  readonly message: string;
}

/** Holds what two versions make of calls against each other. */
class CallComparing {
  readonly #before: Interface;
  readonly #next: Interface;
  readonly #pairing: Pairing;

  constructor(before: Interface, next: Interface) {
    this.#before = before;
    this.#next = next;
    this.#pairing = pairInterfaces(before, next);
  }

  changesOf({ words, trace, problems, place, isOpen }: Invocation): CallChange[] {
    const after = traceWords(
      this.#next,
      words.map(({ text }) => text),
    );
    const placeOf = (word: number | null) => (word === null ? undefined : words[word]?.place) ?? place;
    const known = new Set(problems.map(({ code, word }) => `${code} ${word}`));
    const refused = sureProblems(after, withUnknown(words, isOpen)).filter(
      ({ code, word }) => !known.has(`${code} ${word}`),
    );
    const faulty = new Set(refused.map(({ word }) => word));
    const silent = this.#differences(trace, after).filter(
      ({ word }) => words[word]?.isLiteral === true && !faulty.has(word),
    );
    return [
      ...silent.map(({ word, message }) => ({
        effect: 'other-meaning' as const,
        message,
        place: placeOf(word),
      })),
      ...refused.map(({ message, word }) => ({
        effect: 'refused' as const,
        message: message.slice(message.indexOf(': ') + 2),
        place: placeOf(word),
      })),
    ];
  }

  /** The parts of words that both versions take, for different things. */
  #differences(before: Trace, after: Trace): Difference[] {
    const olds = new CommandsOnTheWay(this.#before);
    const news = new CommandsOnTheWay(this.#next);
    return before.words.flatMap(({ index, text, parts }) => {
      const nows = after.words[index]?.parts ?? [];
      const told = parts.flatMap((part): Difference[] => {
        const now = nows.find(({ start, end }) => start === part.start && end === part.end);
        if (now === undefined || !isTaken(part) || !isTaken(now)) return [];
        if (this.#isSame(part, olds.at, now, news.at)) return [];
        const written = text.slice(part.start, part.end);
        return [{ word: index, message: `'${written}' was ${meaning(part)} and is ${meaning(now)} now` }];
      });
      for (const part of parts) olds.goTo(part);
      for (const part of nows) news.goTo(part);
      return told;
    });
  }

  /** An operand may be called otherwise without anything being changed; of an argument its option tells what it is now; and an option or command may have another name. */
  #isSame(part: WordPart, at: CommandAt, now: WordPart, nowAt: CommandAt): boolean {
    if (part.role !== now.role) return false;
    if (part.role !== 'command' && part.role !== 'option') return true;
    if (part.name === null || now.name === null) return part.name === now.name;
    if (part.role === 'command') {
      const [old, newer] = [commandNamed(at.command, part.name), commandNamed(nowAt.command, now.name)];
      return old === undefined ? part.name === now.name : this.#pairing.commands.get(old) === newer;
    }
    const [old, newer] = [optionInReach(at, part.name), optionInReach(nowAt, now.name)];
    return old === undefined ? part.name === now.name : this.#pairing.options.get(old) === newer;
  }
}

/** The command that has been reached so far, while the words of a call are gone through. */
class CommandsOnTheWay {
  at: CommandAt;

  constructor({ root }: Interface) {
    this.at = { command: root, line: [root], path: [commandName(root)] };
  }

  goTo({ role, name }: WordPart): void {
    const below = role === 'command' && name !== null ? commandNamed(this.at.command, name) : undefined;
    if (below === undefined) return;
    this.at = { command: below, line: [...this.at.line, below], path: [...this.at.path, commandName(below)] };
  }
}

function commandNamed({ commands }: Command, name: string): Command | undefined {
  return commands.items.find(({ names }) => names.some(({ text }) => text === name));
}

/** The option of a name at a command, or at one above it. */
function optionInReach(at: CommandAt, name: string): Option | undefined {
  for (let depth = at.line.length; depth > 0; depth--) {
    const line = at.line.slice(0, depth);
    const command = line.at(-1);
    const found = command && optionNamed({ command, line, path: at.path.slice(0, depth) }, name);
    if (found !== undefined) return found;
  }
  return undefined;
}

function isTaken({ verdict }: WordPart): boolean {
  return verdict === null || verdict === 'exact' || verdict === 'unique' || verdict === 'same-option';
}

function meaning({ role, name, option }: WordPart): string {
  switch (role) {
    case 'command':
      return `the command '${name}'`;
    case 'option':
      return `'${option ?? name}'`;
    case 'option-argument':
      return option === null ? 'an option-argument' : `the argument of '${option}'`;
    case 'operand':
      return 'an operand';
    case 'end-of-options':
      return 'the end of the options';
  }
}

import { type Pairing, pairInterfaces } from '../comparison/pairing/pairing.ts';
import type { TextEdit } from '../edits/text-edits.ts';
import type { Interface } from '../model/interface.ts';
import type { CommandAt } from '../model/walk.ts';
import { sureProblems } from '../parsing/sure-problems.ts';
import type { Trace, WordPart } from '../parsing/trace.ts';
import { traceWords } from '../parsing/trace-words.ts';
import type { Span } from '../source/source.ts';
import type { CallWords } from './call-words.ts';
import { CommandsOnTheWay, commandNamed, optionInReach } from './commands-on-the-way.ts';
import { type CallersFound, type Invocation, withUnknown } from './find-callers.ts';
import { placeOfPart } from './name-places.ts';
import type { CallEdits, NameLeft } from './names-in-full.ts';
import { type RenamedWord, renamedWords, withNames } from './renamed-words.ts';

/** What a new version does to a call. */
export interface CallChange {
  /** Whether the call is refused now, or is taken and means something else, which nobody is told. */
  readonly effect: 'other-meaning' | 'refused';
  /** What changes, in a sentence without a full stop. */
  readonly message: string;
  /** Where the word stands that it is about; the call, where it is about no word. */
  readonly place: Span;
  /** What to write instead of the word, where that fixes it; undefined where no name does. */
  readonly instead: string | undefined;
}

/** A call that a new version breaks, or changes without a word. */
export interface ChangedCall {
  /** The call as it was found. */
  readonly invocation: Invocation;
  /** What changes: silent changes first. */
  readonly changes: readonly CallChange[];
}

/** Callers of one version, and what the next one does to them. */
export interface ComparedCallers {
  /** The calls that were found. */
  readonly found: CallersFound;
  /** Those that the next version breaks or silently changes. */
  readonly changed: readonly ChangedCall[];
  /** What fixes them, as far as names do. */
  readonly edits: CallEdits;
}

/** What becomes of the calls of a program with a next version of it. */
export function compareCallers(found: CallersFound, before: Interface, next: Interface): ComparedCallers {
  const { invocations } = found;
  return {
    found,
    changed: changedCalls(invocations, before, next),
    edits: callsForVersion(invocations, before, next),
  };
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

/** What calls of one version must say for the next one: abbreviations in full, and what it renamed by the new names, where what it takes is the same. */
export function callsForVersion(
  invocations: readonly Invocation[],
  before: Interface,
  next: Interface,
): CallEdits {
  const pairing = pairInterfaces(before, next);
  const edits: TextEdit[] = [];
  const left: NameLeft[] = [];
  for (const invocation of invocations)
    for (const { word, parts } of renamedWords(invocation, before, pairing).values())
      for (const { part, name } of parts) {
        const place = placeOfPart(word, part);
        if (place === undefined)
          left.push({ text: word.text.slice(part.start, part.end), name, place: word.place });
        else edits.push({ place, text: name });
      }
  return { edits, left };
}

interface Difference {
  readonly word: number;
  readonly message: string;
}

interface FoundChange extends Pick<CallChange, 'effect' | 'message'> {
  /** The index of the word that it is about; null where it is about none. */
  readonly word: number | null;
}

/** The words of a call with the names in them that a new version wants. */
function rewritten(words: CallWords, renamed: ReadonlyMap<number, RenamedWord>): CallWords {
  return words.map((word, i) => {
    const other = renamed.get(i);
    return other === undefined ? word : withNames(other);
  });
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

  changesOf(invocation: Invocation): CallChange[] {
    const { words, place } = invocation;
    const found = this.#found(invocation, words);
    if (found.length === 0) return [];
    const renamed = renamedWords(invocation, this.#before, this.#pairing);
    const still = new Set(this.#found(invocation, rewritten(words, renamed)).map(({ word }) => word));
    return found.flatMap(({ effect, message, word }) => {
      const better = word === null || still.has(word) ? undefined : renamed.get(word);
      // What another name in a word before it fixes, follows from that.
      if (better === undefined && !still.has(word)) return [];
      return {
        effect,
        // What to write is better than a guess.
        message: better === undefined ? message : message.replace(/; did you mean [^;]*$/, ''),
        place: (word === null ? undefined : words[word]?.place) ?? place,
        instead: better && withNames(better).text,
      };
    });
  }

  /** What the new version makes of the words that stand in place of those of a call. */
  #found({ trace, problems, isOpen }: Invocation, words: CallWords): FoundChange[] {
    const after = traceWords(
      this.#next,
      words.map(({ text }) => text),
    );
    const known = new Set(problems.map(({ code, word }) => `${code} ${word}`));
    const refused = sureProblems(after, withUnknown(words, isOpen)).filter(
      ({ code, word }) => !known.has(`${code} ${word}`),
    );
    const faulty = new Set(refused.map(({ word }) => word));
    const silent = this.#differences(trace, after).filter(
      ({ word }) => words[word]?.isLiteral === true && !faulty.has(word),
    );
    return [
      ...silent.map(({ word, message }) => ({ effect: 'other-meaning' as const, message, word })),
      ...refused.map(({ message, word }) => ({
        effect: 'refused' as const,
        message: message.slice(message.indexOf(': ') + 2),
        word,
      })),
    ];
  }

  /** The parts of words that both versions take, for different things. */
  #differences(before: Trace, after: Trace): Difference[] {
    const olds = new CommandsOnTheWay(this.#before);
    const news = new CommandsOnTheWay(this.#next);
    return before.words.flatMap(({ index, text, parts }) => {
      const { text: nowText, parts: nows = [] } = after.words[index] ?? {};
      const told = parts.flatMap((part, i): Difference[] => {
        // In a word with other names, parts stand elsewhere.
        const now =
          nowText === text
            ? nows.find(({ start, end }) => start === part.start && end === part.end)
            : nows.length === parts.length
              ? nows[i]
              : undefined;
        if (now === undefined || !isTaken(part) || !isTaken(now)) return [];
        if (this.#isSame(part, olds.at, now, news.at)) return [];
        const written = text.slice(part.start, part.end);
        const was = `'${written}'` === meaning(part) ? '' : ` was ${meaning(part)} and`;
        return [{ word: index, message: `'${written}'${was} is ${meaning(now)} now` }];
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

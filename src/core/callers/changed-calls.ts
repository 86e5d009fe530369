import type { Interface } from '../model/interface.ts';
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
export function changedCalls(invocations: readonly Invocation[], next: Interface): ChangedCall[] {
  const changed = invocations.flatMap((invocation): ChangedCall[] => {
    const changes = changesOf(invocation, next);
    return changes.length === 0 ? [] : [{ invocation, changes }];
  });
  const isSilent = ({ changes }: ChangedCall) => changes.some(({ effect }) => effect === 'other-meaning');
  return [...changed.filter(isSilent), ...changed.filter((one) => !isSilent(one))];
}

function changesOf(invocation: Invocation, next: Interface): CallChange[] {
  const { words, trace: before, problems, place } = invocation;
  const after = traceWords(
    next,
    words.map(({ text }) => text),
  );
  const placeOf = (word: number | null) => (word === null ? undefined : words[word]?.place) ?? place;
  const known = new Set(problems.map(({ code, word }) => `${code} ${word}`));
  const refused = sureProblems(after, withUnknown(words, invocation.isOpen)).filter(
    ({ code, word }) => !known.has(`${code} ${word}`),
  );
  const faulty = new Set(refused.map(({ word }) => word));
  const silent = differences(before, after).filter(
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

interface Difference {
  readonly word: number;
  readonly message: string;
}

/** The parts of words that both versions take, for different things. */
function differences(before: Trace, after: Trace): Difference[] {
  return before.words.flatMap(({ index, text, parts }) =>
    parts.flatMap((part): Difference[] => {
      const now = after.words[index]?.parts.find(
        ({ start, end }) => start === part.start && end === part.end,
      );
      if (now === undefined || !isTaken(part) || !isTaken(now) || isSame(part, now)) return [];
      const written = text.slice(part.start, part.end);
      return [{ word: index, message: `'${written}' was ${meaning(part)} and is ${meaning(now)} now` }];
    }),
  );
}

function isTaken({ verdict }: WordPart): boolean {
  return verdict === null || verdict === 'exact' || verdict === 'unique' || verdict === 'same-option';
}

/** An operand may be called otherwise without anything being changed; and of an argument its option tells what it is now. */
function isSame(a: WordPart, b: WordPart): boolean {
  if (a.role !== b.role) return false;
  return (a.role !== 'command' && a.role !== 'option') || a.name === b.name;
}

function meaning({ role, name, option }: WordPart): string {
  switch (role) {
    case 'command':
      return `the command '${name}'`;
    case 'option':
      return `'${name}'`;
    case 'option-argument':
      return option === null ? 'an option-argument' : `the argument of '${option}'`;
    case 'operand':
      return 'an operand';
    case 'end-of-options':
      return 'the end of the options';
  }
}

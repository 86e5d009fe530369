import { expectKeys } from '../messages/misuse-error.ts';
import type { Interface } from '../model/interface.ts';
import { firstUnknownCommand, type KnownWord, sureProblems } from '../parsing/sure-problems.ts';
import type { Trace, TraceProblem, WordRole } from '../parsing/trace.ts';
import { traceWords } from '../parsing/trace-words.ts';
import type { Problem } from '../source/problem.ts';
import { inFile, type Source, type Span } from '../source/source.ts';
import type { CallWord, CallWords, FoundCall } from './call-words.ts';
import type { CallerFile } from './files/caller-file.ts';
import { CALLER_KINDS, type CallerKind, callerKind } from './files/caller-files.ts';
import { CALLS_LIMIT } from './shell-calls.ts';
import { baseName } from './wrapped-calls.ts';

/** A word of a call that stands for a longer name. */
export interface UsedAbbreviation {
  /** What the name is of. */
  readonly role: Extract<WordRole, 'command' | 'option'>;
  /** The name as it is written. */
  readonly text: string;
  /** The name in full. */
  readonly name: string;
  /** The path of the command that it belongs to, the program first. */
  readonly command: readonly string[];
  /** Where the word stands that it is, or is a part of. */
  readonly place: Span;
}

/** A call of the program in a file. */
export interface Invocation {
  /** The kind of the file. */
  readonly kind: CallerKind;
  /** The whole call, from the word that names the program on. */
  readonly place: Span;
  /** The path of the command that is called. */
  readonly command: readonly string[];
  /** The words behind the program's name. */
  readonly words: readonly CallWord[];
  /** Whether the file surely runs it; source code shows what is most likely run. */
  readonly isSure: boolean;
  /** Whether further words may follow that do not stand in the file, as `xargs` adds them. */
  readonly isOpen: boolean;
  /** How the parser reads them. */
  readonly trace: Trace;
  /** What is wrong with the call, whatever its expansions come to. */
  readonly problems: readonly TraceProblem[];
  /** The names that it abbreviates. */
  readonly abbreviations: readonly UsedAbbreviation[];
}

/** What was found in some files. */
export interface CallersFound {
  /** The calls, file by file, in the order of the text. */
  readonly invocations: readonly Invocation[];
  /** How many of the files are of a kind in which calls are looked for. */
  readonly looked: number;
  /** What was passed over: files that are too long, and commands beyond a limit. */
  readonly problems: readonly Problem[];
}

/** What the caller knows better than the files. */
export interface CallersSettings {
  /** Words that call the program beside its name, such as `bin/run tiffin`; each call as a list of words. */
  readonly calledAs?: readonly (readonly string[])[] | undefined;
}

/**
 * Finds the calls of a program in scripts, jobs and documents, and reads the words of each as its parser does. The kind of a file is told from its name, which may be a path,
 * and its first line; other files are passed over. Words with expansions are not judged; what is literal in them still counts. Whatever the texts hold, it does not throw; a setting that there is not is a
 * MisuseError.
 */
export function findCallers(
  texts: readonly Source[],
  cli: Interface,
  settings: CallersSettings = {},
): CallersFound {
  expectKeys('findCallers', settings, { calledAs: true });
  const names = [
    [cli.program.value],
    ...cli.invocations.map(({ value }) => value),
    ...(settings.calledAs ?? []),
  ];
  const marks = names.map((words) => words.at(-1) ?? '').filter((word) => word !== '');
  let looked = 0;
  const invocations: Invocation[] = [];
  const problems: Problem[] = [];
  for (const source of texts) {
    const kind = callerKind(source);
    if (kind === undefined) continue;
    looked++;
    // A text that does not have the name has no call of it, whatever it holds.
    if (!marks.some((mark) => source.text.includes(mark))) continue;
    const { calls: callsIn, sizeLimit = Number.POSITIVE_INFINITY }: CallerFile = CALLER_KINDS[kind];
    if (source.text.length > sizeLimit) {
      problems.push(tooLong(source, sizeLimit));
      continue;
    }
    const own: Invocation[] = [];
    const calls = callsIn(source);
    if (calls.length >= CALLS_LIMIT) problems.push(tooManyCalls(source));
    for (const call of calls.slice(0, CALLS_LIMIT)) {
      const behind = wordsBehind(call.words, names);
      if (behind !== undefined) own.push(invocationOf(kind, call, behind, cli));
    }
    own.sort((a, b) => inFile(a.place).start - inFile(b.place).start);
    for (const one of own) invocations.push(one);
  }
  return { invocations, looked, problems };
}

function tooManyCalls({ name }: Source): Problem {
  return {
    code: 'too-many-calls',
    message: `expected at most ${CALLS_LIMIT} commands in a file; what follows them is passed over`,
    place: null,
    source: name,
    consequence: 'partly-read',
  };
}

function tooLong({ name, text }: Source, limit: number): Problem {
  return {
    code: 'text-too-long',
    message: `expected at most ${limit} characters in a file of this kind, this has ${text.length}; it is passed over`,
    place: null,
    source: name,
    consequence: 'partly-read',
  };
}

/** The words behind those that call the program; undefined where another one is called. */
function wordsBehind(words: CallWords, calls: readonly (readonly string[])[]): CallWords | undefined {
  for (const call of calls) {
    const isCalled = call.every((word, i) =>
      i === 0 && !word.includes('/')
        ? baseName(words[0]) === word
        : words[i]?.isLiteral === true && words[i]?.text === word,
    );
    if (isCalled && call.length > 0) return words.slice(call.length);
  }
  return undefined;
}

function invocationOf(kind: CallerKind, call: FoundCall, words: CallWords, cli: Interface): Invocation {
  const trace = traceWords(
    cli,
    words.map(({ text }) => text),
  );
  const { isGuessed = false }: CallerFile = CALLER_KINDS[kind];
  return {
    kind,
    isSure: !isGuessed,
    place: call.calledAt ?? wholePlace(call.words),
    command: trace.command,
    words,
    isOpen: call.isOpen,
    trace,
    problems: sureProblems(trace, withUnknown(words, call.isOpen)),
    abbreviations: abbreviationsIn(trace, words, cli.program.value),
  };
}

/** The words of a call with one for those that do not stand in the file, where there may be some. */
export function withUnknown(words: CallWords, isOpen: boolean): readonly KnownWord[] {
  return isOpen ? [...words, { text: '', isLiteral: false, literalStart: 0 }] : words;
}

/** From the first word to the last, where they stand in one text and in its order. */
function wholePlace(call: CallWords): Span {
  const [first] = call;
  if (first === undefined) throw new TypeError('a call has a word');
  const last = call.findLast(
    ({ place }) => place.source === first.place.source && place.start >= first.place.start,
  );
  return { ...first.place, end: last?.place.end ?? first.place.end };
}

function abbreviationsIn(trace: Trace, words: CallWords, program: string): UsedAbbreviation[] {
  const path = [program];
  const known = firstUnknownCommand(trace);
  return trace.words.flatMap(({ index, text, parts }) =>
    parts.flatMap((part): UsedAbbreviation[] => {
      const word = words[index];
      const { role, name, verdict, start, end } = part;
      if (word === undefined || name === null || (role !== 'command' && role !== 'option')) return [];
      const written = text.slice(start, end);
      const command = [...path];
      if (role === 'command') path.push(name);
      const isShort = (verdict === 'unique' || verdict === 'same-option') && name !== written;
      // A name that an expansion is a part of is not known.
      const isKnown = end <= word.literalStart && index < known;
      return isShort && isKnown ? [{ role, text: written, name, command, place: word.place }] : [];
    }),
  );
}

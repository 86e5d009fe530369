import type { Source, Span } from '../../source/source.ts';
import { TextBuilder } from '../../source/text-builder.ts';
import type { CallWord, FoundCall } from '../call-words.ts';
import { callsOfWords, shellCalls } from '../shell-calls.ts';
import { baseName } from '../wrapped-calls.ts';
import { type CodeArgument, CodeReading } from './code-arguments.ts';
import type { CodeLanguage } from './code-language.ts';
import { codeTokens, type TextPiece } from './code-tokens.ts';

/** Names of functions that run a program, whoever wrote them: `check_call`, `spawnSync`, `execvp`, `sh`. */
const RUNS =
  /^(?:run|runs|exec|execute|spawn|call|system|popen|cmd|sh|shell|bash|zsh|capture|launch|invoke|subprocess)$|^(?:exec|spawn|popen|capture)|output$/i;

/** So many arguments that are no words may stand before the words: a context, an environment, a mode. */
const BEFORE_WORDS = 2;

/** What a program in some language runs, as far as that stands in it as texts and lists. */
export function codeCalls(source: Source, language: CodeLanguage): FoundCall[] {
  const reading = new CodeReading(codeTokens(source.text, language), language.joinsTexts);
  const calls: FoundCall[] = [];
  const take = (found: readonly FoundCall[]) => {
    for (const call of found) calls.push(call);
  };
  /** Where the last call without parentheses ends: none begins within it. */
  let bareEnd = 0;
  reading.tokens.forEach(({ kind, pieces }, at) => {
    if (kind === 'command') take(shellCalls(shellText(pieces, source)));
    if (kind !== 'word' || !isRunner(reading, at, language)) return;
    const next = reading.tokens[at + 1];
    if (reading.isSign(at + 1, '(')) take(callsOf(reading.arguments(at + 1), source));
    else if (next?.kind === 'string' && next.text.startsWith('`') && !language.callsBare)
      take(shellCalls(shellText(next.pieces, source)));
    else if (language.callsBare && at >= bareEnd && next?.beginsLine === false && next.kind !== 'sign') {
      const { given, end } = reading.bareArguments(at + 1);
      bareEnd = end;
      take(callsOf(given, source));
    }
  });
  return calls;
}

/** Whether a word names a function that runs programs, by the parts of its name, or with what it belongs to. */
function isRunner({ tokens }: CodeReading, at: number, { runners }: CodeLanguage): boolean {
  const name = tokens[at]?.text ?? '';
  const before = tokens[at - 1]?.text === '.' ? `${tokens[at - 2]?.text}.${name}` : name;
  if (runners.has(before)) return true;
  // What is declared is not called.
  if (/^(?:def|func|function|sub|class)$/.test(tokens[at - 1]?.text ?? '')) return false;
  return name.split(/_|(?<=[a-z\d])(?=[A-Z])/).some((part) => RUNS.test(part));
}

function callsOf(given: readonly CodeArgument[], source: Source): readonly FoundCall[] {
  const all = given.filter(({ kind }) => kind !== 'named');
  const first = all.findIndex((one) => one.kind === 'list' || (one.kind === 'text' && !isMode(one.pieces)));
  const [head, next] = [all[first], all[first + 1]];
  if (head === undefined || first > BEFORE_WORDS) return [];
  if (head.kind === 'list') return listCalls(head, source);
  if (head.kind !== 'text') return [];
  if (next?.kind === 'list') return listCalls(behindName(head, next, source), source);
  const hasBlanks = head.pieces.some(({ text }) => /\s/.test(text));
  // A text with blanks and no words behind it is for a shell; one word alone may be the name of anything.
  if (hasBlanks && next?.kind !== 'text') return shellCalls(shellText(head.pieces, source));
  if (!hasBlanks && next === undefined) return [];
  return listCalls(wordsFrom(all.slice(first), source), source);
}

/** `-|`, `r`: how a program is run, and not what. */
function isMode(pieces: readonly TextPiece[]): boolean {
  return /^(?:[-|<>+]+|[rw]b?\+?)$/.test(pieces.map(({ text }) => text).join(''));
}

type CodeList = Extract<CodeArgument, { kind: 'list' }>;

/** `spawn('tiffin', ['box', 'list'])`; some functions give the name once more, as the first word. */
function behindName(head: CodeArgument, list: CodeList, source: Source): CodeList {
  const [name, again] = [wordOf(head, source), list.items[0] && wordOf(list.items[0], source)];
  const isTwice = again !== undefined && baseName(name) !== '' && baseName(again) === baseName(name);
  return { ...list, items: isTwice ? list.items : [head, ...list.items] };
}

/** The texts of a call as words; the name may be given twice here, too. */
function wordsFrom(all: readonly CodeArgument[], source: Source): CodeList {
  const [head, next] = all;
  const names = [head, next].map((one) => one && baseName(wordOf(one, source)));
  const isTwice = names[0] !== '' && names[0] === names[1] && all.length > 2;
  return { kind: 'list', items: isTwice ? all.slice(1) : all, isOpen: false, isSpread: false };
}

function listCalls({ items, isOpen }: CodeList, source: Source): FoundCall[] {
  const words = items.flatMap((item) => wordOf(item, source) ?? []);
  const [first] = words;
  const isInOrder = words.every(({ place }, i) => i === 0 || place.start >= (words[i - 1]?.place.start ?? 0));
  const calledAt = isInOrder ? undefined : first?.place;
  return callsOfWords(words).map((call) => ({ ...call, isOpen: call.isOpen || isOpen, calledAt }));
}

function wordOf(argument: CodeArgument, source: Source): CallWord | undefined {
  if (argument.kind === 'unknown') {
    const { token, text } = argument;
    const place: Span = { source, start: token.start, end: token.end };
    return { text, isLiteral: false, literalStart: 0, place };
  }
  if (argument.kind !== 'text') return undefined;
  const { pieces, token } = argument;
  const [first = token] = pieces;
  const last = pieces.at(-1) ?? token;
  const unknown = pieces.findIndex(({ isKnown }) => !isKnown);
  const known = unknown < 0 ? pieces : pieces.slice(0, unknown);
  return {
    text: pieces.map(({ text }) => text).join(''),
    isLiteral: unknown < 0,
    literalStart: known.map(({ text }) => text).join('').length,
    place: { source, start: first.start, end: last.end },
  };
}

/** A text as one for a shell, in which a variable stands for what is not known. */
function shellText(pieces: readonly TextPiece[], source: Source): Source {
  const builder = new TextBuilder(source);
  for (const { text, isKnown, start, end } of pieces) {
    const name = /[A-Za-z_]\w*/.exec(text)?.[0] ?? 'value';
    if (!isKnown) builder.put(`\${${name}}`, start);
    else if (end - start === text.length) builder.copy(text, start);
    else builder.put(text, start);
  }
  return builder.build();
}

import {
  type Command,
  forEachChild,
  type ParsedScript,
  type SyntaxNode,
  type Word,
  type WordPart,
} from 'unbash';
import { addTo } from '../collections/grouped.ts';
import { commandName, type Lookup, textOf, textOfParts } from '../shells/bash-words.ts';
import { parseScript } from '../shells/parse-script.ts';
import type { Source, Span } from '../source/source.ts';
import { partOfSource, TextBuilder } from '../source/text-builder.ts';
import type { CallWord, CallWords, FoundCall } from './call-words.ts';
import { wrapped } from './wrapped-calls.ts';

/** How deep commands may stand in words of commands: `sh -c "sh -c '...'"`. */
const DEPTH_LIMIT = 4;

/** How deep the nodes of a script may stand in each other. */
const NESTING_LIMIT = 400;

/** So many commands of one text are looked at. */
export const CALLS_LIMIT = 200_000;

/** The commands that a text for a shell runs, with those behind words like `sudo`, in `sh -c` and `eval`, and behind aliases and functions of the same text. */
export function shellCalls(source: Source): FoundCall[] {
  return new ShellReading(source, 0).calls();
}

class ShellReading {
  readonly #source: Source;
  readonly #depth: number;
  readonly #variables = new Map<string, (string | undefined)[]>();
  /** The words that stand for others in front of a command: those of aliases, and of functions that hand their words on. */
  readonly #shorthands = new Map<string, CallWords>();
  readonly #commands: Command[] = [];
  readonly #inBackticks: { readonly text: string; readonly node: SyntaxNode }[] = [];

  constructor(source: Source, depth: number) {
    this.#source = source;
    this.#depth = depth;
    this.#visit(parseScript(source.text), undefined, 0);
  }

  calls(): FoundCall[] {
    const calls: FoundCall[] = [];
    for (const command of this.#commands.slice(0, CALLS_LIMIT)) {
      const words = this.#wordsOf(command);
      for (const call of wrapped(words)) {
        calls.push(this.#inFull(call));
        for (const text of shellTextsOf(call.words))
          for (const inner of innerCalls(text, this.#place(command), this.#depth + 1)) calls.push(inner);
      }
    }
    for (const { text, node } of this.#inBackticks)
      for (const call of innerCalls({ text, place: this.#place(node) }, this.#place(node), this.#depth + 1))
        calls.push(call);
    return calls;
  }

  #visit(node: SyntaxNode, outer: SyntaxNode | undefined, depth: number): void {
    if (depth > NESTING_LIMIT) return;
    const own = node.type === 'Script' ? (node as ParsedScript).source : undefined;
    if (own !== undefined && depth > 0) {
      // Within backticks, backslashes are taken out first: what is read then stands elsewhere.
      this.#inBackticks.push({ text: own, node: outer ?? node });
      return;
    }
    if (node.type === 'Command') this.#command(node);
    if (node.type === 'Assignment')
      addTo(
        this.#variables,
        node.name,
        node.value.type === 'Word' && node.append !== true ? textOf(node.value, this.#constant) : undefined,
      );
    if (node.type === 'For' || node.type === 'Select') addTo(this.#variables, node.name.value, undefined);
    forEachChild(node, (child) => this.#visit(child, node, depth + 1));
    if (node.type === 'Function') this.#function(node);
  }

  #command(command: Command): void {
    this.#commands.push(command);
    const name = commandName(command);
    const words = command.args.filter((one): one is Word => one.type === 'Word');
    if (name === 'read') for (const word of words) addTo(this.#variables, word.value, undefined);
    if (name === 'alias') for (const arg of command.args) this.#alias(arg);
  }

  /** `late='tiffin box list --late'`: the words of an alias stand where it is set. */
  #alias(arg: Command['args'][number]): void {
    const isAssignment = arg.type === 'Assignment' && arg.value.type === 'Word';
    const text = isAssignment
      ? `${arg.name}=${textOf(arg.value as Word, this.#constant) ?? ''}`
      : arg.type === 'Word'
        ? textOf(arg, this.#constant)
        : undefined;
    const [, alias, value] = /^([\w.-]+)=(.+)$/s.exec(text ?? '') ?? [];
    const [first] = value === undefined ? [] : parseScript(value).commands;
    if (alias === undefined || first?.command.type !== 'Command') return;
    const place = this.#place(arg);
    this.#shorthands.set(
      alias,
      this.#wordsOf(first.command).map((one) => ({ ...one, place })),
    );
  }

  /** `t() { tiffin box "$@"; }`: whoever calls it calls what stands in it. */
  #function(node: SyntaxNode & { type: 'Function' }): void {
    const commands: Command[] = [];
    const visit = (inner: SyntaxNode, depth: number): void => {
      if (inner.type === 'Command') commands.push(inner);
      if (depth < NESTING_LIMIT && commands.length < 2)
        forEachChild(inner, (child) => visit(child, depth + 1));
    };
    visit(node.body, 0);
    const [only, ...others] = commands;
    const last = only?.args.at(-1);
    if (only === undefined || others.length > 0 || last?.type !== 'Word' || !/^"?\$@"?$/.test(last.text))
      return;
    this.#shorthands.set(node.name.value, this.#wordsOf(only).slice(0, -1));
  }

  #inFull(call: FoundCall): FoundCall {
    const [name, ...others] = call.words;
    const before = name?.isLiteral === true ? this.#shorthands.get(name.text) : undefined;
    if (name === undefined || before === undefined || before[0]?.text === name.text) return call;
    const last = others.findLast(({ place }) => place.source === name.place.source);
    const calledAt = { ...name.place, end: last?.place.end ?? name.place.end };
    return { ...call, words: [...before, ...others], calledAt };
  }

  readonly #constant: Lookup = (name) => {
    const values = this.#variables.get(name);
    return values?.length === 1 ? values[0] : undefined;
  };

  #wordsOf(command: Command): CallWord[] {
    const words = command.args.filter((one): one is Word => one.type === 'Word');
    return [command.name, ...words].flatMap((word) => (word === undefined ? [] : [this.#word(word)]));
  }

  #word(word: Word): CallWord {
    const place = this.#place(word);
    const known = textOf(word, this.#constant);
    if (known !== undefined) {
      const isPattern = word.parts?.some(({ type }) => type === 'Glob') === true;
      return {
        text: known,
        isLiteral: !isPattern,
        literalStart: isPattern ? 0 : known.length,
        place,
      };
    }
    const parts = word.parts ?? [];
    return {
      text: parts.map((part) => this.#written(part)).join(''),
      isLiteral: false,
      literalStart: this.#literalStart(parts),
      place,
    };
  }

  /** How long what stands before the first unknown part of a word is. */
  #literalStart(parts: readonly WordPart[]): number {
    let length = 0;
    for (const part of parts) {
      const known = part.type === 'Glob' ? undefined : textOfParts([part], this.#constant);
      if (known === undefined)
        return length + (part.type === 'DoubleQuoted' ? this.#literalStart(part.parts) : 0);
      length += known.length;
    }
    return length;
  }

  /** What a part of a word comes to, as far as it is known, and as it is written else. */
  #written(part: WordPart): string {
    const known = textOfParts([part], this.#constant);
    if (known !== undefined) return known;
    return part.type === 'DoubleQuoted'
      ? part.parts.map((inner) => this.#written(inner)).join('')
      : part.text;
  }

  #place({ pos, end }: { readonly pos: number; readonly end: number }): Span {
    return { source: this.#source, start: pos, end };
  }
}

/** A text that a shell is given, and where it stands. */
type ShellText = Pick<CallWord, 'text' | 'place'>;

/** The commands in a text that a shell is given in a word; where escapes keep it from standing there as it is, at the place of the whole command. */
function innerCalls(
  { text, place: { source, start, end } }: ShellText,
  command: Span,
  depth: number,
): FoundCall[] {
  if (depth > DEPTH_LIMIT) return [];
  const from = source.text.slice(start, end).indexOf(text);
  if (from >= 0)
    return new ShellReading(partOfSource(source, start + from, start + from + text.length), depth).calls();
  const builder = new TextBuilder(source);
  builder.put(text, start);
  return new ShellReading(builder.build(), depth)
    .calls()
    .map((call) => ({ ...call, words: call.words.map((word) => ({ ...word, place: command })) }));
}

/** The calls that words come to which no shell reads, such as those of a unit or a list: the call itself, those behind `sudo` and the like, and those in `sh -c '...'`. */
export function callsOfWords(words: CallWords): FoundCall[] {
  return wrapped(words).flatMap((call) => [
    call,
    ...shellTextsOf(call.words).flatMap((text) => innerCalls(text, text.place, 1)),
  ]);
}

/** The words of a call that a shell reads as commands: behind `sh -c`, and those of `eval`. */
function shellTextsOf(call: CallWords): CallWord[] {
  const [name, ...words] = call;
  const called = name?.text.slice(name.text.lastIndexOf('/') + 1) ?? '';
  if (called === 'eval') return words.filter(({ isLiteral }) => isLiteral);
  const at = words.findIndex(({ text }) => /^-[a-z]*c$/.test(text));
  const text = /^(?:ba|da|k|z)?sh$|^su$/.test(called) && at >= 0 ? words[at + 1] : undefined;
  return text?.isLiteral === true ? [text] : [];
}

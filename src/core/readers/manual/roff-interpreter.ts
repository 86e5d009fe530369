import { readCondition, skipBlanks } from './conditions.ts';
import { Definitions } from './definitions.ts';
import { withGivenArguments } from './macro-arguments.ts';
import { numericValue } from './numbers.ts';
import { type RoffArgument, readArguments } from './roff-arguments.ts';
import { partOf, type RoffText, roffLines } from './roff-text.ts';

/** A line of a page as its macros see it, after definitions, conditions and calls of its own macros. */
export type RoffEvent =
  | { readonly kind: 'text'; readonly line: RoffText }
  | {
      readonly kind: 'macro';
      readonly name: string;
      readonly arguments: readonly RoffArgument[];
      /** What stands behind the name, as it is. */
      readonly rest: RoffText;
      /** Where the line begins. */
      readonly at: number;
    };

/** How deep macros may call macros. */
const DEPTH_LIMIT = 32;
/** How many lines the macros of a page may come to, for each of its own and at least. */
const LINES_FOR_EACH = 50;
const LINES_AT_LEAST = 20_000;

/** Lines that are still to be read: those of the page, or of a macro that was called. */
interface Frame {
  readonly lines: readonly RoffText[];
  next: number;
}

/** Reads the lines of a page one by one: keeps its definitions, follows its conditions, and puts the bodies of its own macros in place of their calls. */
export class RoffInterpreter {
  readonly definitions = new Definitions();
  /** Why the rest of the page was left; undefined where it was read to its end. */
  stopped: { readonly at: number } | undefined;
  readonly #isMacro: (name: string) => boolean;
  readonly #frames: Frame[] = [];
  readonly #elses: boolean[] = [];
  #left: number;

  /** `isMacro` tells which macros the reader of the page knows: a page's own definition of one does not count. */
  constructor(text: string, isMacro: (name: string) => boolean) {
    const lines = roffLines(text);
    this.#isMacro = isMacro;
    this.#frames.push({ lines, next: 0 });
    this.#left = Math.max(LINES_AT_LEAST, lines.length * LINES_FOR_EACH);
  }

  /** The next line that is for the page's macros; undefined at the end. */
  next(): RoffEvent | undefined {
    for (;;) {
      const line = this.#line();
      if (line === undefined) return undefined;
      const event = this.#read(line);
      if (event !== undefined) return event;
    }
  }

  #line(): RoffText | undefined {
    for (;;) {
      const frame = this.#frames.at(-1);
      if (frame === undefined) return undefined;
      const line = frame.lines[frame.next];
      if (line === undefined) {
        this.#frames.pop();
        continue;
      }
      frame.next++;
      if (--this.#left < 0) {
        this.stopped = { at: line.at };
        this.#frames.length = 0;
        return undefined;
      }
      return line;
    }
  }

  #read(line: RoffText): RoffEvent | undefined {
    const first = line.text[0];
    if (first !== '.' && first !== "'") return { kind: 'text', line };
    const from = skipBlanks(line.text, 1);
    const name = /^(?:\\[{}]|[^ \t\\]*)/.exec(line.text.slice(from, from + 64))?.[0] ?? '';
    const behind = from + name.length;
    if (name === '' || name === '.') return undefined;
    if (name === '\\}') return this.#rest(line, behind);
    return this.#call(name, line, behind);
  }

  #call(name: string, line: RoffText, behind: number): RoffEvent | undefined {
    switch (name) {
      case 'if':
        return this.#decide(line, behind, false);
      case 'ie':
        return this.#decide(line, behind, true);
      case 'el':
        return this.#carryOut(line, behind, this.#elses.pop() === true);
      case 'while':
        this.#skip(line, readCondition(line.text, behind, this.definitions, this.#isMacro).end);
        return undefined;
      case 'de':
      case 'de1':
      case 'am':
      case 'am1':
      case 'ig':
        this.#define(name, line, behind);
        return undefined;
    }
    if (this.#keep(name, line, behind)) return undefined;
    const body = this.#isMacro(name) ? undefined : this.definitions.macros.get(name);
    const given = readArguments(line, behind);
    if (body === undefined)
      return { kind: 'macro', name, arguments: given, rest: partOf(line, behind), at: line.at };
    if (this.#frames.length <= DEPTH_LIMIT)
      this.#frames.push({ lines: withGivenArguments(body, name, given, line.at), next: 0 });
    return undefined;
  }

  #decide(line: RoffText, from: number, hasElse: boolean): RoffEvent | undefined {
    const { holds, end } = readCondition(line.text, from, this.definitions, this.#isMacro);
    if (hasElse) this.#elses.push(!holds);
    return this.#carryOut(line, end, holds);
  }

  #carryOut(line: RoffText, from: number, holds: boolean): RoffEvent | undefined {
    if (holds) return this.#rest(line, from);
    this.#skip(line, from);
    return undefined;
  }

  /** Reads what is left of a line as a line of its own. */
  #rest(line: RoffText, from: number): RoffEvent | undefined {
    let at = skipBlanks(line.text, from);
    while (line.text.startsWith('\\{', at)) at = skipBlanks(line.text, at + 2);
    const rest = partOf(line, at);
    if (rest.text === '' || rest.text === '\\' || rest.text.startsWith('\\"')) return undefined;
    // A line that goes on behind the bracket holds the next one.
    return this.#read(rest.text.startsWith('\\\n') ? partOf(rest, 2) : rest);
  }

  /** Leaves what a condition decides about: the line, and all up to the bracket that closes what opens on it. */
  #skip(line: RoffText, from: number): void {
    let depth = openBrackets(line.text.slice(from));
    while (depth > 0) {
      const next = this.#line();
      if (next === undefined) return;
      depth += openBrackets(next.text);
    }
  }

  #define(kind: string, line: RoffText, behind: number): void {
    const words = line.text.slice(behind).trim().split(/\s+/);
    const [name = '', endOf] = kind === 'ig' ? ['', words[0]] : words;
    const end = endOf === undefined || endOf === '' || endOf.startsWith('\\') ? '.' : endOf;
    const lines: RoffText[] = [];
    for (;;) {
      const next = this.#line();
      if (next === undefined || isEnd(next.text, end)) break;
      lines.push(next);
    }
    if (kind === 'ig') return;
    const before = kind.startsWith('am') ? (this.definitions.macros.get(name) ?? []) : [];
    this.definitions.macros.set(name, [...before, ...lines]);
  }

  /** Carries out a request that defines something; whether it is one. */
  #keep(name: string, line: RoffText, behind: number): boolean {
    const { definitions } = this;
    const from = skipBlanks(line.text, behind);
    const all = line.text.slice(from);
    const [key = '', ...others] = all.split(/[ \t]+/);
    const value = line.text.slice(skipBlanks(line.text, from + key.length));
    switch (name) {
      case 'ds':
      case 'ds1':
        definitions.strings.set(key, stringValue(value));
        return true;
      case 'as':
        definitions.strings.set(key, definitions.string(key) + stringValue(value));
        return true;
      case 'nr':
        this.#setRegister(key, value);
        return true;
      case 'rm':
        for (const one of [key, ...others]) definitions.remove(one);
        return true;
      case 'rr':
        definitions.registers.delete(key);
        return true;
      case 'tr':
        for (const [, from = '', to = ''] of all.matchAll(/\\\((..)([^\\]?)/g))
          definitions.translations.set(from, to);
        return true;
      case 'als':
      case 'rn':
        if (name === 'als') definitions.rename(others[0] ?? '', key);
        else definitions.rename(key, others[0] ?? '');
        return true;
    }
    return false;
  }

  #setRegister(name: string, text: string): void {
    const sign = /^[-+]/.exec(text)?.[0];
    const { value } = numericValue(text.slice(sign?.length ?? 0), this.definitions);
    const before = this.definitions.register(name);
    this.definitions.registers.set(
      name,
      sign === undefined ? value : sign === '+' ? before + value : before - value,
    );
  }
}

/** A quotation mark at the beginning keeps the blanks behind it; a comment is no part of a string. */
function stringValue(text: string): string {
  const end = text.search(/\\["#]/);
  return (end < 0 ? text : text.slice(0, end)).replace(/^"/, '');
}

function isEnd(text: string, end: string): boolean {
  if (text[0] !== '.' && text[0] !== "'") return false;
  const name = text.slice(1).trim();
  return name === end || name.startsWith(`${end} `) || name.startsWith(`${end}\\"`);
}

/** How many more brackets open than close. */
function openBrackets(text: string): number {
  let depth = 0;
  for (let at = text.indexOf('\\'); at >= 0; at = text.indexOf('\\', at + 2)) {
    if (text[at + 1] === '{') depth++;
    else if (text[at + 1] === '}') depth--;
    else if (text[at + 1] === '"') break;
  }
  return depth;
}

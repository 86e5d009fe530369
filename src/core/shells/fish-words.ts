import type { Source, Span } from '../source/source.ts';
import type { ReadingBudget } from './reading-budget.ts';

/** A word of a fish script: the texts that it expands to, as far as that can be told without running anything. */
export interface FishWord {
  readonly texts: readonly string[];
  /** Whether it holds a command substitution or a variable that is not known. */
  readonly isDynamic: boolean;
  readonly place: Span;
}

export type FishStatement = readonly FishWord[];

/** Variables that are known while a script is read, by their names, and command substitutions by their texts, brackets included: `(status basename)`. */
export type FishVariables = Map<string, string[]>;

/** How many words one word may expand to; one that would be more is as dynamic as what only running tells. */
const EXPANSION_LIMIT = 2000;

/** How many characters the words that one word expands to may have together, beside as many as the script has. */
const EXPANDED_LENGTH = 100_000;

/** How deep braces may stand in braces. */
const DEPTH_LIMIT = 8;

/** What ends a word of fish where it stands without quotes: no other white space does. */
const WORD_END = ' \t\r\n;|&<>';

/** No command substitution that is known is longer. */
const KNOWN_LENGTH = 100;

const REDIRECTION = /[<>]>?[&?|]?[ \t]*/y;

/** Characters that mean nothing within a word. */
const PLAIN = /[^ \t\r\n;|&<>'"\\$({]+/y;

/** Reads a fish script word by word. Never throws; what is not closed ends with the text. */
export class FishLexer {
  readonly #source: Source;
  readonly #text: string;
  readonly #variables: FishVariables;
  #at = 0;
  readonly #end: number;
  readonly #depth: number;
  readonly #budget: ReadingBudget;

  /** Reads a source; or another text that stands in it, whose offsets are then those of the beginning. */
  constructor(
    source: Source,
    variables: FishVariables,
    budget: ReadingBudget,
    text: string = source.text,
    depth = 0,
  ) {
    this.#source = source;
    this.#text = text;
    this.#variables = variables;
    this.#budget = budget;
    this.#end = text.length;
    this.#depth = depth;
  }

  /** Where it reads on; a loop goes back to where its body begins. */
  get position(): number {
    return this.#at;
  }

  set position(at: number) {
    this.#at = at;
  }

  /** The next statement; undefined at the end. Empty ones are left out. */
  next(): FishStatement | undefined {
    const words: FishWord[] = [];
    while (this.#at < this.#end) {
      const start = this.#at;
      const character = this.#text[start] ?? '';
      if (character === '\\' && this.#text[this.#at + 1] === '\n') this.#at += 2;
      else if (character === ' ' || character === '\t' || character === '\r') this.#at++;
      else if (character === '#') this.#skipComment();
      else if ('\n;|&'.includes(character)) {
        this.#at++;
        if (words.length > 0) return words;
      } else if (character === '<' || character === '>') {
        this.#redirection();
        // `2>file`: the number belongs to the sign.
        const last = words.at(-1);
        if (last?.place.end === start && /^\d$/.test(last.texts[0] ?? '')) words.pop();
      } else words.push(this.#word());
    }
    return words.length > 0 ? words : undefined;
  }

  /** Goes behind a redirection, which is no part of what a command is given: `>file`, `>>file`, `>&2`, `<file`. */
  #redirection(): void {
    REDIRECTION.lastIndex = this.#at;
    this.#at += REDIRECTION.exec(this.#text)?.[0].length ?? 1;
    if (this.#at < this.#end && !/[\s;|&<>]/.test(this.#text[this.#at] ?? '')) this.#word();
  }

  #skipComment(): void {
    const end = this.#text.indexOf('\n', this.#at);
    this.#at = end < 0 ? this.#end : end;
  }

  #word(): FishWord {
    const start = this.#at;
    let texts: string[] = [''];
    let isDynamic = false;
    const append = (parts: readonly string[]) => {
      if (this.#canExpand(texts, parts)) texts = texts.flatMap((text) => parts.map((part) => text + part));
      else {
        texts = [(texts[0] ?? '') + (parts[0] ?? '')];
        isDynamic = true;
      }
    };
    while (this.#at < this.#end) {
      const character = this.#text[this.#at] ?? '';
      if (WORD_END.includes(character)) break;
      if (character === "'") append([this.#single()]);
      else if (character === '"') {
        const quoted = this.#double();
        append([quoted.text]);
        isDynamic ||= quoted.isDynamic;
      } else if (character === '\\') append([this.#escape()]);
      else if (character === '$') {
        const value = this.#variable();
        if (value === undefined) isDynamic = true;
        append(value ?? ['']);
      } else if (character === '(') {
        const value = this.#substitution();
        if (value === undefined) isDynamic = true;
        append(value ?? ['']);
      } else if (character === '{') {
        const parts = this.#braces();
        append(parts.texts);
        isDynamic ||= parts.isDynamic;
      } else {
        PLAIN.lastIndex = this.#at;
        const plain = PLAIN.exec(this.#text)?.[0] ?? character;
        append([plain]);
        this.#at += plain.length;
      }
    }
    const place = { source: this.#source, start, end: this.#at };
    return { texts, isDynamic, place };
  }

  #canExpand(texts: readonly string[], parts: readonly string[]): boolean {
    const count = texts.length * parts.length;
    if (count > EXPANSION_LIMIT || !this.#budget.spend(1 + count)) return false;
    const length = lengthOf(texts) * parts.length + lengthOf(parts) * texts.length;
    return length <= this.#source.text.length + EXPANDED_LENGTH;
  }

  #single(): string {
    let text = '';
    for (this.#at++; this.#at < this.#end; this.#at++) {
      const character = this.#text[this.#at] ?? '';
      const next = this.#text[this.#at + 1] ?? '';
      if (character === "'") {
        this.#at++;
        break;
      }
      if (character === '\\' && (next === "'" || next === '\\')) {
        text += next;
        this.#at++;
      } else text += character;
    }
    return text;
  }

  #double(): { text: string; isDynamic: boolean } {
    let text = '';
    let isDynamic = false;
    this.#at++;
    while (this.#at < this.#end) {
      const character = this.#text[this.#at] ?? '';
      const next = this.#text[this.#at + 1] ?? '';
      if (character === '"') {
        this.#at++;
        break;
      }
      if (character === '\\' && '"\\$\n'.includes(next) && next !== '') {
        text += next === '\n' ? '' : next;
        this.#at += 2;
      } else if (character === '$' && next === '(') {
        this.#at++;
        const value = this.#substitution();
        isDynamic ||= value === undefined;
        text += value?.join(' ') ?? '';
      } else if (character === '$' && /\w/.test(next)) {
        const value = this.#variable();
        const isKnown = value !== undefined && this.#canExpand([text], value);
        isDynamic ||= !isKnown;
        text += isKnown ? value.join(' ') : '';
      } else {
        text += character;
        this.#at++;
      }
    }
    return { text, isDynamic };
  }

  #escape(): string {
    const next = this.#text[this.#at + 1] ?? '';
    this.#at = Math.min(this.#at + 2, this.#end);
    return { t: '\t', n: '\n', r: '\r', e: '\x1b', '\n': '' }[next] ?? next;
  }

  #variable(): readonly string[] | undefined {
    const name = /^\$(\w+)/.exec(this.#text.slice(this.#at, this.#at + 200))?.[1];
    if (name === undefined) {
      this.#at++;
      return undefined;
    }
    this.#at += name.length + 1;
    // An index picks some of the values.
    if (this.#text[this.#at] === '[') {
      const close = this.#text.indexOf(']', this.#at);
      this.#at = close < 0 ? this.#end : close + 1;
      return undefined;
    }
    return this.#variables.get(name);
  }

  /** Goes behind a command substitution, which may hold quotes, and in these substitutions again; gives what it comes to, where that is known. */
  #substitution(): readonly string[] | undefined {
    const start = this.#at;
    // What is open: a bracket, or a double quote within which a substitution may begin.
    const open: string[] = [];
    while (this.#at < this.#end) {
      const character = this.#text[this.#at] ?? '';
      const isQuoted = open.at(-1) === '"';
      if (character === '\\') this.#at += 2;
      else if (character === "'" && !isQuoted) this.#single();
      else {
        this.#at++;
        if (character === '"') {
          if (isQuoted) open.pop();
          else open.push('"');
        } else if (character === '(' && (!isQuoted || this.#text[this.#at - 2] === '$')) open.push('(');
        else if (character === ')' && !isQuoted) {
          open.pop();
          if (open.length === 0) break;
        }
      }
    }
    this.#at = Math.min(this.#at, this.#end);
    return this.#at - start > KNOWN_LENGTH
      ? undefined
      : this.#variables.get(this.#text.slice(start, this.#at));
  }

  /** `{a,b}`: each of the parts, which may be quoted. */
  #braces(): { texts: string[]; isDynamic: boolean } {
    const start = this.#at;
    const parts: string[] = [];
    let partStart = start + 1;
    let depth = 0;
    for (; this.#at < this.#end && this.#depth < DEPTH_LIMIT && this.#budget.spend(); this.#at++) {
      const character = this.#text[this.#at] ?? '';
      if (character === "'" || character === '"') {
        if (character === "'") this.#single();
        else this.#double();
        this.#at--;
      } else if (character === '\\') this.#at++;
      else if (character === '{') depth++;
      else if (/\s/.test(character)) break;
      else if (character === ',' && depth === 1) {
        parts.push(this.#text.slice(partStart, this.#at));
        partStart = this.#at + 1;
      } else if (character === '}' && --depth === 0) {
        parts.push(this.#text.slice(partStart, this.#at));
        this.#at++;
        if (parts.length < 2) break;
        const words = parts.map((part) => this.#part(part));
        return {
          texts: words.flatMap((word) => word?.texts ?? ['']),
          isDynamic: words.some((word) => word?.isDynamic === true),
        };
      }
    }
    this.#at = start + 1;
    return { texts: ['{'], isDynamic: false };
  }

  #part(text: string): FishWord | undefined {
    return new FishLexer(this.#source, this.#variables, this.#budget, text, this.#depth + 1).next()?.[0];
  }
}

function lengthOf(texts: readonly string[]): number {
  return texts.reduce((length, text) => length + text.length, 0);
}

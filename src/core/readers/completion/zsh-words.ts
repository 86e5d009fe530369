import type { ReadingBudget } from '../../shells/reading-budget.ts';
import type { Source, Span } from '../../source/source.ts';
import { behindDoubleQuotes, ZshBrackets } from './zsh-brackets.ts';

/** A word of a zsh script, with braces spread out and quotes taken off; or an operator. */
export interface ZshToken {
  readonly kind: 'word' | 'operator';
  /** Operators: one of `\n`, `;`, `;;`, `(`, `)`, `&&`, `||`, `|`, `&`. Words: their texts. */
  readonly texts: readonly string[];
  /** Whether it spreads to more words than are kept. */
  readonly isCut: boolean;
  /** The word as it stands in the script. */
  readonly raw: string;
  readonly place: Span;
}

/** How many words one word may spread to; one that would be more is cut. */
const EXPANSION_LIMIT = 200;

/** Characters that mean nothing within a word. */
const PLAIN = /[^\s;|&<>()'"\\${]+/y;

/** Braces that spread: of those with blanks or braces within, none does. */
const BRACES = /\{[^\s{}]*,[^\s{}]*\}/y;

/** Parts a zsh script into words and operators. Never throws; what is not closed ends with the text. */
export function zshTokens(source: Source, budget: ReadingBudget): ZshToken[] {
  const { text } = source;
  const tokens: ZshToken[] = [];
  const words = new WordReader(text, budget);
  let at = 0;
  const push = (kind: ZshToken['kind'], texts: readonly string[], start: number, isCut = false) =>
    tokens.push({ kind, texts, isCut, raw: text.slice(start, at), place: { source, start, end: at } });
  while (at < text.length) {
    const character = text[at] ?? '';
    const start = at;
    if (character === ' ' || character === '\t' || character === '\r') at++;
    else if (character === '\\' && text[at + 1] === '\n') at += 2;
    else if (character === '#' && (start === 0 || /[\s;(]/.test(text[start - 1] ?? ''))) {
      const end = text.indexOf('\n', at);
      at = end < 0 ? text.length : end;
    } else if (text.startsWith(';;', at) || text.startsWith('&&', at) || text.startsWith('||', at)) {
      at += 2;
      push('operator', [text.slice(start, at)], start);
    } else if ('\n;()|&'.includes(character)) {
      at++;
      push('operator', [character], start);
    } else if (character === '<' || character === '>') {
      at++;
    } else {
      const word = words.read(at);
      at = Math.max(word.end, at + 1);
      push('word', word.texts, start, word.isCut);
    }
  }
  return tokens;
}

interface ReadWord {
  readonly texts: readonly string[];
  readonly isCut: boolean;
  /** The offset behind the word. */
  readonly end: number;
}

class WordReader {
  readonly #text: string;
  readonly #brackets: ZshBrackets;
  readonly #budget: ReadingBudget;

  constructor(text: string, budget: ReadingBudget) {
    this.#text = text;
    this.#brackets = new ZshBrackets(text);
    this.#budget = budget;
  }

  /** Reads the word at an offset. */
  read(from: number): ReadWord {
    const text = this.#text;
    let texts = [''];
    let isCut = false;
    let at = from;
    const append = (parts: readonly string[], end: number) => {
      const count = texts.length * parts.length;
      if (count <= EXPANSION_LIMIT && this.#budget.spend(count))
        texts = texts.flatMap((one) => parts.map((part) => one + part));
      else {
        texts = [(texts[0] ?? '') + (parts[0] ?? '')];
        isCut = true;
      }
      at = end;
    };
    while (at < text.length) {
      const character = text[at] ?? '';
      const next = text[at + 1] ?? '';
      if (/[\s;|&<>)]/.test(character)) break;
      if (character === '(') {
        // A glob within a word; what begins an array or follows the name of a function is an operator.
        if (text[at - 1] === '=' || next === ')') break;
        const end = this.#brackets.behind(at, '(');
        append([text.slice(at, end)], end);
      } else if (character === "'") {
        const end = text.indexOf("'", at + 1);
        append([text.slice(at + 1, end < 0 ? undefined : end)], end < 0 ? text.length : end + 1);
      } else if (character === '"') {
        const end = behindDoubleQuotes(text, at);
        append([unquotedDouble(text.slice(at, end))], end);
      } else if (character === '\\') append([next === '\n' ? '' : next], Math.min(at + 2, text.length));
      else if (character === '$' && (next === '{' || next === '(')) {
        const end = this.#brackets.behind(at + 1, next);
        append([text.slice(at, end)], end);
      } else {
        const pattern = character === '{' ? BRACES : PLAIN;
        pattern.lastIndex = at;
        const found = pattern.exec(text)?.[0];
        if (found === undefined) append([character], at + 1);
        else append(character === '{' ? this.#spread(found) : [found], at + found.length);
      }
    }
    return { texts, isCut, end: at };
  }

  /** The words of `{a,b}`. */
  #spread(braces: string): string[] {
    return braces
      .slice(1, -1)
      .split(',')
      .map((part) => new WordReader(part, this.#budget).read(0).texts[0] ?? '');
  }
}

/** The text within double quotes. */
function unquotedDouble(quoted: string): string {
  const inside = quoted.endsWith('"') && quoted.length > 1 ? quoted.slice(1, -1) : quoted.slice(1);
  return inside.replace(/\\(["\\$`])/g, '$1');
}

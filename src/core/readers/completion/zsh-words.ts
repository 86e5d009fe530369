import type { Source, Span } from '../../source/source.ts';

/** A word of a zsh script, with braces spread out and quotes taken off; or an operator. */
export interface ZshToken {
  readonly kind: 'word' | 'operator';
  /** Operators: one of `\n`, `;`, `;;`, `(`, `)`, `&&`, `||`, `|`, `&`. Words: their texts. */
  readonly texts: readonly string[];
  /** The word as it stands in the script. */
  readonly raw: string;
  readonly place: Span;
}

const EXPANSION_LIMIT = 200;

/** How far a bracket that closes one is sought. */
const BRACKET_LIMIT = 20_000;

/** Parts a zsh script into words and operators. Never throws; what is not closed ends with the text. */
export function zshTokens(source: Source): ZshToken[] {
  const { text } = source;
  const tokens: ZshToken[] = [];
  let at = 0;
  const push = (kind: ZshToken['kind'], texts: readonly string[], start: number) =>
    tokens.push({ kind, texts, raw: text.slice(start, at), place: { source, start, end: at } });
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
      const word = readWord(text, at);
      at = Math.max(word.end, at + 1);
      push('word', word.texts, start);
    }
  }
  return tokens;
}

/** Reads one word: its texts, and where it ends. */
function readWord(text: string, from: number): { texts: string[]; end: number } {
  let texts = [''];
  let at = from;
  const append = (parts: readonly string[]) => {
    texts = texts.flatMap((one) => parts.map((part) => one + part)).slice(0, EXPANSION_LIMIT);
  };
  while (at < text.length) {
    const character = text[at] ?? '';
    if (/[\s;|&<>]/.test(character) || character === ')') break;
    if (character === '(') {
      // A glob within a word; what begins an array or follows the name of a function is an operator.
      if (text[at - 1] === '=' || text[at + 1] === ')') break;
      const end = closing(text, at, '(', ')');
      append([text.slice(at, end)]);
      at = end;
    } else if (character === "'") {
      const end = text.indexOf("'", at + 1);
      append([text.slice(at + 1, end < 0 ? undefined : end)]);
      at = end < 0 ? text.length : end + 1;
    } else if (character === '"') {
      const quoted = readDouble(text, at);
      append([quoted.text]);
      at = quoted.end;
    } else if (character === '\\') {
      append([text[at + 1] === '\n' ? '' : (text[at + 1] ?? '')]);
      at = Math.min(at + 2, text.length);
    } else if (character === '$' && (text[at + 1] === '{' || text[at + 1] === '(')) {
      const open = text[at + 1] ?? '';
      const end = closing(text, at + 1, open, open === '{' ? '}' : ')');
      append([text.slice(at, end)]);
      at = end;
    } else if (character === '{') {
      const end = closing(text, at, '{', '}');
      const inside = text.slice(at + 1, end - 1);
      if (inside.includes(',') && !/[\s{}]/.test(inside)) {
        append(inside.split(',').map((part) => readWord(part, 0).texts[0] ?? ''));
        at = end;
      } else {
        append(['{']);
        at++;
      }
    } else {
      append([character]);
      at++;
    }
  }
  return { texts, end: at };
}

function readDouble(text: string, from: number): { text: string; end: number } {
  let inside = '';
  for (let at = from + 1; at < text.length; at++) {
    const character = text[at] ?? '';
    const next = text[at + 1] ?? '';
    if (character === '"') return { text: inside, end: at + 1 };
    if (character === '\\' && '"\\$`'.includes(next) && next !== '') {
      inside += next;
      at++;
    } else inside += character;
  }
  return { text: inside, end: text.length };
}

/** The offset behind the bracket that closes one, quotes taken into account; behind the bracket itself where none is found. */
function closing(text: string, from: number, open: string, close: string): number {
  let depth = 0;
  const limit = Math.min(text.length, from + BRACKET_LIMIT);
  for (let at = from; at < limit; at++) {
    const character = text[at] ?? '';
    if (character === '\\') at++;
    else if (character === "'") {
      const end = text.indexOf("'", at + 1);
      at = end < 0 ? text.length : end;
    } else if (character === '"') at = readDouble(text, at).end - 1;
    else if (character === open) depth++;
    else if (character === close && --depth === 0) return at + 1;
  }
  return from + 1;
}

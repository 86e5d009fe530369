import type { CodeToken, TextPiece } from './code-tokens.ts';

/** What a function is called with, as far as it stands there. */
export type CodeArgument =
  | { readonly kind: 'text'; readonly pieces: readonly TextPiece[]; readonly token: CodeToken }
  | {
      readonly kind: 'list';
      readonly items: readonly CodeArgument[];
      /** Whether further items may follow that do not stand there. */
      readonly isOpen: boolean;
      /** Whether its items stand for it in the list that it is in. */
      readonly isSpread: boolean;
    }
  /** Given by name: none of the words. */
  | { readonly kind: 'named' }
  | { readonly kind: 'unknown'; readonly token: CodeToken; readonly text: string };

/** So many tokens a call without parentheses has at most. */
const BARE_LIMIT = 200;

/** So many words a list that a name stands for has at most, where they are put into others. */
const SPREAD_LIMIT = 200;

/** So many tokens are shown of what is not known. */
const SHOWN = 12;

/** Words that end a call without parentheses. */
const ENDS_BARE = /^(?:or|and|if|unless|while|until|do|then|for|rescue|xor)$/;

const OPENS = /^[([{]$/;

/** The tokens of a program, with what the brackets among them enclose and what its constants hold. */
export class CodeReading {
  readonly tokens: readonly CodeToken[];
  readonly #joinsTexts: boolean;
  /** For each bracket that opens, the index of the one that closes it. */
  readonly #partners = new Map<number, number>();
  /** The values of names that are set once; undefined where set more often. */
  readonly #constants = new Map<string, CodeArgument | undefined>();
  readonly #uses = new Map<string, number>();

  constructor(tokens: readonly CodeToken[], joinsTexts: boolean) {
    this.tokens = tokens;
    this.#joinsTexts = joinsTexts;
    const open: number[] = [];
    tokens.forEach(({ kind, text }, i) => {
      if (kind === 'word') this.#uses.set(text, (this.#uses.get(text) ?? 0) + 1);
      if (kind !== 'sign') return;
      if (OPENS.test(text)) open.push(i);
      else if (/^[)\]}]$/.test(text)) {
        const partner = open.pop();
        if (partner !== undefined) this.#partners.set(partner, i);
      }
    });
    tokens.forEach((_, i) => {
      this.#assignment(i);
    });
  }

  /** Whether a token is a sign. */
  isSign(at: number, sign: string): boolean {
    const token = this.tokens[at];
    return token?.kind === 'sign' && token.text === sign;
  }

  /** The arguments of a call in parentheses, the opening one at an index. */
  arguments(open: number): CodeArgument[] {
    return this.#parted(open + 1, this.#partners.get(open) ?? open + 1);
  }

  /** The arguments of a call without parentheses, the first at an index: to the end of the line, or of the lines behind commas. */
  bareArguments(from: number): { readonly given: readonly CodeArgument[]; readonly end: number } {
    let to = from;
    while (to < this.tokens.length && to < from + BARE_LIMIT) {
      const token = this.tokens[to];
      if (token === undefined) break;
      if (to > from && token.beginsLine && !this.isSign(to - 1, ',')) break;
      if (token.kind === 'word' && ENDS_BARE.test(token.text)) break;
      if (token.kind === 'sign' && /^[;)\]}|&?]$/.test(token.text)) break;
      to = (this.#partners.get(to) ?? to) + 1;
    }
    return { given: this.#parted(from, to), end: to };
  }

  /** `NAME = 'text'` and `NAME = ['word', 'word']`, which nothing sets again. */
  #assignment(at: number): void {
    const name = this.tokens[at];
    if (name?.kind !== 'word') return;
    const isShort = this.isSign(at + 1, ':') && this.isSign(at + 2, '=');
    if (!isShort && !this.isSign(at + 1, '=')) return;
    const from = at + (isShort ? 3 : 2);
    if (this.isSign(from, '=') || this.isSign(from, '~') || this.isSign(from, '>')) return;
    const first = this.tokens[from];
    const open = this.#isTypedList(from) ? from + 3 : from;
    const end = this.#partners.get(open) ?? from;
    const after = this.tokens[end + 1];
    const isWhole = after === undefined || after.beginsLine || this.isSign(end + 1, ';');
    const isSimple = first !== undefined && (first.kind !== 'sign' || /^[([]$/.test(first.text));
    const value = isWhole && isSimple ? this.#argument(from, end + 1) : undefined;
    const isKnown = value?.kind === 'text' || value?.kind === 'list';
    this.#constants.set(name.text, isKnown && !this.#constants.has(name.text) ? value : undefined);
  }

  /** What stands between commas. */
  #parted(from: number, to: number): CodeArgument[] {
    const found: CodeArgument[] = [];
    let start = from;
    for (let at = from; at < to; at = (this.#partners.get(at) ?? at) + 1) {
      if (!this.isSign(at, ',')) continue;
      found.push(this.#argument(start, at));
      start = at + 1;
    }
    if (start < to) found.push(this.#argument(start, to));
    return found;
  }

  #argument(from: number, to: number): CodeArgument {
    const token = this.tokens[from];
    if (token === undefined) return { kind: 'named' };
    if (token.kind === 'word' && to > from + 1 && /^[:=]$/.test(this.tokens[from + 1]?.text ?? ''))
      return { kind: 'named' };
    if (token.kind === 'string') return this.#text(from, to);
    if (token.kind === 'words') return wordList(token, to > from + 1);
    const list = this.#listAt(from, to);
    if (list !== undefined) return list;
    if (this.isSign(from, '{') || (this.isSign(from, ':') && to > from + 2)) return { kind: 'named' };
    return this.#spread(from, to) ?? this.#named(from, to) ?? this.#unknown(from, to);
  }

  /** `*NAME`, `...NAME` and `NAME...`: the items of a list that a constant holds. */
  #spread(from: number, to: number): CodeArgument | undefined {
    const isStarred = this.isSign(from, '*') || this.isSign(from, '.');
    const isDotted = this.isSign(to - 1, '.') && this.isSign(to - 2, '.');
    const at = this.isSign(from, '*') ? from + 1 : isStarred ? from + 3 : from;
    const value = isStarred || isDotted ? this.#named(at, isDotted && !isStarred ? to - 3 : to) : undefined;
    return value?.kind === 'list' ? { ...value, isSpread: true } : undefined;
  }

  /** What a name stands for. */
  #named(from: number, to: number): CodeArgument | undefined {
    const token = this.tokens[from];
    return to === from + 1 && token?.kind === 'word' ? this.#constant(token) : undefined;
  }

  #unknown(from: number, to: number): CodeArgument {
    const token = this.tokens[from] as CodeToken;
    return { kind: 'unknown', token, text: this.#textFrom(from, to) };
  }

  /** The beginning of what is written between two tokens. */
  #textFrom(from: number, to: number): string {
    const shown = this.tokens.slice(from, Math.min(to, from + SHOWN));
    return shown.map(({ text }) => text).join('');
  }

  /** A text, with those that stand beside it, and what is added to it. */
  #text(from: number, to: number): CodeArgument {
    const token = this.tokens[from] as CodeToken;
    const pieces = [...token.pieces];
    let at = from + 1;
    while (at < to) {
      const isPlus = this.isSign(at, '+') || this.isSign(at, '.');
      const next = this.tokens[isPlus ? at + 1 : at];
      if (next?.kind !== 'string' || !(isPlus || this.#joinsTexts)) break;
      for (const piece of next.pieces) pieces.push(piece);
      at += isPlus ? 2 : 1;
    }
    const rest = this.tokens[at];
    if (at >= to || rest === undefined) return { kind: 'text', pieces, token };
    // `'a b'.split()` is the text; `'a %s' % b` and `'a {}'.format(b)` are it up to its first mark; to others something is added.
    const isSplit = this.isSign(at, '.') && /^split/.test(this.tokens[at + 1]?.text ?? '');
    if (isSplit) return { kind: 'text', pieces, token };
    const isFilled = this.isSign(at, '%') || (this.isSign(at, '.') && this.tokens[at + 1]?.text === 'format');
    if (isFilled) return { kind: 'text', pieces: pieces.flatMap(aroundMarks), token };
    const isLonger = this.isSign(at, '+') || (this.isSign(at, '.') && this.tokens[at + 1]?.kind === 'word');
    if (!isLonger) return this.#unknown(from, to);
    const unknown = { text: this.#textFrom(at, to), isKnown: false, start: rest.start, end: rest.end };
    return { kind: 'text', pieces: [...pieces, unknown], token };
  }

  /** `[]string{...}` */
  #isTypedList(from: number): boolean {
    return this.isSign(from, '[') && this.isSign(from + 1, ']') && this.isSign(from + 3, '{');
  }

  /** A list in brackets, behind the name of its type where it has one: `[]string{...}`. */
  #listAt(from: number, to: number): CodeArgument | undefined {
    const isTyped = this.#isTypedList(from);
    const open = isTyped ? from + 3 : from;
    const isOpening = isTyped || this.isSign(open, '[') || this.isSign(open, '(');
    const close = isOpening ? this.#partners.get(open) : undefined;
    if (close === undefined || close >= to) return undefined;
    const token = this.tokens[open] as CodeToken;
    // A list within a list is no word.
    const unknown: CodeArgument = { kind: 'unknown', token, text: '[...]' };
    const items = this.#parted(open + 1, close).flatMap((item): readonly CodeArgument[] => {
      if (item.kind !== 'list') return [item];
      return item.isSpread && item.items.length <= SPREAD_LIMIT
        ? [...item.items, ...(item.isOpen ? [unknown] : [])]
        : [unknown];
    });
    return { kind: 'list', items, isOpen: close + 1 < to, isSpread: false };
  }

  #constant({ text, start }: CodeToken): CodeArgument | undefined {
    const value = this.#constants.get(text);
    // What is named a third time may have been added to.
    if (value?.kind === 'list')
      return {
        ...value,
        isOpen: value.isOpen || (this.#uses.get(text) ?? 0) > 2,
        isSpread: text.startsWith('@'),
      };
    return value?.kind === 'text' && value.token.start < start ? value : undefined;
  }
}

function wordList(token: CodeToken, isOpen: boolean): CodeArgument {
  const items = token.pieces.map((piece): CodeArgument => ({ kind: 'text', pieces: [piece], token }));
  return { kind: 'list', items, isOpen, isSpread: false };
}

/** A text in which marks stand for something else: `%s`, `{}`, `{name}`. */
function aroundMarks(piece: TextPiece): TextPiece[] {
  if (!piece.isKnown || piece.text.length !== piece.end - piece.start) return [piece];
  const parts: TextPiece[] = [];
  let from = 0;
  const put = (to: number, isKnown: boolean) => {
    if (to > from)
      parts.push({
        text: piece.text.slice(from, to),
        isKnown,
        start: piece.start + from,
        end: piece.start + to,
      });
    from = to;
  };
  for (const { 0: mark, index } of piece.text.matchAll(/%[-\d.]*[sdrif]|%\(\w+\)[sd]|\{[\w.]*\}/g)) {
    put(index, true);
    put(index + mark.length, false);
  }
  put(piece.text.length, true);
  return parts;
}

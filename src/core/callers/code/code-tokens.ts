import type { CodeLanguage, TextForm, TextUse } from './code-language.ts';
import { endOfField, escapedText } from './text-escapes.ts';

/** A part of a text in quotes: what it comes to, and where that stands. */
export interface TextPiece {
  /** What the program gets; what stands there where that is not known. */
  readonly text: string;
  readonly isKnown: boolean;
  readonly start: number;
  readonly end: number;
}

/** A word, a text in quotes or a sign of a program. */
export interface CodeToken {
  readonly kind: TextUse | 'word' | 'sign';
  /** The token as it stands there. */
  readonly text: string;
  readonly start: number;
  readonly end: number;
  /** Whether a line ends before it. */
  readonly beginsLine: boolean;
  /** What a text comes to; of a list of words one piece each. */
  readonly pieces: readonly TextPiece[];
}

const CLOSING: Readonly<Record<string, string>> = { '(': ')', '[': ']', '{': '}', '<': '>' };

/** Words behind which a value stands, so that a slash opens a regular expression. */
const BEFORE_VALUE =
  /^(?:return|typeof|case|in|of|do|else|and|or|not|if|unless|while|until|when|split|grep|map|join|x)$/;

/** The tokens of a program, without its comments. */
export function codeTokens(text: string, language: CodeLanguage): CodeToken[] {
  return new CodeScanning(text, language).tokens;
}

class CodeScanning {
  readonly tokens: CodeToken[] = [];
  readonly #text: string;
  readonly #language: CodeLanguage;
  #at = 0;
  #beginsLine = true;
  /** Where the lines begin that were announced in the line before them. */
  #below: { readonly end: string; readonly index: number }[] = [];
  /** By what closes a text: how far it is known that nothing does, so that what is never closed is looked through once. */
  readonly #unclosed = new Map<string, number>();

  constructor(text: string, language: CodeLanguage) {
    this.#text = text;
    this.#language = language;
    while (this.#at < text.length) this.#step();
  }

  #step(): void {
    const character = this.#text[this.#at] ?? '';
    if (character === '\n') {
      this.#at++;
      this.#beginsLine = true;
      if (this.#below.length > 0) this.#linesBelow();
      return;
    }
    if (/\s/.test(character)) {
      this.#at++;
      return;
    }
    const { comment, word, linesBelow, hasPatterns } = this.#language;
    const commented = matchAt(comment, this.#text, this.#at);
    if (commented !== undefined && commented[0] !== '') {
      this.#at += commented[0].length;
      return;
    }
    for (const form of this.#language.texts) if (this.#tryText(form)) return;
    const below = linesBelow && matchAt(linesBelow, this.#text, this.#at);
    if (below) {
      this.#below.push({ end: below[2] ?? '', index: this.tokens.length });
      this.#put('string', this.#at + below[0].length, []);
      return;
    }
    const named = matchAt(word, this.#text, this.#at);
    if (named !== undefined) this.#put('word', this.#at + named[0].length, []);
    else if (!(hasPatterns && character === '/' && this.#tryPattern()))
      this.#put('sign', this.#at + character.length, []);
  }

  #put(kind: CodeToken['kind'], end: number, pieces: readonly TextPiece[]): void {
    const start = this.#at;
    this.tokens.push({
      kind,
      text: this.#text.slice(start, end),
      start,
      end,
      beginsLine: this.#beginsLine,
      pieces,
    });
    this.#at = end;
    this.#beginsLine = false;
  }

  #tryText(form: TextForm): boolean {
    const opened = matchAt(form.opens, this.#text, this.#at)?.[0];
    if (opened === undefined) return false;
    const bracket = opened.at(-1) ?? '';
    const closing = form.closes?.(opened) ?? CLOSING[bracket] ?? bracket;
    const opening = form.closes === undefined && closing !== bracket ? bracket : undefined;
    if (this.#at < (this.#unclosed.get(closing) ?? 0)) return false;
    let read = readText(this.#text, this.#at + opened.length, closing, opening, form);
    if (!read.isClosed) {
      this.#unclosed.set(closing, read.end);
      return false;
    }
    if (form.parts === 2) {
      // `s/a/b/` shares the middle one; `s{a}{b}` has brackets of its own.
      const between =
        opening === undefined
          ? 0
          : (/^\s*[({[<]/.exec(this.#text.slice(read.end, read.end + 40))?.[0].length ?? 0);
      const second = readText(this.#text, read.end + between, closing, opening, form);
      if (second.isClosed) read = second;
    }
    const pieces = form.use === 'words' ? wordPieces(read.pieces) : read.pieces;
    this.#put(form.use, read.end, form.use === 'pattern' ? [] : pieces);
    return true;
  }

  /** A regular expression between slashes, where a value is expected. */
  #tryPattern(): boolean {
    const before = this.tokens.at(-1);
    const isExpected =
      before === undefined ||
      (before.kind === 'sign' && !/^[)\]}]$/.test(before.text)) ||
      (before.kind === 'word' && BEFORE_VALUE.test(before.text));
    const found = isExpected
      ? matchAt(/\/(?![/*])(?:[^/\\[\n]|\\.|\[(?:[^\]\\\n]|\\.)*\])+\/\w*/y, this.#text, this.#at)
      : undefined;
    if (found !== undefined) this.#put('pattern', this.#at + found[0].length, []);
    return found !== undefined;
  }

  /** The lines that were announced, each text up to the line that is its end alone. */
  #linesBelow(): void {
    for (const { end, index } of this.#below) {
      const start = this.#at;
      let stop = this.#text.length;
      for (let at = start; at < this.#text.length; ) {
        const next = this.#text.indexOf('\n', at);
        const line = this.#text.slice(at, next < 0 ? undefined : next);
        const after = next < 0 ? this.#text.length : next + 1;
        if (line.trim() === end) {
          stop = at;
          this.#at = after;
          break;
        }
        at = after;
        this.#at = after;
      }
      const token = this.tokens[index];
      const form = this.#language.texts.find(({ expands, use }) => expands !== undefined && use === 'string');
      if (token === undefined || form === undefined) continue;
      const { pieces } = readText(this.#text.slice(0, stop), start, '', undefined, form);
      this.tokens[index] = { ...token, pieces };
    }
    this.#below = [];
  }
}

function matchAt(pattern: RegExp, text: string, at: number): RegExpExecArray | undefined {
  pattern.lastIndex = at;
  return pattern.exec(text) ?? undefined;
}

interface ReadText {
  readonly pieces: readonly TextPiece[];
  readonly end: number;
  readonly isClosed: boolean;
}

/** The pieces of a text up to what closes it; to the end, where nothing does. */
function readText(
  text: string,
  from: number,
  closing: string,
  opening: string | undefined,
  { escapes, expands, isLong }: TextForm,
): ReadText {
  const pieces: TextPiece[] = [];
  let start = from;
  let depth = 0;
  let at = from;
  const flush = (to: number) => {
    if (to > start) pieces.push({ text: text.slice(start, to), isKnown: true, start, end: to });
  };
  while (at < text.length) {
    const character = text[at];
    if (closing !== '' && depth === 0 && text.startsWith(closing, at)) {
      flush(at);
      return { pieces, end: at + closing.length, isClosed: true };
    }
    if (character === '\n' && !isLong) break;
    if (character === '\\' && escapes !== 'none') {
      const { value, length } = escapedText(text, at, escapes, closing);
      if (value !== undefined) {
        flush(at);
        pieces.push({ text: value, isKnown: true, start: at, end: at + length });
        start = at + length;
      }
      at += length;
      continue;
    }
    const expanded = expands && matchAt(expands, text, at);
    if (expanded) {
      const end = endOfField(text, at, expanded[0]);
      flush(at);
      pieces.push({ text: text.slice(at, end), isKnown: false, start: at, end });
      start = end;
      at = end;
      continue;
    }
    if (opening !== undefined && character === opening) depth++;
    else if (opening !== undefined && character === closing) depth--;
    at++;
  }
  flush(at);
  return { pieces, end: at, isClosed: false };
}

/** Each word of a list as a piece of its own. */
function wordPieces(pieces: readonly TextPiece[]): TextPiece[] {
  return pieces.flatMap((piece): TextPiece[] =>
    piece.isKnown
      ? [...piece.text.matchAll(/\S+/g)].map(({ 0: word, index }) => ({
          text: word,
          isKnown: true,
          start: piece.start + index,
          end: piece.start + index + word.length,
        }))
      : [piece],
  );
}

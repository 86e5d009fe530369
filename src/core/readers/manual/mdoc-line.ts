import {
  BEFORE,
  BEHIND,
  BETWEEN,
  CLOSING,
  ENCLOSURES,
  FONT_MACROS,
  type FontMacro,
  OPENING,
} from './mdoc-inline.ts';
import type { PageReading } from './page-reading.ts';
import type { RoffArgument } from './roff-arguments.ts';
import { type Font, madeText, plainText, type StyledText } from './styled-text.ts';

/** What is known while the lines of a page are read. */
export interface MdocState {
  /** The program's name, once the page has said it. */
  name: string | undefined;
  /** Whether blanks stand between words (`.Sm`). */
  isSpaced: boolean;
}

/** Reads the words of one line of mdoc: macros that may stand in it, what they enclose, and punctuation. */
export class MdocLine {
  readonly #reading: PageReading;
  readonly #state: MdocState;
  readonly #pieces: StyledText[] = [];
  /** Whether the next word follows without a blank. */
  #joins = true;
  /** How many brackets of more than one line (`Xo`) it opens more than it closes. */
  opened = 0;
  /** Whether its first word follows the line before without a blank. */
  startsJoined = false;

  constructor(reading: PageReading, state: MdocState) {
    this.#reading = reading;
    this.#state = state;
  }

  /** Whether the next line follows its last word without a blank. */
  endsJoined = false;

  get pieces(): StyledText[] {
    return this.#pieces;
  }

  /** Reads words, the first of which may be macros. */
  read(words: readonly RoffArgument[], font: FontMacro = { font: 'upright' }): void {
    const closing = trailingPunctuation(words);
    this.#words(words.slice(0, words.length - closing), font);
    for (const word of words.slice(words.length - closing)) this.#word(word, 'upright');
  }

  #words(words: readonly RoffArgument[], given: FontMacro): void {
    let current = given;
    let isAlone: FontMacro | undefined;
    const ends: StyledText[] = [];
    for (const [i, word] of words.entries()) {
      const name = word.isQuoted ? '' : word.text;
      const macro = FONT_MACROS.get(name);
      if (macro !== undefined || isStructural(name)) this.#putAlone(isAlone, word.at);
      if (macro !== undefined) {
        current = macro;
        isAlone = macro;
        continue;
      }
      if (isStructural(name)) {
        const taken = this.#structural(name, word, words.slice(i + 1), ends);
        current = { font: 'upright' };
        isAlone = undefined;
        if (taken) break;
        continue;
      }
      const isMark = isPunctuation(word);
      if (isMark) this.#putAlone(isAlone, word.at);
      this.#word(word, isMark ? 'upright' : current.font, isMark ? '' : current.before);
      isAlone = undefined;
    }
    this.#putAlone(isAlone, words.at(-1)?.at ?? 0);
    for (const end of ends.reverse()) this.#attach(end);
  }

  /** Carries out a macro that encloses, joins or names something; whether it took the rest of the line. */
  #structural(name: string, word: RoffArgument, rest: readonly RoffArgument[], ends: StyledText[]): boolean {
    const { at } = word;
    const around = ENCLOSURES.get(name);
    const open = OPENING.get(name);
    const close = CLOSING.get(name);
    if (around !== undefined) {
      this.#put(madeText(around[0], at));
      this.#joins = true;
      ends.push(madeText(around[1], at));
    } else if (open !== undefined) {
      this.#put(madeText(open, at));
      this.#joins = true;
    } else if (close !== undefined) {
      this.#attach(madeText(close, at));
    } else if (name === 'Xr') {
      this.#reference(rest);
      return true;
    } else if (name === 'Nm') {
      return this.#name(rest, at);
    } else if (name === 'Bx' || name === 'At') {
      this.#system(name, rest, at);
      return true;
    } else if (name === 'Fn') {
      this.#call(rest, at);
      return true;
    } else if (name === 'Ns') {
      if (this.#pieces.length === 0) this.startsJoined = true;
      this.endsJoined = rest.length === 0 && this.#pieces.length > 0;
      this.#joins = true;
    } else if (name === 'Ap') {
      this.#attach(madeText("'", at));
      this.#joins = true;
    } else if (name === 'Pf') {
      const [prefix, ...others] = rest;
      if (prefix !== undefined) this.#word(prefix, 'upright');
      this.#joins = true;
      this.#words(others, { font: 'upright' });
      return true;
    } else if (name === 'Xo' || name === 'Xc') this.opened += name === 'Xo' ? 1 : -1;
    return false;
  }

  /** A page that is referred to: its name, and its section in brackets. */
  #reference(rest: readonly RoffArgument[]): void {
    const [title, section, ...others] = rest;
    if (title !== undefined) this.#word(title, 'upright');
    if (section !== undefined && !BEHIND.has(section.text)) {
      this.#attach(madeText('(', section.at));
      this.#joins = true;
      this.#word(section, 'upright');
      this.#attach(madeText(')', section.at));
      this.#words(others, { font: 'upright' });
    } else this.#words(rest.slice(1), { font: 'upright' });
  }

  /** The program's name: the one given, which is kept, or the one that was given before. */
  #name(rest: readonly RoffArgument[], at: number): boolean {
    const [given] = rest;
    const isGiven = given !== undefined && !isMacroName(given) && !isPunctuation(given);
    if (isGiven) {
      this.#state.name ??= plainText(this.#reading.escapes.readIn('bold', given));
      return this.#rest(rest, 'bold');
    }
    if (this.#state.name !== undefined) this.#put(madeText(this.#state.name, at, 'bold'));
    return false;
  }

  /** A version of one of the two oldest systems: `Bx 4.3`, `At v7`. */
  #system(name: string, rest: readonly RoffArgument[], at: number): void {
    const [given] = rest;
    const version = given === undefined || isPunctuation(given) || isMacroName(given) ? '' : given.text;
    const number = version.replace(/^v/, '');
    const said =
      name === 'Bx' ? `${version}BSD` : number === '' ? 'AT&T UNIX' : `Version ${number} AT&T UNIX`;
    this.#put(madeText(said, at));
    this.#words(version === '' ? rest : rest.slice(1), { font: 'upright' });
  }

  /** A function with its arguments. */
  #call(rest: readonly RoffArgument[], at: number): void {
    const behind = trailingPunctuation(rest);
    const [name, ...given] = rest.slice(0, rest.length - behind);
    if (name !== undefined) this.#word(name, 'bold');
    this.#attach(madeText('(', at));
    this.#joins = true;
    for (const [i, one] of given.entries()) {
      if (i > 0) this.#attach(madeText(',', one.at));
      this.#word(one, 'italic');
    }
    this.#attach(madeText(')', at));
    for (const word of rest.slice(rest.length - behind)) this.#word(word, 'upright');
  }

  #rest(rest: readonly RoffArgument[], font: Font): boolean {
    this.#words(rest, { font });
    return true;
  }

  #putAlone(macro: FontMacro | undefined, at: number): void {
    if (macro?.alone === undefined) return;
    const [name = '', ...behind] = macro.alone.split(' ');
    this.#put(madeText(name, at, macro.font));
    // A hyphen alone is that of the name behind it.
    if (macro.before !== undefined && macro.before === macro.alone) this.#joins = true;
    if (behind.length > 0) this.#put(madeText(behind.join(' '), at));
  }

  #word(word: RoffArgument, font: Font, before = ''): void {
    const pieces = this.#reading.escapes.readIn(font, word);
    const isBehind = !word.isQuoted && BEHIND.has(word.text);
    if (isBehind) this.#joins = true;
    if (before !== '') this.#put(madeText(before, word.at, font));
    if (before !== '') this.#joins = true;
    this.#putAll(pieces, word.at);
    if (!word.isQuoted && BEFORE.has(word.text)) this.#joins = true;
  }

  #attach(piece: StyledText): void {
    this.#joins = true;
    this.#put(piece);
  }

  #put(piece: StyledText): void {
    this.#putAll([piece], piece.at);
  }

  #putAll(pieces: readonly StyledText[], at: number): void {
    if (plainText(pieces) === '') return;
    if (!this.#joins && this.#state.isSpaced) this.#pieces.push(madeText(' ', at));
    for (const piece of pieces) this.#pieces.push(piece);
    this.#joins = false;
  }
}

/** Whether a macro may stand in the line of another one. */
export function isInlineMacro(name: string): boolean {
  return FONT_MACROS.has(name) || isStructural(name);
}

function isMacroName({ isQuoted, text }: RoffArgument): boolean {
  return !isQuoted && isInlineMacro(text);
}

function isPunctuation({ text, isQuoted }: RoffArgument): boolean {
  return !isQuoted && (BEHIND.has(text) || BEFORE.has(text) || BETWEEN.has(text));
}

const OTHERS = new Set(['Xr', 'Nm', 'Ns', 'Ap', 'Pf', 'Xo', 'Xc', 'Bx', 'At', 'Fn']);

function isStructural(name: string): boolean {
  return ENCLOSURES.has(name) || OPENING.has(name) || CLOSING.has(name) || OTHERS.has(name);
}

/** How many words at the end are punctuation, which stands behind all that the line encloses. */
function trailingPunctuation(words: readonly RoffArgument[]): number {
  let count = 0;
  while (count < words.length) {
    const word = words[words.length - 1 - count];
    if (word === undefined || word.isQuoted || !BEHIND.has(word.text)) return count;
    count++;
  }
  return count;
}

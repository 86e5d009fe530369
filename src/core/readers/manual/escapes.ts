import type { Definitions } from './definitions.ts';
import { delimitedEnd, escapeName } from './escape-names.ts';
import type { RoffText } from './roff-text.ts';
import { specialCharacter } from './special-characters.ts';
import type { Font, StyledText } from './styled-text.ts';

/** Escapes of one character that print one. */
const PRINTED: ReadonlyMap<string, string> = new Map([
  ['-', '-'],
  ['e', '\\'],
  ['\\', '\\'],
  ["'", "'"],
  ['`', '`'],
  [' ', ' '],
  ['~', ' '],
  ['0', ' '],
  ['t', '\t'],
  ['_', '_'],
]);

/** Escapes of one character that print nothing. */
const SILENT = new Set('&|^%/,:){}!?apru d\n'.split('').filter((one) => one !== ' '));

/** Escapes behind which stands something between two marks that is not printed. */
const DELIMITED = new Set('ABbDlLRvwXxZ'.split(''));

/** Escapes behind which stands a name that is not printed. */
const NAMED = new Set('FkmMVYO'.split(''));

const FONTS: ReadonlyMap<string, Font> = new Map([
  ...['B', '3', 'CB', 'C3', 'b', 'HB', 'TB'].map((name) => [name, 'bold'] as const),
  ...['I', '2', 'CI', 'C2', 'i', 'BI', '4', 'CBI', 'HI', 'TI'].map((name) => [name, 'italic'] as const),
]);

/** How deep strings may stand in strings. */
const DEPTH_LIMIT = 16;
/** How many characters strings may put into a line. */
const LENGTH_LIMIT = 64 * 1024;

/** Reads the escapes of a page's texts; the font goes on from one text to the next. */
export class EscapeReader {
  readonly #definitions: Definitions;
  #font: Font = 'upright';
  #previous: Font = 'upright';

  constructor(definitions: Definitions) {
    this.#definitions = definitions;
  }

  /** Sets the font by its name; `P` is the one before it. */
  setFont(name: string): void {
    const font = name === 'P' || name === '' ? this.#previous : (FONTS.get(name) ?? 'upright');
    this.#previous = this.#font;
    this.#font = font;
  }

  /** Goes back to the upright font, as each paragraph does. */
  resetFont(): void {
    this.#font = 'upright';
    this.#previous = 'upright';
  }

  /** The characters of a text as they are printed, and whether the next text follows without a blank (`\c`). */
  read(text: RoffText): { readonly pieces: StyledText[]; readonly goesOn: boolean } {
    const reading = new LineReading(text);
    this.#read(text.text, reading, 0, false);
    return { pieces: reading.pieces, goesOn: reading.goesOn };
  }

  /** A text read in a font of its own, after which the font is what it was. */
  readIn(font: Font, text: RoffText): StyledText[] {
    const [kept, before] = [this.#font, this.#previous];
    this.#font = font;
    const { pieces } = this.read(text);
    this.#font = kept;
    this.#previous = before;
    return pieces;
  }

  #read(text: string, reading: LineReading, depth: number, isString: boolean): void {
    let at = 0;
    while (at < text.length) {
      if (!isString) reading.at = at;
      const next = text.indexOf('\\', at);
      const end = next < 0 ? text.length : next;
      if (end > at) reading.add(text.slice(at, end), this.#font, !isString);
      if (next < 0) return;
      if (!isString) reading.at = next;
      at = this.#escape(text, next + 1, reading, depth);
    }
  }

  /** Reads one escape, from behind its backslash; gives where it ends. */
  #escape(text: string, at: number, reading: LineReading, depth: number): number {
    const kind = text[at] ?? '';
    const printed = PRINTED.get(kind);
    if (printed !== undefined) reading.add(printed, this.#font, false);
    if (printed !== undefined || SILENT.has(kind)) return at + 1;
    if (kind === '"' || kind === '#') return text.length;
    if (DELIMITED.has(kind)) return delimitedEnd(text, at + 1);
    switch (kind) {
      case '(':
      case '[':
        return this.#special(text, at, reading);
      case 'f': {
        const { name, end } = escapeName(text, at + 1);
        this.setFont(name);
        return end;
      }
      case '*':
        return this.#string(text, at + 1, reading, depth);
      case 'n':
        return this.#register(text, at + 1, reading);
      case 's':
        return sizeEnd(text, at + 1);
      case 'h':
        return this.#motion(text, at + 1, reading);
      case 'c':
        reading.goesOn = true;
        return at + 1;
      case 'z':
        return at + 1;
      case 'C':
      case 'o':
      case 'N':
        return this.#delimited(kind, text, at + 1, reading);
      case '$':
        return escapeName(text, at + 1).end;
    }
    if (NAMED.has(kind)) return escapeName(text, at + 1).end;
    reading.add(kind, this.#font, false);
    return at + 1;
  }

  #special(text: string, at: number, reading: LineReading): number {
    const { name, end } = escapeName(text, at);
    const printed = this.#definitions.translations.get(name) ?? specialCharacter(name);
    reading.add(printed, this.#font, false);
    return end;
  }

  #string(text: string, at: number, reading: LineReading, depth: number): number {
    const { name, end } = escapeName(text, at);
    const [own = ''] = name.split(' ');
    if (depth < DEPTH_LIMIT && reading.length < LENGTH_LIMIT)
      this.#read(this.#definitions.string(own), reading, depth + 1, true);
    return end;
  }

  #register(text: string, at: number, reading: LineReading): number {
    const from = text[at] === '+' || text[at] === '-' ? at + 1 : at;
    const { name, end } = escapeName(text, from);
    reading.add(String(this.#definitions.register(name)), this.#font, false);
    return end;
  }

  /** A move to the right is a blank; one to the left is nothing. */
  #motion(text: string, at: number, reading: LineReading): number {
    const end = delimitedEnd(text, at);
    const distance = /^.\+?\s*(\d*\.?\d+)([a-z]?)/.exec(text.slice(at, end));
    const isWide = distance !== null && Number(distance[1]) >= (/[uM]/.test(distance[2] ?? '') ? 20 : 0.5);
    if (isWide) reading.add(' ', this.#font, false);
    return end;
  }

  #delimited(kind: string, text: string, at: number, reading: LineReading): number {
    const end = delimitedEnd(text, at);
    const inside = text.slice(at + 1, end - 1);
    const shown =
      kind === 'C'
        ? specialCharacter(inside)
        : kind === 'N'
          ? specialCharacter(`char${inside}`)
          : inside.slice(0, 1);
    reading.add(shown, this.#font, false);
    return end;
  }
}

function sizeEnd(text: string, at: number): number {
  if (text[at] === "'") return delimitedEnd(text, at);
  if (text[at] === '[' || text[at] === '(') return escapeName(text, at).end;
  const size = /^[-+]?(?:\([0-9]{2}|\[[^\]]*\]|'[^']*'|[1-3][0-9]|[0-9])/.exec(text.slice(at, at + 16));
  return at + (size?.[0].length ?? 0);
}

/** The printed characters of one text while it is read. */
class LineReading {
  readonly #text: RoffText;
  readonly pieces: StyledText[] = [];
  length = 0;
  goesOn = false;
  /** The offset in the text at which what is added stands. */
  at = 0;

  constructor(text: RoffText) {
    this.#text = text;
  }

  /** Adds characters; exact are those that stand in the text as they are. */
  add(text: string, font: Font, isExact: boolean): void {
    if (text === '') return;
    const { at, isExact: stands } = this.#text;
    this.pieces.push({ text, at: stands ? at + this.at : at, isExact: isExact && stands, font });
    this.length += text.length;
  }
}

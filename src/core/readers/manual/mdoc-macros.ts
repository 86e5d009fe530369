import { isInlineMacro, MdocLine, type MdocState } from './mdoc-line.ts';
import { MdocLists } from './mdoc-lists.ts';
import { STEP } from './page-builder.ts';
import type { PageReading } from './page-reading.ts';
import type { RoffArgument } from './roff-arguments.ts';
import type { RoffEvent } from './roff-interpreter.ts';
import type { RoffText } from './roff-text.ts';
import { madeText, plainText, type StyledText } from './styled-text.ts';

type MacroCall = Extract<RoffEvent, { kind: 'macro' }>;
type Macro = (call: MacroCall) => void;

/** The standards that pages are named by most. */
const STANDARDS: ReadonlyMap<string, string> = new Map([
  ['-p1003.1-88', 'IEEE Std 1003.1-1988 (POSIX.1)'],
  ['-p1003.1-2001', 'IEEE Std 1003.1-2001 (POSIX.1)'],
  ['-p1003.1-2004', 'IEEE Std 1003.1-2004 (POSIX.1)'],
  ['-p1003.1-2008', 'IEEE Std 1003.1-2008 (POSIX.1)'],
  ['-p1003.1-2024', 'IEEE Std 1003.1-2024 (POSIX.1)'],
  ['-p1003.2', 'IEEE Std 1003.2 (POSIX.2)'],
  ['-p1003.2-92', 'IEEE Std 1003.2-1992 (POSIX.2)'],
  ['-ansiC', 'ANSI X3.159-1989 (ANSI C89)'],
  ['-isoC-99', 'ISO/IEC 9899:1999 (ISO C99)'],
]);

/** The macros of mdoc(7). */
export class MdocMacros {
  readonly #reading: PageReading;
  readonly #state: MdocState = { name: undefined, isSpaced: true };
  readonly #lists: MdocLists;
  /** Whether the line before ended where no blanks stand between words. */
  #wasUnspaced = false;
  /** Displays that are open: whether lines were put together before each, and the margin. */
  readonly #displays: { readonly isFilled: boolean; readonly margin: number }[] = [];
  readonly #macros: ReadonlyMap<string, Macro>;
  /** A tag that goes on in the next lines (`Xo`), with how many brackets are open. */
  #tag: { readonly pieces: StyledText[]; readonly at: number; opened: number; isJoined: boolean } | undefined;

  constructor(reading: PageReading) {
    this.#reading = reading;
    this.#lists = new MdocLists(reading);
    this.#macros = new Map(Object.entries(this.#table()));
  }

  /** Whether there is a macro of a name. */
  has(name: string): boolean {
    return this.#macros.has(name) || isInlineMacro(name) || isReference(name);
  }

  /** Carries out a macro; whether there is one of the name. */
  call(call: MacroCall): boolean {
    const macro = this.#macros.get(call.name);
    if (macro !== undefined) macro(call);
    else if (isInlineMacro(call.name)) this.#inline([nameOf(call), ...call.arguments]);
    else return isReference(call.name) && this.#inline(call.arguments);
    return true;
  }

  /** Adds a line of text. */
  text(line: RoffText): void {
    if (this.#tag === undefined) this.#reading.text(line);
    else
      for (const piece of [madeText(' ', line.at), ...this.#reading.escapes.read(line).pieces])
        this.#tag.pieces.push(piece);
  }

  #table(): Record<string, Macro> {
    const { page } = this.#reading;
    const paragraph: Macro = () => page.blank();
    const nothing: Macro = () => undefined;
    return {
      Dd: nothing,
      Os: nothing,
      Bk: nothing,
      Ek: nothing,
      Rs: nothing,
      Re: nothing,
      Tg: nothing,
      Dt: ({ arguments: [name, section] }) => {
        this.#reading.title ??= { name: name?.text ?? '', section: section?.text ?? '' };
      },
      Sh: (call) => this.#heading(call, false),
      Ss: (call) => this.#heading(call, true),
      Pp: paragraph,
      Lp: paragraph,
      Nm: (call) => {
        if (page.isNotation) page.break();
        this.#inline([nameOf(call), ...call.arguments]);
      },
      Nd: ({ arguments: words, at }) => {
        page.add([madeText('-', at), madeText(' ', at), ...this.#line(words).pieces]);
      },
      Bl: ({ arguments: words }) => this.#lists.begin(words.map(({ text }) => text)),
      El: () => this.#lists.end(),
      It: (call) => this.#item(call),
      Bd: ({ arguments: words }) => this.#display(words.map(({ text }) => text)),
      Ed: () => {
        const display = this.#displays.pop();
        if (display === undefined) return;
        page.isFilled = display.isFilled;
        page.margin = display.margin;
      },
      D1: ({ arguments: words }) => this.#displayedLine(words),
      Dl: ({ arguments: words }) => this.#displayedLine(words),
      Sm: ({ arguments: [how] }) => {
        this.#state.isSpaced = how === undefined ? !this.#state.isSpaced : how.text !== 'off';
      },
      Ex: ({ at }) => this.#exitStatuses(at),
      Rv: nothing,
      St: ({ arguments: [name], at }) => {
        page.add([madeText(STANDARDS.get(name?.text ?? '') ?? (name?.text ?? '').replace(/^-/, ''), at)]);
      },
      Fo: (call) => this.#inline(call.arguments),
      Fc: nothing,
      Eo: nothing,
      Ec: nothing,
    };
  }

  /** The statuses that most programs end with: a list, in the section about them. */
  #exitStatuses(at: number): void {
    const { page } = this.#reading;
    const { name = 'program' } = this.#state;
    if (!/^EXIT STATUS/i.test(page.sections.at(-1)?.heading ?? '')) {
      page.add([madeText(`The ${name} utility exits 0 on success, and >0 if an error occurs.`, at)]);
      return;
    }
    for (const [status, text] of [
      ['0', 'success'],
      ['>0', 'an error occurred'],
    ] as const) {
      page.tag([madeText(status, at)]);
      page.add([madeText(text, at)]);
    }
    page.hanging = 0;
  }

  #heading({ arguments: words }: MacroCall, isPart: boolean): void {
    this.#lists.endAll();
    this.#displays.length = 0;
    this.#reading.escapes.resetFont();
    this.#reading.heading(this.#line(words).pieces, isPart);
  }

  #line(words: readonly RoffArgument[]): MdocLine {
    const line = new MdocLine(this.#reading, this.#state);
    line.read(words);
    return line;
  }

  /** Whether a line follows the one before it without a blank; blanks are left out between two lines that both stand where there are none. */
  #isJoined(line: MdocLine): boolean {
    const isBetweenUnspaced = this.#wasUnspaced && !this.#state.isSpaced;
    this.#wasUnspaced = !this.#state.isSpaced;
    return line.startsJoined || isBetweenUnspaced || isClosing(line.pieces);
  }

  #inline(words: readonly RoffArgument[]): true {
    if (words[0]?.text === 'An' && /^-(?:no)?split$/.test(words[1]?.text ?? '')) return true;
    const line = this.#line(words);
    const isJoined = this.#isJoined(line);
    if (this.#tag !== undefined) {
      if (!line.startsJoined && !this.#tag.isJoined && !isClosing(line.pieces))
        this.#tag.pieces.push(madeText(' ', words[0]?.at ?? 0));
      for (const piece of line.pieces) this.#tag.pieces.push(piece);
      this.#tag.opened += line.opened;
      this.#tag.isJoined = isFollowedJoined(line);
      this.#endTag();
      return true;
    }
    if (isJoined) this.#reading.page.join();
    this.#reading.page.add(line.pieces, isFollowedJoined(line));
    return true;
  }

  #item({ arguments: words, at }: MacroCall): void {
    this.#reading.escapes.resetFont();
    if (this.#lists.isColumns) {
      this.#lists.row(
        columns(words).map((cell) => this.#line(cell).pieces),
        at,
      );
      return;
    }
    const line = this.#line(words);
    this.#isJoined(line);
    this.#tag = { pieces: line.pieces, opened: line.opened, isJoined: isFollowedJoined(line), at };
    this.#endTag();
  }

  /** Puts a tag that is complete in front of its text. */
  #endTag(): void {
    if (this.#tag === undefined || this.#tag.opened > 0) return;
    const { pieces, at } = this.#tag;
    this.#tag = undefined;
    this.#lists.item(pieces, at);
  }

  #display(words: readonly string[]): void {
    const { page } = this.#reading;
    page.break();
    this.#displays.push({ isFilled: page.isFilled, margin: page.margin });
    if (!words.includes('-compact')) page.blank();
    page.isFilled = !words.some((word) => /^-(?:literal|unfilled)$/.test(word));
    if (words.includes('-offset')) page.margin += STEP;
  }

  #displayedLine(words: readonly RoffArgument[]): void {
    const { page } = this.#reading;
    page.break();
    page.margin += STEP;
    page.add(this.#line(words).pieces);
    page.margin -= STEP;
  }
}

/** Whether a macro holds a part of a reference: an author, a title. */
function isReference(name: string): boolean {
  return /^%[A-Z]$/.test(name);
}

/** The name of a macro as the first word of its line. */
function nameOf({ name, at }: MacroCall): RoffArgument {
  return { text: name, at, isExact: false, isQuoted: false };
}

/** The cells of a row, parted by `Ta`. */
function columns(words: readonly RoffArgument[]): RoffArgument[][] {
  const cells: RoffArgument[][] = [[]];
  for (const word of words) {
    if (word.text === 'Ta' && !word.isQuoted) cells.push([]);
    else cells.at(-1)?.push(word);
  }
  return cells;
}

/** Whether what follows a line follows it without a blank. */
function isFollowedJoined(line: MdocLine): boolean {
  return line.endsJoined || isOpening(line.pieces);
}

/** Whether a line is only what opens, or closes, something of more than one line. */
function isOpening(pieces: readonly StyledText[]): boolean {
  return /[[({<]$/.test(plainText(pieces));
}

function isClosing(pieces: readonly StyledText[]): boolean {
  return /^[\])}>]/.test(plainText(pieces));
}

import { STEP } from './page-builder.ts';
import type { PageReading } from './page-reading.ts';
import type { RoffArgument } from './roff-arguments.ts';
import type { RoffEvent } from './roff-interpreter.ts';
import { type Font, madeText, type StyledText } from './styled-text.ts';

type MacroCall = Extract<RoffEvent, { kind: 'macro' }>;
type Macro = (call: MacroCall) => void;

/** Fonts in turn, of the macros that print their arguments in a row without blanks. */
const ALTERNATING: Readonly<Record<string, readonly [Font, Font]>> = {
  BR: ['bold', 'upright'],
  RB: ['upright', 'bold'],
  BI: ['bold', 'italic'],
  IB: ['italic', 'bold'],
  IR: ['italic', 'upright'],
  RI: ['upright', 'italic'],
};

/** Macros that print their arguments, or the next line, in one font. */
const FONTED: Readonly<Record<string, Font>> = {
  B: 'bold',
  I: 'italic',
  R: 'upright',
  SM: 'upright',
  SB: 'bold',
};

/** What the macro before has the next line be. */
type Awaited =
  | { readonly kind: 'tag'; readonly isFurther: boolean }
  | { readonly kind: 'heading'; readonly isPart: boolean }
  | { readonly kind: 'font'; readonly font: Font };

/** The macros of man(7), with the extensions of newer formatters. */
export class ManMacros {
  readonly #reading: PageReading;
  #awaited: Awaited | undefined;
  /** What the font macro is to print, where it stands between a tag's macro and its tag. */
  #outer: Awaited | undefined;
  /** Margins and depths to go back to. */
  readonly #margins: number[] = [];
  /** The address that a link goes to. */
  #address: StyledText[] = [];
  readonly #macros: ReadonlyMap<string, Macro>;

  constructor(reading: PageReading) {
    this.#reading = reading;
    this.#macros = new Map(Object.entries(this.#table()));
  }

  /** Whether there is a macro of a name. */
  has(name: string): boolean {
    return this.#macros.has(name);
  }

  /** Carries out a macro; whether there is one of the name. */
  call(call: MacroCall): boolean {
    const macro = this.#macros.get(call.name);
    macro?.(call);
    return macro !== undefined;
  }

  /** Adds a line of text. */
  text(line: Parameters<PageReading['text']>[0]): void {
    const awaited = this.#awaited;
    if (awaited === undefined) {
      this.#reading.text(line);
      return;
    }
    const { escapes } = this.#reading;
    const pieces = awaited.kind === 'font' ? escapes.readIn(awaited.font, line) : escapes.read(line).pieces;
    this.#print(pieces);
  }

  /** Prints what a line came to: as the tag or the heading that it is, where one is awaited. */
  #print(pieces: StyledText[]): void {
    const awaited = this.#awaited?.kind === 'font' ? this.#outer : this.#awaited;
    this.#outer = undefined;
    this.#awaited = undefined;
    if (awaited?.kind === 'tag') this.#reading.tag(pieces);
    else if (awaited?.kind === 'heading') this.#reading.heading(pieces, awaited.isPart);
    else this.#reading.page.add(pieces);
  }

  #table(): Record<string, Macro> {
    const { page } = this.#reading;
    const paragraph: Macro = () => this.#paragraph(0);
    return {
      TH: (call) => this.#title(call),
      SH: (call) => this.#heading(call, false),
      SS: (call) => this.#heading(call, true),
      PP: paragraph,
      LP: paragraph,
      P: paragraph,
      HP: paragraph,
      TP: () => this.#await({ kind: 'tag', isFurther: false }),
      TQ: () => this.#await({ kind: 'tag', isFurther: true }),
      IP: ({ arguments: [tag] }) => this.#indented(tag),
      RS: ({ arguments: [by] }) => this.#deeper(by),
      RE: () => {
        page.margin = this.#margins.pop() ?? page.margin;
        page.hanging = this.#margins.pop() ?? 0;
      },
      EX: () => {
        page.isFilled = false;
      },
      EE: () => {
        page.isFilled = true;
      },
      SY: ({ arguments: [name] }) => {
        page.blank();
        if (name !== undefined) page.add(this.#reading.escapes.readIn('bold', name));
      },
      YS: () => page.break(),
      OP: (call) => this.#optional(call),
      MR: ({ arguments: [name, section, ...behind], at }) => {
        const { escapes } = this.#reading;
        const pieces = [name, section].map((one) => (one === undefined ? [] : escapes.read(one).pieces));
        const [title = [], number = []] = pieces;
        const rest = behind.flatMap((one) => escapes.read(one).pieces);
        page.add([...title, madeText('(', at), ...number, madeText(')', at), ...rest]);
      },
      URL: (call) => this.#webLink(call),
      MTO: (call) => this.#webLink(call),
      UR: ({ arguments: [address] }) => this.#link(address),
      MT: ({ arguments: [address] }) => this.#link(address),
      UE: (call) => this.#linked(call),
      ME: (call) => this.#linked(call),
      ...Object.fromEntries(
        Object.entries(FONTED).map(([name, font]) => [name, (call: MacroCall) => this.#fonted(font, call)]),
      ),
      ...Object.fromEntries(
        Object.entries(ALTERNATING).map(([name, fonts]) => [
          name,
          (call: MacroCall) => this.#alternating(fonts, call),
        ]),
      ),
    };
  }

  #title({ arguments: [name, section] }: MacroCall): void {
    const { escapes } = this.#reading;
    const said = (one: RoffArgument | undefined) =>
      one === undefined
        ? ''
        : escapes
            .read(one)
            .pieces.map(({ text }) => text)
            .join('');
    this.#reading.title ??= { name: said(name), section: said(section) };
  }

  #heading({ arguments: words, at }: MacroCall, isPart: boolean): void {
    this.#margins.length = 0;
    this.#reading.escapes.resetFont();
    this.#awaited = { kind: 'heading', isPart };
    if (words.length > 0) this.#print(this.#row(words, ['upright', 'upright'], ' ', at));
  }

  #paragraph(hanging: number): void {
    const { page, escapes } = this.#reading;
    this.#awaited = undefined;
    escapes.resetFont();
    page.blank();
    page.hanging = hanging;
  }

  #await(awaited: Extract<Awaited, { kind: 'tag' }>): void {
    const { page, escapes } = this.#reading;
    escapes.resetFont();
    if (awaited.isFurther) page.break();
    else page.blank();
    this.#awaited = awaited;
  }

  #indented(tag: RoffArgument | undefined): void {
    const { page, escapes } = this.#reading;
    if (tag === undefined) page.lineToTag();
    this.#paragraph(STEP);
    if (tag === undefined) return;
    const { pieces } = escapes.read(tag);
    page.hanging = 0;
    this.#reading.tag(pieces);
    escapes.resetFont();
  }

  /** Begins a part that stands deeper, unless its distance is nothing. */
  #deeper(by: RoffArgument | undefined): void {
    const { page } = this.#reading;
    page.lineToTag();
    const distance = by === undefined ? STEP : Number.parseFloat(by.text);
    this.#margins.push(page.hanging, page.margin);
    page.margin += distance === 0 ? 0 : distance < 0 ? -STEP : STEP;
    page.hanging = 0;
  }

  #fonted(font: Font, { arguments: words, at }: MacroCall): void {
    if (words.length > 0) {
      this.#print(this.#row(words, [font, font], ' ', at));
      return;
    }
    this.#outer = this.#awaited;
    this.#awaited = { kind: 'font', font };
  }

  #alternating(fonts: readonly [Font, Font], { arguments: words, at }: MacroCall): void {
    if (words.length > 0) this.#print(this.#row(words, fonts, '', at));
  }

  /** Arguments in a row, in two fonts in turn. */
  #row(
    words: readonly RoffArgument[],
    fonts: readonly [Font, Font],
    between: string,
    at: number,
  ): StyledText[] {
    const { escapes } = this.#reading;
    return words.flatMap((word, i) => [
      ...(i > 0 && between !== '' ? [madeText(between, at, fonts[0])] : []),
      ...escapes.readIn(fonts[i % 2] ?? 'upright', word),
    ]);
  }

  /** An option of a synopsis that may be left out, with its argument. */
  #optional({ arguments: [name, argument], at }: MacroCall): void {
    const { escapes, page } = this.#reading;
    const pieces = [
      madeText('[', at),
      ...(name === undefined ? [] : escapes.readIn('bold', name)),
      ...(argument === undefined ? [] : [madeText(' ', at), ...escapes.readIn('italic', argument)]),
      madeText(']', at),
    ];
    page.add(pieces);
  }

  /** A link with its text and what follows it, of older formatters. */
  #webLink({ arguments: [address, text, behind], at }: MacroCall): void {
    const { page, escapes } = this.#reading;
    const said = (one: RoffArgument | undefined) => (one === undefined ? [] : escapes.read(one).pieces);
    const [link, words] = [said(address), said(text)];
    const between = words.length > 0 ? [madeText(' ', at)] : [];
    page.add([...words, ...between, madeText('<', at), ...link, madeText('>', at), ...said(behind)]);
  }

  #link(address: RoffArgument | undefined): void {
    this.#address = address === undefined ? [] : this.#reading.escapes.read(address).pieces;
  }

  #linked({ arguments: [behind], at }: MacroCall): void {
    const { page, escapes } = this.#reading;
    if (this.#address.length > 0) page.add([madeText('<', at), ...this.#address, madeText('>', at)]);
    this.#address = [];
    if (behind === undefined) return;
    page.join();
    page.add(escapes.read(behind).pieces);
  }
}

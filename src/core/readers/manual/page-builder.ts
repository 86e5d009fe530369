import type { Source } from '../../source/source.ts';
import { TextBuilder } from '../../source/text-builder.ts';
import type { PlaceholderMarks } from './placeholder-marks.ts';
import { namesOneOption } from './shared-tags.ts';
import { madeText, plainText, type StyledText } from './styled-text.ts';

/** How far headings, headings of parts, and texts stand from the margin, in columns. */
const PART_HEADING = 3;
const TEXT = 7;
/** How far a text stands from its tag, and a part from what it is a part of. */
export const STEP = 4;
/** The deepest that a text stands. */
const DEEPEST = TEXT + 32 * STEP;

/** A section of a page as it came out. */
export interface PageSection {
  readonly heading: string;
  /** Where its text begins in the built text, and where it ends. */
  readonly start: number;
  end: number;
}

/** What stands in front of a text, such as a name. */
export interface PageTag {
  /** Where it begins in the built text, and where it ends. */
  readonly start: number;
  readonly end: number;
  /** Where the text behind it ends. */
  textEnd: number;
  /** The columns in front of it. */
  readonly indent: number;
}

/** Builds the text of a page: each paragraph in one line, tags in lines of their own above their texts. */
export class PageBuilder {
  readonly #text: TextBuilder;
  readonly #marks: PlaceholderMarks;
  readonly sections: PageSection[] = [];
  readonly tags: PageTag[] = [];
  /** The margin of texts, without what hangs below a tag. */
  #margin = TEXT;
  /** How much deeper the text below the last tag stands. */
  #hanging = 0;
  #isFilled = true;
  #line: StyledText[] = [];
  /** A tag that no text has followed so far. */
  #tag:
    | { readonly pieces: readonly StyledText[]; readonly indent: number; readonly isBlankWanted: boolean }
    | undefined;
  /** The margin before the page last changed it by a distance. */
  #marginBefore = TEXT;
  /** Blanks in front of the line that stand in the page itself. */
  #extra = 0;
  /** Whether the next text follows without a blank. */
  #joins = false;
  #isBlankWanted = false;
  /** How deep the last line stands. */
  #lastIndent = 0;
  /** Whether its lines are notation, in which italics mark what stands for something else. */
  isNotation = false;

  constructor(source: Source, marks: PlaceholderMarks) {
    this.#marks = marks;
    this.#text = new TextBuilder(source);
  }

  get margin(): number {
    return this.#margin;
  }

  set margin(columns: number) {
    this.break();
    this.#margin = Math.min(DEEPEST, Math.max(0, columns));
  }

  /** Moves the margin by a distance, or, without one, back to where it was before. */
  indent(columns: number | undefined): void {
    const before = this.#margin;
    this.margin = columns === undefined ? this.#marginBefore : before + columns;
    this.#marginBefore = before;
  }

  get hanging(): number {
    return this.#hanging;
  }

  set hanging(columns: number) {
    this.break();
    this.#hanging = columns;
  }

  get isFilled(): boolean {
    return this.#isFilled;
  }

  /** Whether lines are put together to paragraphs; otherwise each stays what it is. */
  set isFilled(value: boolean) {
    this.break();
    this.#isFilled = value;
  }

  /** A heading of a section, or of a part of one. */
  heading(pieces: readonly StyledText[], isPart: boolean): void {
    this.break();
    this.isNotation = false;
    this.#margin = TEXT;
    this.#marginBefore = TEXT;
    this.#hanging = 0;
    this.#isFilled = true;
    this.blank();
    this.#putTag();
    if (!isPart) this.#endSection();
    this.#put(pieces, isPart ? PART_HEADING : 0);
    if (!isPart)
      this.sections.push({
        heading: plainText(pieces).trim(),
        start: this.#text.length,
        end: this.#text.length,
      });
    this.#isBlankWanted = false;
  }

  /** Adds what one line of the page prints. */
  add(pieces: readonly StyledText[], goesOn = false): void {
    if (!this.#isFilled) {
      this.#addAsItIs(pieces, goesOn);
      return;
    }
    const said = plainText(pieces);
    const leading = /^[ \t]*/.exec(said)?.[0] ?? '';
    if (said.trim() === '' && !goesOn && !this.#joins) {
      this.break();
      this.blank();
      return;
    }
    if (leading !== '' && !this.#joins) {
      this.break();
      this.#extra = leading.replaceAll('\t', '        ').length;
    }
    if (this.#line.length > 0 && !this.#joins) this.#line.push(blankBefore(pieces));
    for (const piece of pieces) this.#line.push(piece);
    this.#joins = goesOn;
  }

  #addAsItIs(pieces: readonly StyledText[], goesOn: boolean): void {
    if (plainText(pieces).trim() === '' && !goesOn && this.#line.length === 0) {
      this.blank();
      return;
    }
    for (const piece of pieces) this.#line.push(piece);
    this.#joins = goesOn;
    if (!goesOn) this.break();
  }

  /** Has the next text follow the last one without a blank. */
  join(): void {
    this.#joins = true;
  }

  /** Ends the line. */
  break(): void {
    const line = this.#line;
    if (line.length === 0) return;
    this.#line = [];
    this.#joins = false;
    const extra = this.#extra;
    this.#extra = 0;
    const columns = this.#margin + this.#hanging + extra;
    // Bullets at the margin of the section list names that its text speaks of.
    const name = columns > TEXT ? behindBullet(line) : undefined;
    if (name === undefined) this.#put(this.isNotation ? this.#marks.mark(line) : line, columns);
    else this.#awaitText(name, Math.max(0, columns - STEP));
  }

  /** A blank line before what comes next. */
  blank(): void {
    this.break();
    this.#isBlankWanted = true;
  }

  /** A tag, in a line of its own; what follows is its text. One that follows another without a text between them may stand in the same line. */
  tag(pieces: readonly StyledText[]): void {
    this.break();
    this.#hanging = STEP;
    this.#awaitText(pieces, this.#margin);
  }

  /** Keeps a tag until its text, or another tag, comes. */
  #awaitText(pieces: readonly StyledText[], indent: number): void {
    const waiting = this.#tag;
    if (waiting?.indent === indent && namesOneOption(waiting.pieces, pieces)) {
      this.#isBlankWanted = false;
      this.#tag = { ...waiting, pieces: [...waiting.pieces, madeText(', ', pieces[0]?.at ?? 0), ...pieces] };
      return;
    }
    this.#putTag();
    this.#tag = { pieces, indent, isBlankWanted: this.#isBlankWanted };
    this.#isBlankWanted = false;
  }

  /** Makes a tag of the line, where it begins with an option: what is to follow is its text. */
  lineToTag(): void {
    const line = this.#line;
    if (!/^\s*-/.test(plainText(line))) return;
    this.#line = [];
    this.#extra = 0;
    this.tag(line);
  }

  /** Writes the tag that waits for what follows it. */
  #putTag(): void {
    const tag = this.#tag;
    if (tag === undefined) return;
    this.#tag = undefined;
    const { indent } = tag;
    const pieces = this.#marks.mark(tag.pieces);
    const wanted = this.#isBlankWanted;
    // Below the text of another tag it goes on with a list.
    this.#isBlankWanted = tag.isBlankWanted && this.#lastIndent <= indent;
    const start = this.#put(pieces, indent);
    this.tags.push({ start, end: this.#text.length, textEnd: this.#text.length, indent });
    this.#isBlankWanted = wanted;
  }

  /** A mark that stands in the line of its text, such as a bullet. */
  mark(pieces: readonly StyledText[]): void {
    this.break();
    this.#hanging = 0;
    for (const piece of pieces) this.#line.push(piece);
    this.#line.push(blankBefore([]));
    this.#joins = true;
  }

  /** The text of the page, which knows where each character stands in the source. */
  build(): Source {
    this.break();
    this.#putTag();
    this.#endSection();
    return this.#text.build();
  }

  #endSection(): void {
    const section = this.sections.at(-1);
    if (section !== undefined) section.end = this.#text.length;
  }

  /** Writes a line; gives where it begins behind its blanks. */
  #put(pieces: readonly StyledText[], columns: number): number {
    this.#putTag();
    const line = this.#isFilled ? withSingleBlanks(pieces) : [...pieces];
    if (plainText(line).trim() === '') return this.#text.length;
    const at = line[0]?.at ?? 0;
    if (this.#isBlankWanted && this.#text.length > 0) this.#text.put('\n', at);
    this.#isBlankWanted = false;
    this.#text.put(' '.repeat(columns), at);
    this.#lastIndent = columns;
    const start = this.#text.length;
    for (const { text, at: from, isExact } of line) {
      if (isExact) this.#text.copy(text, from);
      else this.#text.put(text, from);
    }
    const last = line.at(-1);
    this.#text.put('\n', last === undefined ? at : last.isExact ? last.at + last.text.length - 1 : last.at);
    const tag = this.tags.at(-1);
    if (tag !== undefined && columns > tag.indent) tag.textEnd = this.#text.length;
    return start;
  }
}

/** The option that a line is but for the bullet before it: a tag, whose text stands at the column of the bullet. */
function behindBullet(line: readonly StyledText[]): StyledText[] | undefined {
  const [bullet, ...rest] = line.filter(({ text }) => text.trim() !== '');
  return bullet !== undefined && /^[•·]\s*$/.test(bullet.text) && /^\s*--?\w/.test(plainText(rest))
    ? line.slice(line.indexOf(bullet) + 1)
    : undefined;
}

function blankBefore([first]: readonly StyledText[]): StyledText {
  return { text: ' ', at: first?.at ?? 0, isExact: false, font: 'upright' };
}

/** Text without blanks at its ends and with one between its words. */
function withSingleBlanks(pieces: readonly StyledText[]): StyledText[] {
  const result: StyledText[] = [];
  let isBlank = true;
  for (const piece of pieces) {
    for (const part of piece.text.matchAll(/[ \t\n]+|[^ \t\n]+/g)) {
      const at = piece.isExact ? piece.at + part.index : piece.at;
      const wasBlank = isBlank;
      isBlank = /^[ \t\n]/.test(part[0]);
      if (!isBlank) result.push({ ...piece, text: part[0], at });
      else if (!wasBlank) result.push({ ...piece, text: ' ', at, isExact: false });
    }
  }
  if (isBlank && result.length > 0) result.pop();
  return result;
}

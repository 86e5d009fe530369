import type { Source } from '../../source/source.ts';
import { EscapeReader } from './escapes.ts';
import { PageBuilder, STEP } from './page-builder.ts';
import { PlaceholderMarks } from './placeholder-marks.ts';
import { RoffInterpreter } from './roff-interpreter.ts';
import type { RoffText } from './roff-text.ts';
import { plainText, type StyledText } from './styled-text.ts';

/** What the section that shows how a program is called is headed with. */
const SYNOPSIS = /^(?:SYNOPSIS|SYNTAX)$/i;

/** What a page says of itself in its title. */
export interface PageTitle {
  readonly name: string;
  readonly section: string;
}

/** A page while it is read: its lines, its fonts, and the text that comes out. */
export class PageReading {
  readonly source: Source;
  readonly lines: RoffInterpreter;
  readonly escapes: EscapeReader;
  readonly page: PageBuilder;
  readonly marks: PlaceholderMarks;
  title: PageTitle | undefined;
  /** Macros of the page that nobody knows, with the places of the first. */
  readonly unknown = new Map<string, RoffText>();
  /** Pages that it says stand in its place. */
  readonly included: RoffText[] = [];

  constructor(source: Source, marksPlaceholders: boolean, isMacro: (name: string) => boolean) {
    this.source = source;
    this.lines = new RoffInterpreter(source.text, isMacro);
    this.escapes = new EscapeReader(this.lines.definitions);
    this.marks = new PlaceholderMarks(marksPlaceholders);
    this.page = new PageBuilder(source, this.marks);
  }

  /** A heading of a section, or of a part of one. */
  heading(pieces: readonly StyledText[], isPart: boolean): void {
    // Parts of the synopsis are synopses too, whatever they are headed with.
    if (isPart && this.page.isNotation) {
      this.page.blank();
      return;
    }
    this.page.heading(pieces, isPart);
    this.page.isNotation = SYNOPSIS.test(this.page.sections.at(-1)?.heading ?? '');
  }

  /** Adds a text of the page in the font that it is in. */
  text(line: RoffText): void {
    const { pieces, goesOn } = this.escapes.read(line);
    this.page.add(pieces, goesOn);
  }

  /** Notation in front of a text: the names of options, with marks around what stands for something else. */
  tag(pieces: readonly StyledText[]): void {
    const said = plainText(pieces).trim();
    if (said === '') this.page.hanging = STEP;
    else if (isMark(said)) this.page.mark(pieces);
    else this.page.tag(pieces);
  }
}

/** Whether a tag is a bullet or the number of a point. */
function isMark(text: string): boolean {
  return /^(?:[-*+o•·○□–—]|\(?(?:\d{1,2}|[a-z])[.)])$/.test(text);
}

import { STEP } from './page-builder.ts';
import type { PageReading } from './page-reading.ts';
import { madeText, plainText, type StyledText } from './styled-text.ts';

/** A list that is open. */
interface OpenList {
  readonly kind: 'tags' | 'points' | 'numbers' | 'columns' | 'plain';
  /** How many items it has so far. */
  count: number;
  readonly isCompact: boolean;
  /** The margin that its items have. */
  readonly margin: number;
  /** The margin and the depth of the text around it. */
  readonly outer: { readonly margin: number; readonly hanging: number };
}

const KINDS: Readonly<Record<string, OpenList['kind']>> = {
  '-tag': 'tags',
  '-hang': 'tags',
  '-ohang': 'tags',
  '-inset': 'tags',
  '-diag': 'tags',
  '-column': 'columns',
  '-item': 'plain',
  '-enum': 'numbers',
};

/** How deep lists may stand in lists. */
const DEPTH_LIMIT = 32;

/** The lists of a page in mdoc, from `Bl` to `El`. */
export class MdocLists {
  readonly #reading: PageReading;
  readonly #open: OpenList[] = [];
  /** How many lists were not opened, as they would stand too deep. */
  #tooDeep = 0;

  constructor(reading: PageReading) {
    this.#reading = reading;
  }

  get isColumns(): boolean {
    return this.#open.at(-1)?.kind === 'columns';
  }

  begin(words: readonly string[]): void {
    const { page } = this.#reading;
    if (this.#open.length >= DEPTH_LIMIT) {
      this.#tooDeep++;
      return;
    }
    const outer = { margin: page.margin, hanging: page.hanging };
    const kind = words.map((word) => KINDS[word]).find((one) => one !== undefined) ?? 'points';
    const offset = words.includes('-offset') ? STEP : 0;
    // A list in the text of an item stands as deep as that text.
    page.margin = outer.margin + outer.hanging + offset;
    page.hanging = 0;
    this.#open.push({ kind, count: 0, isCompact: words.includes('-compact'), margin: page.margin, outer });
  }

  end(): void {
    if (this.#tooDeep > 0) {
      this.#tooDeep--;
      return;
    }
    const list = this.#open.pop();
    if (list === undefined) return;
    const { page } = this.#reading;
    page.margin = list.outer.margin;
    page.hanging = list.outer.hanging;
  }

  endAll(): void {
    this.#open.length = 0;
    this.#tooDeep = 0;
  }

  /** Begins an item with what stands in front of its text. */
  item(pieces: readonly StyledText[], at: number): void {
    const { page } = this.#reading;
    const list = this.#open.at(-1);
    if (list?.isCompact === true) page.break();
    else page.blank();
    page.margin = list?.margin ?? page.margin;
    page.hanging = 0;
    if (list?.kind === 'tags') {
      if (plainText(pieces).trim() === '') page.hanging = STEP;
      else page.tag(pieces);
    } else if (list === undefined || list.kind === 'plain') page.add(pieces);
    else page.mark([madeText(list.kind === 'numbers' ? `${++list.count}.` : '•', at)]);
  }

  /** Adds a row of cells in one line. */
  row(cells: readonly (readonly StyledText[])[], at: number): void {
    const { page } = this.#reading;
    page.break();
    const isFilled = page.isFilled;
    page.isFilled = false;
    page.add(cells.flatMap((cell, i) => (i === 0 ? cell : [madeText('   ', at), ...cell])));
    page.isFilled = isFilled;
  }
}

// What makes helps written by hand uneven: entries that stand a little off, drawn for each entry, and blocks that are no lists of options.
import { createHash } from 'node:crypto';
import { Random } from '../../../../random.mjs';
import { BLOCKS } from './blocks.mjs';

/** How the lines of one entry may stand off. Lines that do not lend themselves to it stay as they are. */
const ENTRY_SLIPS = {
  'text one column on': ([first, ...rest]) => [first.replace(GUTTER, '$1$2 $3'), ...rest],
  'text one column back': ([first, ...rest]) => [
    first.replace(GUTTER, (_, head, gap, text) => head + gap.slice(1) + text),
    ...rest,
  ],
  'further lines two columns on': ([first, ...rest]) => [first, ...rest.map((line) => `  ${line}`)],
  'further lines one column back': ([first, ...rest]) => [
    first,
    ...rest.map((line) => (/^ {6}/.test(line) ? line.slice(1) : line)),
  ],
  'further lines near the margin': ([first, ...rest]) => [
    first,
    ...rest.map((line) => `${indentationOf(first)}    ${line.trimStart()}`),
  ],
  'text below, at its column': ([first, ...rest]) => {
    const found = GUTTER.exec(first);
    if (found === null) return [first, ...rest];
    const [, head, gap, text] = found;
    return [head, ' '.repeat(head.length + gap.length) + text, ...rest];
  },
  'text below, near the margin': ([first, ...rest]) => {
    const found = GUTTER.exec(first);
    if (found === null) return [first, ...rest];
    const margin = `${indentationOf(first)}    `;
    return [found[1], margin + found[3], ...rest.map((line) => margin + line.trimStart())];
  },
  'a tab for a gutter': ([first, ...rest]) => [
    first.replace(GUTTER, (_, head, _gap, text) => `${head}\t${text}`),
    ...rest,
  ],
  'one column on': (lines) => lines.map((line) => ` ${line}`),
  'one column back': (lines) =>
    lines.every((line) => line.startsWith('  ')) ? lines.map((line) => line.slice(1)) : lines,
  'a blank line before': (lines) => ['', ...lines],
  'a blank line behind': (lines) => [...lines, ''],
};

/** Head, gap and text of a line where three blanks or more part them. */
const GUTTER = /^(\s*\S(?:.*?\S)?)( {3,})(\S.*)$/;

function indentationOf(line) {
  return /^\s*/.exec(line)[0];
}

/** Half of the texts have one slip in their entries, and one entry in so many has it. */
const ENTRIES_FOR_A_SLIP = 3;
/** One text in so many has a certain block. */
const TEXTS_FOR_A_BLOCK = 6;

/** The slips of one help: none, or what is drawn from the style's seed and the path. */
export class Slips {
  #random;
  #slip;
  #count = 0;
  #seed;

  constructor(style, path) {
    const hash = createHash('sha256')
      .update(`${style.seed} ${path.join(' ')}`)
      .digest();
    this.#seed = hash.readUInt32LE(0);
    this.#random = new Random(this.#seed, hash.readUInt32LE(4));
    this.#slip = this.#random.once(2) ? this.#random.pick(Object.values(ENTRY_SLIPS)) : undefined;
  }

  /** The lines of the next entry. What is drawn depends on the number of the entry alone, so that it stays when a fact is taken away. */
  entry(lines) {
    const random = new Random(this.#seed, this.#count++);
    return this.#slip !== undefined && random.once(ENTRIES_FOR_A_SLIP) ? this.#slip(lines) : lines;
  }

  /** Blocks for one place (`first`, `above options`, `last`), each a list of lines. `facts` are what blocks speak of. */
  blocks(place, facts) {
    return Object.values(BLOCKS)
      .filter((block) => block.place === place)
      .filter(() => this.#random.once(TEXTS_FOR_A_BLOCK))
      .map(({ lines }) => lines(facts));
  }
}

/** A help without slips. */
export const EVEN = { entry: (lines) => lines, blocks: () => [] };

import type { Source } from './source.ts';

/** Builds a text out of parts of another one, and remembers where each of its units stood there. */
export class TextBuilder {
  readonly #source: Source;
  readonly #parts: string[] = [];
  readonly #offsets: number[] = [];

  constructor(source: Source) {
    this.#source = source;
  }

  get length(): number {
    return this.#offsets.length;
  }

  /** Adds a text that stands in the source as it is, from an offset on. */
  copy(text: string, from: number): void {
    this.#parts.push(text);
    for (let i = 0; i < text.length; i++) this.#offsets.push(from + i);
  }

  /** Adds a text that something else in the source stands for, at an offset. */
  put(text: string, at: number): void {
    this.#parts.push(text);
    for (let i = 0; i < text.length; i++) this.#offsets.push(at);
  }

  /** Adds all of another text that was built of the same source. */
  append(other: TextBuilder): void {
    this.#parts.push(other.text);
    for (const offset of other.#offsets) this.#offsets.push(offset);
  }

  /** Adds the lines of another text, without what is taken off the beginning of each. */
  appendLines(other: TextBuilder, off: RegExp): void {
    let from = 0;
    for (const line of other.text.split(/(?<=\n)/)) {
      const length = off.exec(line)?.[0].length ?? 0;
      this.#parts.push(line.slice(length));
      for (let i = length; i < line.length; i++) this.#offsets.push(other.#offsets[from + i] ?? 0);
      from += line.length;
    }
  }

  get text(): string {
    return this.#parts.join('');
  }

  /** The text as a source of its own. */
  build(): Source {
    const last = this.#offsets.at(-1) ?? 0;
    const offsets = Uint32Array.from([...this.#offsets, last + 1]);
    return { name: this.#source.name, text: this.text, within: { source: this.#source, offsets } };
  }
}

/** A part of a source as a source of its own, which knows where it stands. */
export function partOfSource(source: Source, start: number, end: number): Source {
  const builder = new TextBuilder(source);
  builder.copy(source.text.slice(start, end), start);
  return builder.build();
}

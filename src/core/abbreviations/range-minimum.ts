/** Finds the least of a range of numbers in constant time, after a preparation of n log n steps (a sparse table). */
export class RangeMinimum {
  readonly #values: Uint32Array;
  /** For each power of two and each start, where the least of the range of that length is. */
  readonly #rows: Uint32Array[];

  constructor(values: Uint32Array) {
    this.#values = values;
    this.#rows = [Uint32Array.from(values, (_, i) => i)];
    for (let width = 2; width <= values.length; width *= 2) {
      const below = this.#rows.at(-1) ?? new Uint32Array();
      const row = new Uint32Array(values.length - width + 1);
      for (let i = 0; i < row.length; i++) row[i] = this.#lesser(below[i] ?? 0, below[i + width / 2] ?? 0);
      this.#rows.push(row);
    }
  }

  /** The index of the least value from `start` up to, and without, `end`. */
  indexOfLeast(start: number, end: number): number {
    const power = 31 - Math.clz32(end - start);
    const row = this.#rows[power] ?? new Uint32Array();
    return this.#lesser(row[start] ?? start, row[end - 2 ** power] ?? start);
  }

  #lesser(a: number, b: number): number {
    return (this.#values[a] ?? 0) <= (this.#values[b] ?? 0) ? a : b;
  }
}

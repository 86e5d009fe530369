/** Numbers that look random and are the same for the same seed (mulberry32), so that every input can be made again. */
export class Random {
  #state;

  /** A generator for one input of a run. */
  constructor(seed, index) {
    this.#state = (Math.imul(seed + 1, 0x9e3779b1) ^ Math.imul(index + 1, 0x85ebca6b)) >>> 0;
  }

  /** A number from 0 up to, and without, 1. */
  next() {
    this.#state = (this.#state + 0x6d2b79f5) >>> 0;
    let t = this.#state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  }

  /** A whole number from 0 up to, and without, a limit. */
  below(limit) {
    return Math.floor(this.next() * limit);
  }

  pick(list) {
    return list[this.below(list.length)];
  }

  /** Whether something happens that does so once in `times`. */
  once(times) {
    return this.below(times) === 0;
  }
}

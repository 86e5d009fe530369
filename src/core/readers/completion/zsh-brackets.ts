/** A bracket that opens, with the one that closes it. */
const CLOSING = { '(': ')', '{': '}' } as const;

export type OpeningBracket = keyof typeof CLOSING;

/**
 * Where the brackets of a zsh script close, quotes taken into account. What was found on the way to one bracket is kept for those
 * within it, so that looking up all of them takes no more than a few passes over the text.
 */
export class ZshBrackets {
  readonly #text: string;
  readonly #ends: Record<OpeningBracket, Map<number, number>> = { '(': new Map(), '{': new Map() };

  constructor(text: string) {
    this.#text = text;
  }

  /** The offset behind the bracket that closes the one at an offset; behind that itself where none does. */
  behind(from: number, open: OpeningBracket): number {
    const ends = this.#ends[open];
    if (!ends.has(from)) this.#find(from, open, ends);
    return ends.get(from) ?? from + 1;
  }

  #find(from: number, open: OpeningBracket, ends: Map<number, number>): void {
    const pending: number[] = [];
    for (let at = from; at < this.#text.length; at++) {
      const character = this.#text[at] ?? '';
      if (character === '\\') at++;
      else if (character === "'") {
        const end = this.#text.indexOf("'", at + 1);
        if (end < 0) break;
        at = end;
      } else if (character === '"') at = behindDoubleQuotes(this.#text, at) - 1;
      else if (character === open) pending.push(at);
      else if (character === CLOSING[open]) {
        const opened = pending.pop();
        if (opened !== undefined) ends.set(opened, at + 1);
        if (pending.length === 0) return;
      }
    }
    for (const at of pending) ends.set(at, at + 1);
  }
}

/** The offset behind the double quote that closes the one at an offset, or the end of the text. */
export function behindDoubleQuotes(text: string, from: number): number {
  for (let at = from + 1; at < text.length; at++) {
    if (text[at] === '\\') at++;
    else if (text[at] === '"') return at + 1;
  }
  return text.length;
}

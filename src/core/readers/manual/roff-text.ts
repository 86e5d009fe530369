/** A piece of a page's source before its escapes are read. */
export interface RoffText {
  readonly text: string;
  /** The offset in the source at which it stands, or of what it stands for. */
  readonly at: number;
  /** Whether it stands in the source as it is; otherwise all of it is what one place there stands for. */
  readonly isExact: boolean;
}

/** The part of a text between two offsets in it. */
export function partOf({ text, at, isExact }: RoffText, from: number, to: number = text.length): RoffText {
  return { text: text.slice(from, to), at: isExact ? at + from : at, isExact };
}

/** The lines of a page; one that ends in a backslash holds the next one too, with the line end between them. */
export function roffLines(text: string): RoffText[] {
  const lines: RoffText[] = [];
  let start = 0;
  for (let at = 0; at <= text.length; at++) {
    if (at < text.length && text[at] !== '\n') {
      if (text[at] === '\\' && text[at + 1] !== '"' && text[at + 1] !== '#') at++;
      else if (text[at] === '\\') at = lineEnd(text, at) - 1;
      continue;
    }
    if (at === text.length && start === at) break;
    const end = text[at - 1] === '\r' ? at - 1 : at;
    lines.push({ text: text.slice(start, Math.max(start, end)), at: start, isExact: true });
    start = at + 1;
  }
  return lines;
}

/** Where the line ends that an offset is in. A comment goes on to there, whatever it ends in. */
function lineEnd(text: string, at: number): number {
  const end = text.indexOf('\n', at);
  return end < 0 ? text.length : end;
}

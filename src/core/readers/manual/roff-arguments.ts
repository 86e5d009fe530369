import { partOf, type RoffText } from './roff-text.ts';

/** An argument of a macro. */
export interface RoffArgument extends RoffText {
  /** Whether it stood in quotation marks. */
  readonly isQuoted: boolean;
}

/** The arguments of a macro, from an offset of its line on: parted by blanks, those with blanks in quotation marks. A comment ends them. */
export function readArguments(line: RoffText, from: number): RoffArgument[] {
  const { text } = line;
  const found: RoffArgument[] = [];
  let at = from;
  for (;;) {
    while (text[at] === ' ' || text[at] === '\t') at++;
    if (at >= text.length || isComment(text, at)) return found;
    const isQuoted = text[at] === '"';
    const end = isQuoted ? quotedEnd(text, at + 1) : wordEnd(text, at);
    const argument = partOf(line, isQuoted ? at + 1 : at, end);
    found.push({ ...withoutDoubled(argument, isQuoted), isQuoted });
    at = isQuoted ? end + 1 : end;
  }
}

/** Whether a comment begins at an offset. */
export function isComment(text: string, at: number): boolean {
  return text[at] === '\\' && (text[at + 1] === '"' || text[at + 1] === '#');
}

function wordEnd(text: string, from: number): number {
  let at = from;
  while (at < text.length && text[at] !== ' ' && text[at] !== '\t' && !isComment(text, at))
    at += text[at] === '\\' ? 2 : 1;
  return Math.min(at, text.length);
}

/** Where the quotation mark stands that ends an argument; two of them stand for one. */
function quotedEnd(text: string, from: number): number {
  let at = from;
  while (at < text.length && !isComment(text, at)) {
    if (text[at] === '"') {
      if (text[at + 1] !== '"') return at;
      at++;
    }
    at += text[at] === '\\' ? 2 : 1;
  }
  return Math.min(at, text.length);
}

function withoutDoubled(argument: RoffText, isQuoted: boolean): RoffText {
  if (!isQuoted || !argument.text.includes('""')) return argument;
  return { text: argument.text.replaceAll('""', '"'), at: argument.at, isExact: false };
}

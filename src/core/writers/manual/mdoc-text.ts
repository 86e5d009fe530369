import { printable } from '../../source/printable.ts';

/** How wide lines of running text are. */
const WIDTH = 76;

/** A text as lines of mdoc: wrapped, a line for each sentence, nothing in it taken for a request. */
export function mdocLines(text: string): string[] {
  return sentences(text).flatMap(wrapped);
}

/** One argument of a macro, never taken for another macro or for punctuation. */
export function mdocArgument(text: string): string {
  const escaped = escapeText(text.replace(/\s+/g, ' ').trim()).replaceAll('"', '\\(dq');
  return /\s/.test(escaped) ? `"\\&${escaped}"` : `\\&${escaped}`;
}

/** Parts a text into sentences: mdoc wants each to begin a line. */
function sentences(text: string): string[] {
  return text
    .replace(/\s+/g, ' ')
    .trim()
    .split(/(?<=[^\s.][.!?][)'"]?) (?=[^\p{Ll}])/u)
    .filter((sentence) => sentence !== '');
}

function wrapped(sentence: string): string[] {
  const lines: string[] = [];
  for (const word of escapeText(sentence).split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= WIDTH)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  // A stop within a line ends no sentence: what follows it is marked, or it would be taken for one.
  return lines.map((line) => line.replace(/^[.']/, '\\&$&').replace(/[.!?][)'"]?(?= )/g, '$&\\&'));
}

/** Backslashes, and characters beyond ASCII, as roff writes them; controls as they are shown elsewhere. */
function escapeText(text: string): string {
  return [...printable(text)]
    .map((character) => {
      const code = character.codePointAt(0) ?? 0;
      if (character === '\\') return '\\e';
      if (character === '-') return '\\-';
      if (character === '\t') return ' ';
      return code < 127 ? character : `\\[u${code.toString(16).toUpperCase().padStart(4, '0')}]`;
    })
    .join('');
}

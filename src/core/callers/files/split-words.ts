import type { Source } from '../../source/source.ts';
import type { CallWord, CallWords } from '../call-words.ts';
import type { FileLine } from './lines.ts';

/** How words of a line are written where no shell reads it. */
export interface Splitting {
  /** What stands for something else in a word. */
  readonly dynamic: RegExp;
  /** Signs that stand for themselves where they are doubled. */
  readonly doubled: RegExp;
}

/** Escapes as C has them, and `\s` for a blank. */
const ESCAPES: Readonly<Record<string, string>> = {
  a: '\u0007',
  b: '\b',
  f: '\f',
  n: '\n',
  r: '\r',
  t: '\t',
  v: '\v',
  s: ' ',
};

/** The words of a line that the reader of the file splits itself, by blanks and quotes, with escapes as C has them. */
export function splitWords(
  { text, start }: FileLine,
  source: Source,
  { dynamic, doubled }: Splitting,
): CallWords {
  const words: CallWord[] = [];
  for (const { 0: written, index } of text.matchAll(
    /(?:"(?:[^"\\]|\\.)*"|'(?:[^'\\]|\\.)*'|\\.|[^\s"'\\])+/g,
  )) {
    const plain = written.replace(
      /"((?:[^"\\]|\\.)*)"|'((?:[^'\\]|\\.)*)'|\\(?:x[\da-fA-F]{2}|.)/g,
      (whole, double, single) => withoutEscapes(double ?? single ?? whole),
    );
    const found = dynamic.exec(plain.replace(doubled, '__'))?.index;
    const halved = (part: string) => part.replace(doubled, (signs) => signs.slice(1));
    words.push({
      text: halved(plain),
      isLiteral: found === undefined,
      literalStart: halved(plain.slice(0, found)).length,
      place: { source, start: start + index, end: start + index + written.length },
    });
  }
  return words;
}

function withoutEscapes(text: string): string {
  return text.replace(/\\(?:x([\da-fA-F]{2})|(.))/g, (_, code, sign) =>
    code === undefined ? (ESCAPES[sign] ?? sign) : String.fromCharCode(Number.parseInt(code, 16)),
  );
}

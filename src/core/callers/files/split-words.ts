import type { Source } from '../../source/source.ts';
import type { CallWord, CallWords } from '../call-words.ts';
import type { FileLine } from './lines.ts';

/** How words of a line are written where no shell reads it. */
export interface Splitting {
  /** What stands for something else in a word. */
  readonly dynamic: RegExp;
  /** What the escapes of percent signs stand for. */
  readonly isPercentDoubled: boolean;
}

/** The words of a line that the reader of the file splits itself, by blanks and quotes, with escapes as C has them. */
export function splitWords(
  { text, start }: FileLine,
  source: Source,
  { dynamic, isPercentDoubled }: Splitting,
): CallWords {
  const words: CallWord[] = [];
  for (const { 0: written, index } of text.matchAll(
    /(?:"(?:[^"\\]|\\.)*"|'(?:[^'\\]|\\.)*'|\\.|[^\s"'\\])+/g,
  )) {
    const plain = written.replace(
      /"((?:[^"\\]|\\.)*)"|'((?:[^'\\]|\\.)*)'|\\(.)/g,
      (_, double, single, escaped) =>
        double !== undefined || single !== undefined ? (double ?? single).replace(/\\(.)/g, '$1') : escaped,
    );
    const found = dynamic.exec(isPercentDoubled ? plain.replaceAll('%%', '__') : plain);
    const isLiteral = found === null;
    words.push({
      text: isPercentDoubled ? plain.replaceAll('%%', '%') : plain,
      isLiteral,
      literalStart: found?.index ?? plain.length,
      place: { source, start: start + index, end: start + index + written.length },
    });
  }
  return words;
}

import type { Interface } from '../model/interface.ts';

/** Which parser a program uses, and what shows it; null where that is not known. */
export function parserJson({ parser, parserMarks }: Pick<Interface, 'parser' | 'parserMarks'>) {
  if (parser === undefined) return null;
  return { names: parser.value, basis: parser.basis, marks: parserMarks.map(({ text }) => text) };
}

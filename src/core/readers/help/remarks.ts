import { type Fact, stated } from '../../model/fact.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { LineWithRole } from './line-roles.ts';

/** The most paragraphs that are kept of one text. */
const PARAGRAPHS_LIMIT = 100;

/** An entry that was not read; a sentence may begin with the name of an option. */
const ENTRY = /^\s*[-+/](?!-?\w[\w-]{0,60} (?:is|are|may|can|does|and|or|defaults|implies|has|must|cannot) )/;

/** The running text of a help that belongs to no entry, by its paragraphs: between blank lines, lists and headings, lines joined by blanks. */
export function readRemarks(lines: readonly LineWithRole[], cleaned: CleanedText): Fact<string>[] {
  const remarks: Fact<string>[] = [];
  let paragraph: LineWithRole['line'][] = [];
  const close = () => {
    const [first, last] = [paragraph[0], paragraph.at(-1)];
    if (first !== undefined && last !== undefined) {
      const text = paragraph.map((line) => line.text.trim()).join(' ');
      const span = cleaned.span(first.start + first.first, last.start + last.text.length);
      remarks.push(stated(text, span));
    }
    paragraph = [];
  };
  for (const { line, role } of lines) {
    if (remarks.length >= PARAGRAPHS_LIMIT) break;
    // An entry that could not be read is no running text.
    if ((role === 'prose' || role === 'epilogue') && !ENTRY.test(line.text)) paragraph.push(line);
    else close();
  }
  close();
  return remarks;
}

import { addTo } from '../../collections/grouped.ts';
import type { TextLine } from './text-line.ts';

/** A word in the notation of synopses: an option, a bracket, a placeholder, or a plain word. */
const NOTATION_WORD = String.raw`(?:--?\w[\w-]*(?:=\S+)?|\[[^\][]{1,80}\]|<[^<>]{1,80}>|[A-Z][A-Z0-9_]+|[a-z][A-Za-z0-9_.-]*|\.{3}|\||[<>])`;
const SYNOPSIS = new RegExp(
  String.raw`^\s*((?:/[\w.-]+)*/?[A-Za-z][\w.+-]*)((?: {1,2}${NOTATION_WORD}(?:\.{3})?){1,12})$`,
);

/** What only a synopsis has: brackets around what may be left out or be put in. */
const BRACKET = /[[<]/;

/** What stands for all options right behind the first word: no sentence has it. */
const ANY_OPTIONS = /^\s*\S+ (?:\[options?\]|\[option\.{3}\]|<options>)/i;

/** So many plain words in a row are running text. */
const SENTENCE = /(?:\s[a-z]{2,}){3}/;

/** So many lines are looked at. */
const LINES_LIMIT = 80;

/** So many lines that begin with one word are its synopses; a single one must begin with the word that the first line names. */
const MIN_FORMS = 2;

/** So many lines that begin with a word of the title are its synopses, though it has a capital. */
const MIN_OF_A_TITLE = 3;

/**
 * Finds the synopses of a text that are announced by nothing and stand among sentences: lines wholly in their notation that begin with the same
 * word. None where there are too few.
 */
export function bareSynopses(lines: readonly TextLine[]): readonly TextLine[] {
  const byProgram = new Map<string, TextLine[]>();
  let isAmongExamples = false;
  for (const line of lines.slice(0, LINES_LIMIT)) {
    if (/\bexamples?\b.*:?$/i.test(line.text)) isAmongExamples = true;
    else if (line.indent === 0 && /:$/.test(line.text)) isAmongExamples = false;
    const match = isAmongExamples ? null : SYNOPSIS.exec(line.text.slice(0, LINE_LIMIT));
    const [, program = '', words = ''] = match ?? [];
    if (match === null || line.text.length > LINE_LIMIT) continue;
    if (SENTENCE.test(words) && !areBracketsBelow(line, lines[line.index + 1])) continue;
    addTo(byProgram, program, line);
  }
  const title = lines.find(({ blank }) => !blank)?.text.toLowerCase() ?? '';
  // A word with a capital begins sentences; the name of a program stands in the title too, and begins more lines.
  const mayBeProgram = ([word, found]: [string, TextLine[]]) =>
    !/^[A-Z]/.test(word) || (found.length >= MIN_OF_A_TITLE && title.includes(word.toLowerCase()));
  const [most] = [...byProgram].filter(mayBeProgram).sort((a, b) => b[1].length - a[1].length);
  if (most === undefined) return [];
  const [program, found] = most;
  const isEnough =
    found.length >= MIN_FORMS ||
    title.includes(program.toLowerCase()) ||
    found.some(({ text }) => ANY_OPTIONS.test(text)) ||
    program.startsWith('/');
  // The brackets may all stand in the lines below.
  const isMarked = ({ text, index }: TextLine) =>
    BRACKET.test(text) || /^\s*\[\s*-/.test(lines[index + 1]?.text.slice(0, 200) ?? '');
  return isEnough && found.some(isMarked) ? found : [];
}

/** A line of brackets alone, `[-l late] [-d day (default=1)]`, as a synopsis goes on below its first line. */
const BRACKETS_ALONE = /^\s*(?:\[[^\][]{1,80}\](?:\*|\.{3})?(?:\s|$))+\s*$/;

/** Whether the line below a synopsis, or below a part of it, goes on with it. */
export function areBracketsBelow(line: TextLine, below: TextLine | undefined): boolean {
  return below !== undefined && below.indent > line.indent && BRACKETS_ALONE.test(below.text.slice(0, 300));
}

/** A longer line is no synopsis that could be told from running text. */
const LINE_LIMIT = 200;

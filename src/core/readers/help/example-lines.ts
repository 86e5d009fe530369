import type { Example } from '../../model/command.ts';
import { isLetterAway, isSlipInside } from '../../words/slip-inside.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { LineWithRole } from './line-roles.ts';
import type { TextLine } from './text-line.ts';

/** The most examples that are kept of one text. */
const EXAMPLES_LIMIT = 200;

/** What may stand before a command line: a label, a prompt, a mark of a list. */
const BEFORE = /^\s*(?:(?:e\.g\.|examples?:?)\s+)?(?:[$%>#]\s+|[-*•]\s+)?/i;

/** What may stand behind it: an explanation behind a gutter, or in brackets. A comment is the shell's own. */
const BEHIND =
  /\s{3,}(?=\S).*$|\t.*$|\s{2,}(?=[A-Z(])[^-].*$|\s{2}(?=[a-z]+(?: [\w&*'’-]+){2,}$)[a-z].*$|\s+\([^()]*\)$/;

/**
 * What is no command line though it begins with the name of the program: `tiffin route will usually keep what was asked for` has so many plain words in a row,
 * `tiffin - boxes and rounds` and `tiffin version 2.1` are titles, `tiffin is for boxes` is a sentence, `tiffin --late|--early [BOX]...` is a synopsis.
 */
const OTHERS = [
  /(?:\s[a-z]+(?=\s|$)){5}|(?:\s[A-Za-z-]+){3}[.:]$/,
  /^\S+\s+(?:[-–—:]\s|v?\d+\.\d|version\b|(?:is|was|are|can|will|may|has|does|uses|supports)\s)/i,
  /\s\[[\w<-]|\.{3}|…|\w\|[\w-]|\w\(/,
];

/**
 * The command lines of a text that call its program: those lines with the role of an example that begin with its name, behind a prompt or not. A line that
 * ends in a backslash goes on in the next; one that a deeper line follows may have been wrapped, and is left out.
 */
export function readExamples(
  lines: readonly LineWithRole[],
  program: string,
  cleaned: CleanedText,
): Example[] {
  const examples: Example[] = [];
  const columns = textColumns(lines);
  const isCalled = lines.some(({ role, line }) => role === 'example' && calls(callOf(line), program, false));
  for (let i = 0; i < lines.length && examples.length < EXAMPLES_LIMIT; i++) {
    const first = lines[i];
    if (first?.role !== 'example') continue;
    const begin = BEFORE.exec(first.line.text)?.[0].length ?? 0;
    if (!calls(callOf(first.line), program, isCalled)) continue;
    let last = first;
    while (last.line.text.endsWith('\\') && lines[i + 1] !== undefined) last = lines[++i] ?? last;
    const next = lines[i + 1]?.line;
    const isDeeper = next !== undefined && !next.blank && next.indent > first.line.indent;
    if (isDeeper && !isExplanation(next, last.line, columns)) continue;
    if (next !== undefined && isWrappedInColumns(first.line, next, program)) continue;
    const start = first.line.start + begin;
    const tail = last.line.text.slice(last === first ? begin : last.line.first);
    const told = tail.replace(BEHIND, '');
    if (OTHERS.some((other) => other.test(told))) continue;
    const parts = lines.slice(first.line.index, last.line.index).map(({ line }) => line.text);
    const before = parts.length === 0 ? '' : `${parts.join('\n').slice(begin)}\n`;
    examples.push({
      commandLine: `${before}${told}`,
      help: undefined,
      place: cleaned.span(start, last.line.start + last.line.text.length - (tail.length - told.length)),
    });
  }
  return examples;
}

/** The columns at which explanations stand beside examples. */
function textColumns(lines: readonly LineWithRole[]): ReadonlySet<number> {
  const columns = new Set<number>();
  for (const { role, line } of lines) {
    if (role !== 'example') continue;
    const gutter = /^\s*\S.{0,100}?\S( {2,})(?=[A-Za-z(])/.exec(line.text.slice(0, CALL_LIMIT));
    if (gutter !== null) columns.add(gutter[0].length);
  }
  return columns;
}

/** So long a command line may have been wrapped at the width of a terminal. */
const WRAPPED = 60;

/** A sentence: words in a row, with nothing of a command line. */
const SENTENCE = /^[A-Za-z][\w'’]*,?(?: [A-Za-z\d][\w'’-]*[,;:]?){2,}[.]?$/;

/** Whether a deeper line tells what the command line above it does: at the column where others tell it, or as a sentence below a short one. */
function isExplanation(next: TextLine, above: TextLine, columns: ReadonlySet<number>): boolean {
  const text = next.text.trim().slice(0, CALL_LIMIT);
  if (/(?:^|\s)(?:-\w|--\w|[|<>&])|[\w.]\/|^\S*\.\w{1,4}(?:\s|$)/.test(text)) return false;
  return columns.has(next.indent) || (above.text.trimEnd().length < WRAPPED && SENTENCE.test(text));
}

/** Two columns. */
const IN_COLUMNS = /\S {2,}\S/;

/** Whether a command line and its explanation stand in columns, and go on in those of the next line, which no program begins. */
function isWrappedInColumns(first: TextLine, next: TextLine, program: string): boolean {
  const more = next.text.trim().slice(0, CALL_LIMIT);
  return (
    next.indent === first.indent &&
    IN_COLUMNS.test(first.text.trim().slice(0, CALL_LIMIT)) &&
    (IN_COLUMNS.test(more) || /^\S+$/.test(more)) &&
    !more.includes(program)
  );
}

/** So much of a line is looked at for the name of the program. */
const CALL_LIMIT = 200;

/** What a line may call a program with. */
function callOf({ text }: TextLine): string {
  const begin = BEFORE.exec(text)?.[0].length ?? 0;
  return text.slice(begin, begin + CALL_LIMIT);
}

/** Whether a line begins with the program and a blank, or with a slip of the pen for it: of any kind where other lines call it. */
function calls(text: string, program: string, isCalled: boolean): boolean {
  const [word = ''] = /^\S*/.exec(text) ?? [];
  const isProgram = word === program || isSlipInside(word, program);
  return word.length < text.length && (isProgram || (isCalled && isLetterAway(word, program)));
}

import { columnAt, type TextLine } from './text-line.ts';

/** A word or two with a colon, or a heading in capitals, with something behind it. */
const LABEL = /^(\s*)((?:[A-Z][\w-]*|[a-z]+)(?: [\w-]+){0,2}:|[A-Z]{4,}(?: [A-Z]+)*)(\s+)(?=\S)/;

/** What announces synopses stands in front of one, and is no label of a list. */
const USAGE = /^\s*(?:usage|synopsis)\b/i;

/** An option, or a word with a text behind a gutter: as entries of lists begin. */
const ENTRY = /^(?:--?[\w?]|\S+(?: [<[]\S+| [A-Z]+)?(?:\s{2,}|\t)\s*\S)/;

/**
 * Lines in which a label stands beside the first entry of its list (`Command: box   list the boxes`, and more entries below `box`) as two
 * lines: the label, and the entry at its own column. All other lines as they are.
 */
export function unfoldLabels(lines: readonly TextLine[]): readonly TextLine[] {
  const unfolded = lines.flatMap((line) => {
    const at = entryBehindLabel(line, lines);
    return at === undefined ? [line] : [labelOf(line, at), entryAt(line, at)];
  });
  return unfolded.length === lines.length ? lines : unfolded.map((line, index) => ({ ...line, index }));
}

function entryBehindLabel(line: TextLine, lines: readonly TextLine[]): number | undefined {
  const label = LABEL.exec(line.text.slice(0, LABEL_LIMIT));
  if (label === null || USAGE.test(line.text)) return undefined;
  const at = label[0].length;
  const column = columnAt(line, at);
  const next = lines.slice(line.index + 1, line.index + 1 + LINES_TRIED).find((one) => one.indent <= column);
  const isAligned = next !== undefined && !next.blank && next.indent === column && column > line.indent;
  if (!isAligned || !isEntry(line.text.slice(at)) || !isEntry(next.text.slice(next.first))) return undefined;
  return at;
}

/** A label that is longer than this, with the blanks behind it, is none. */
const LABEL_LIMIT = 60;

/** The second entry follows within so many lines; between the two stands the text of the first. */
const LINES_TRIED = 4;

function isEntry(text: string): boolean {
  return ENTRY.test(text.slice(0, LABEL_LIMIT));
}

function labelOf(line: TextLine, at: number): TextLine {
  return { ...line, text: line.text.slice(0, at).trimEnd() };
}

/** The entry behind blanks, so that indexes and columns stay. */
function entryAt(line: TextLine, at: number): TextLine {
  const text = line.text.slice(0, at).replace(/\S/g, ' ') + line.text.slice(at);
  return { ...line, text, first: at, indent: columnAt(line, at) };
}

import { synopsesBetweenBars } from './pipelines.ts';
import { columnAt, indexAtColumn, type TextLine, type TextPiece } from './text-line.ts';
import { ANOTHER_FORM, firstWord } from './usage-continuation.ts';
import type { UsageForm } from './usage-found.ts';
import { isQuoted, withoutText } from './usage-text.ts';

/** What a program can be called. */
function isName(word: string): boolean {
  return /^[\w./-]*\w$/.test(word) && !word.startsWith('-');
}

/** Parts the lines of synopses into one for each. */
export function splitForms(body: readonly TextPiece[]): UsageForm[] {
  const forms: TextPiece[][] = [];
  const first = body[0];
  if (first === undefined) return [];
  const program = firstWord(first.line, markEnd(first.line, first.start));
  const programs = new Set(
    body.map(({ line, start }) => firstWord(line, markEnd(line, start))).filter(isName),
  );
  for (const [i, piece] of body.entries()) {
    const or = ANOTHER_FORM.exec(piece.line.text.slice(0, piece.end));
    const isOther = or !== null && or[0].length > piece.start;
    const start = markEnd(piece.line, isOther ? or[0].length : piece.start);
    const text = { line: piece.line, start, end: synopsisEnd(piece.line, start, body[i + 1], program) };
    // Below `Usage:`, a word alone at the indentation of the first synopsis is another name of the command.
    const isName =
      piece !== first &&
      piece.line.indent === first.line.indent &&
      first.start === first.line.first &&
      /^[a-z][\w:.-]*$/.test(piece.line.text.slice(start));
    const parts = synopsesBetweenBars(text, programs);
    if (parts !== undefined) {
      for (const part of parts) forms.push([part]);
      continue;
    }
    const isSibling =
      piece.line.indent === first.line.indent && areOneFamily(firstWord(piece.line, start), program);
    const isOfAnother = isNotedApart(piece, start, body, program);
    // A line with nothing but `or` stood between.
    const isApart =
      piece.line.index - (body[i - 1]?.line.index ?? piece.line.index) > 1 &&
      piece.line.indent === first.line.indent &&
      /^[a-z][\w./-]*$/.test(firstWord(piece.line, start));
    const isOwn =
      isOther || isName || isApart || isSibling || isOfAnother || firstWord(piece.line, start) === program;
    if (forms.length === 0 || isOwn) forms.push([text]);
    else forms.at(-1)?.push(text);
  }
  return withoutAlignedTexts(forms).map((pieces) => ({ pieces }));
}

/** So many synopses that begin with one word show that each line at their indentation is one. */
const MIN_ALIKE = 2;

/** Whether a line below `Usage:` begins with a name and notation where the lines beside it begin with the program: a synopsis of another. */
function isNotedApart(
  { line }: TextPiece,
  start: number,
  body: readonly TextPiece[],
  program: string,
): boolean {
  const first = body[0];
  if (first === undefined || first.start !== first.line.first || line.indent !== first.line.indent)
    return false;
  if (!/^[a-z][\w.-]{1,40} (?:[a-z][\w-]{0,40} ){0,2}(?=[-[<])/.test(line.text.slice(start, start + 140)))
    return false;
  const alike = body.filter(
    (one) => one.line.indent === line.indent && firstWord(one.line, one.start) === program,
  );
  return alike.length >= MIN_ALIKE;
}

/** `tiffin-open`, `tiffin-close`: programs that one text describes. */
function areOneFamily(word: string, program: string): boolean {
  const [family] = program.split('-', 1);
  return family !== program && isName(word) && word.startsWith(`${family}-`);
}

/** Where a synopsis ends in a line: before its text, or before an `or` that leads to another below it. */
function synopsisEnd(line: TextLine, start: number, next: TextPiece | undefined, program: string): number {
  const end = withoutText(line, start);
  const leads = next !== undefined && firstWord(next.line, next.start) === program;
  const or = leads ? /\s+or\s*$/i.exec(line.text.slice(Math.max(start, end - 80), end)) : null;
  return or === null ? end : end - or[0].length;
}

/** Synopses without a text that begins, behind two blanks, at the column where that of another synopsis does, whatever it begins with. */
function withoutAlignedTexts(forms: readonly (readonly TextPiece[])[]): readonly (readonly TextPiece[])[] {
  const columns = new Set(forms.flatMap(([piece]) => (piece === undefined ? [] : textColumn(piece))));
  if (columns.size === 0) return forms;
  return forms.map(([piece, ...more]) => {
    if (piece === undefined || textColumn(piece).length > 0) return [...(piece ? [piece] : []), ...more];
    const at = [...columns]
      .map((column) => indexAtColumn(piece.line, column))
      .find((i) => isBehindGutter(piece, i));
    return [
      at === undefined ? piece : { ...piece, end: piece.line.text.slice(0, at).trimEnd().length },
      ...more,
    ];
  });
}

/** The column of the text that was taken off a synopsis. */
function textColumn({ line, end }: TextPiece): number[] {
  const gap = /^\s{2,}(?=\S)/.exec(line.text.slice(end, end + 200));
  return gap === null ? [] : [columnAt(line, end + gap[0].length)];
}

function isBehindGutter({ line, start }: TextPiece, at: number | undefined): boolean {
  return (
    at !== undefined &&
    at > start &&
    /\S\s+$/.test(line.text.slice(start, at)) &&
    /\s\s$/.test(line.text.slice(0, at))
  );
}

/** Passes over a shell prompt or a quotation mark in front of a synopsis, and over what it is for: `All boxes: tiffin --all`. */
export function markEnd(line: TextLine, start: number): number {
  if (isQuoted(line, start + 1)) return start + 1;
  const prompt = /^(?:[$%>▸❯»→]|\d\.|[A-Z][a-z]*(?: [a-z]+){0,6}:)\s+(?=\S)/.exec(
    line.text.slice(start, start + 80),
  );
  return start + (prompt?.[0].length ?? 0);
}

/** `late mode: tiffin -l`, with a name of the program behind it. */
const SMALL_LABEL = /^[a-z]+(?: [a-z]+){0,6}:\s+(?=([\w./-]+))/;

/** Synopses without what each is for, where all have it in small letters and one program behind it: one alone may be an operand. */
export function withoutLabels(body: readonly TextPiece[]): readonly TextPiece[] {
  const indent = body[0]?.line.indent;
  const labels = body.map(({ line, start }) =>
    line.indent === indent ? SMALL_LABEL.exec(line.text.slice(start, start + 80)) : null,
  );
  const programs = body.flatMap(({ line }, i) => (line.indent === indent ? [labels[i]?.[1]] : []));
  const isEach = programs.length > 1 && programs[0] !== undefined && new Set(programs).size === 1;
  return isEach
    ? body.map((piece, i) => ({ ...piece, start: piece.start + (labels[i]?.[0].length ?? 0) }))
    : body;
}

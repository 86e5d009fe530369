import { type Candidate, mayDeclare } from './candidate.ts';
import { splitEntry } from './split-entry.ts';
import { indexAtColumn, type TextLine, type TextPiece } from './text-line.ts';

/** Marks that stand at the right margin, or begin at the left one where they are too long (`[array] [choices: ...]`). */
const RIGHT_MARK =
  /^\s*\[(?:(?:array|boolean|count|number|string|required|deprecated)\]|choices:|default:|aliases:).{0,300}[\][",:]$/;

/** A mark that is still open at the end of a line. */
const OPEN_MARK = /\[(?:choices|default|aliases):[^\]]{0,300}$/;

/** `[late] (default)   when the round is over`: a value with its text, which may stand further left than the text of the option. */
const VALUE_BELOW = /^\s+\[(?![-+])[\w.+:-]{1,60}\](?: \(default\))?\s{2,}\S/;

/** How many blank lines may stand inside one entry's text. */
const BLANK_LIMIT = 1;

/** Gathers the text of an entry: what stands behind its names, and the lines below that go on with it. */
export function gatherText(
  candidate: Candidate,
  lines: readonly TextLine[],
  declared: ReadonlySet<TextLine>,
): { pieces: TextPiece[]; nextLine: number } {
  const pieces: TextPiece[] = [];
  const { line, textStart, textColumn } = candidate;
  if (textStart !== undefined && textStart < line.text.length) {
    pieces.push({ line, start: textStart, end: line.text.length });
  }
  // `# the text`, with the mark in front of each line of it.
  const isCommented = textStart !== undefined && line.text.slice(0, textStart).endsWith('# ');
  let column = candidate.certainty === 'columns' ? textColumn : undefined;
  let blanks = 0;
  let nextLine = line.index + 1;
  for (let i = nextLine; i < lines.length; i++) {
    const next = lines[i];
    if (next === undefined) break;
    if (next.blank) {
      blanks++;
      if (blanks > BLANK_LIMIT) break;
      continue;
    }
    // `--open QUAY` goes on with `[--with BOX]...` before its text comes.
    if (
      i === line.index + 1 &&
      pieces.length === 0 &&
      next.text.startsWith('[-', next.first) &&
      !declared.has(next)
    ) {
      if (next.indent <= line.indent) break;
      nextLine = i + 1;
      continue;
    }
    if (closesHead(next, line, pieces) || isBelowType(next, line, pieces)) {
      pieces.push({ line: next, start: next.first, end: next.text.length });
      nextLine = i + 1;
      continue;
    }
    // `-d WORD,` above `--day WORD`: names that are aligned at their ends.
    if (declared.has(next) && isAboveOtherName(next, lines[i + 1])) break;
    // A name that pushed its text to the right: the lines below stand at the column of the others.
    const below = pieces.length > 1 ? pieces.at(-1)?.line.indent : undefined;
    const from = column === undefined ? undefined : Math.min(column, below ?? column);
    const last = pieces.at(-1);
    const isOpen = last !== undefined && OPEN_MARK.test(last.line.text.slice(last.start, last.end));
    const isBelowNames = pieces.length > 0 || i === line.index + 1;
    const isMark = isBelowNames && blanks === 0 && (isOpen || RIGHT_MARK.test(next.text));
    const isValue = next.indent >= line.indent + 2 && VALUE_BELOW.test(next.text);
    const goesOn = blanks === 0 && goesOnInSentence(next, last?.line, line, lines, declared);
    if (!isMark && !isValue && !goesOn && !belongsToText(next, line, from, blanks > 0)) break;
    column ??= next.indent;
    // `= text` below the names, as it stands behind shorter ones.
    const markPattern = pieces.length === 0 ? /^[:=] +(?=\S)/ : isCommented ? /^# +(?=\S)/ : undefined;
    const mark = markPattern?.exec(next.text.slice(next.first))?.[0].length ?? 0;
    pieces.push({ line: next, start: next.first + mark, end: next.text.length });
    nextLine = i + 1;
    blanks = 0;
  }
  return { pieces, nextLine };
}

/** Whether a line right below a text goes on with it: it begins with a name and declares nothing, as in `(see\n--late).`, or is of its paragraph. */
function goesOnInSentence(
  next: TextLine,
  last: TextLine | undefined,
  entry: TextLine,
  lines: readonly TextLine[],
  declared: ReadonlySet<TextLine>,
): boolean {
  const isRunningText = mayDeclare(next) && !declared.has(next) && next.indent >= entry.indent + 2;
  return isRunningText || (last !== undefined && goesOnWithParagraph(next, last, entry, lines));
}

/**
 * Whether a line goes on with a text that stands behind its names in a paragraph of its own: at the indentation of the names, in small
 * letters, and below a line that ends no sentence.
 */
function goesOnWithParagraph(
  next: TextLine,
  last: TextLine,
  entry: TextLine,
  lines: readonly TextLine[],
): boolean {
  if (next.indent !== entry.indent || last.index !== next.index - 1 || mayDeclare(next)) return false;
  return (
    lines[entry.index - 1]?.blank === true &&
    /[\w,;:)]$/.test(last.text.trimEnd()) &&
    /^["'(]?[a-z.]/.test(next.text.slice(next.first)) &&
    !/\S\s{2,}\S/.test(next.text)
  );
}

/** Whether a line closes the bracket beside the names above it: `--seed=N (absent=0 or`, and below it `TIFFIN_SEED env)`. */
function closesHead(next: TextLine, head: TextLine, pieces: readonly TextPiece[]): boolean {
  const [piece] = pieces;
  if (
    next.index !== head.index + 1 ||
    next.indent !== head.indent ||
    piece === undefined ||
    pieces.length > 1
  )
    return false;
  const isOpen = /^\([^()]{1,200}$/.test(head.text.slice(piece.start, piece.end));
  return isOpen && /^[^()]{1,200}\)$/.test(next.text);
}

/** `--day: type = string, default = ""`: nothing but the type of the value and its default, as one library for flags writes it above a text. */
const TYPE_ALONE = /^type = [\w:<>]{1,40}, default = (?:"[^"]{0,200}"|\S{0,80})$/;

/** Whether a line is the text of a name that has nothing but its type behind it. */
function isBelowType(next: TextLine, head: TextLine, pieces: readonly TextPiece[]): boolean {
  const [piece] = pieces;
  const isText = next.index === head.index + 1 && next.indent === head.indent && !mayDeclare(next);
  return (
    isText &&
    piece !== undefined &&
    pieces.length === 1 &&
    TYPE_ALONE.test(head.text.slice(piece.start, piece.end).trimEnd())
  );
}

function isAboveOtherName(line: TextLine, next: TextLine | undefined): boolean {
  return line.text.endsWith(',') && next !== undefined && mayDeclare(next) && next.indent < line.indent;
}

function belongsToText(
  next: TextLine,
  entry: TextLine,
  column: number | undefined,
  afterBlank: boolean,
): boolean {
  if (next.indent <= entry.indent) return false;
  if (mayDeclare(next)) {
    // A list inside the text, or a text that begins with a hyphen, stands at the text's own column or deeper.
    return column !== undefined && next.indent >= column && !isPaddedEntry(next, column);
  }
  // Right below names alone, a text may be deeper by one.
  if (column === undefined)
    return next.indent >= entry.indent + 2 || (next.index === entry.index + 1 && !next.text.endsWith(':'));
  return next.indent >= (afterBlank ? column : Math.min(column, entry.indent + 2));
}

/** A long name alone in a padded column (`    --long  text`) may stand as deep as a text. */
function isPaddedEntry(line: TextLine, column: number): boolean {
  const split = splitEntry(line);
  return (
    split?.certainty === 'columns' &&
    line.indent === column &&
    (!split.declaration.loose || split.declaration.names.at(-1)?.argument?.words.length === 1) &&
    indexAtColumn(line, column) === line.first &&
    split.declaration.names[0]?.form === 'long'
  );
}

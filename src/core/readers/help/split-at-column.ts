import { isBlank } from '../../notation/characters.ts';
import { type Declaration, scanDeclaration } from '../../notation/declaration.ts';
import type { SplitEntry } from './entry-split.ts';
import { continuesNames, declarationBetween, isPlaceholderColumn, LONGEST_WORD } from './left-part.ts';
import { indexAtColumn, type TextLine } from './text-line.ts';
import { markLength } from './text-mark.ts';

/** Splits a line at a column where the texts of its neighbours begin; undefined where no text can begin there. */
export function splitAtKnownColumn(
  line: TextLine,
  columns: readonly number[],
  firmColumns: ReadonlySet<number>,
  textIsBelow: boolean,
): SplitEntry | undefined {
  for (const column of columns) {
    const at = textAtColumn(line, column);
    // What closes a bracket belongs to the names, and `word (=3)` is a placeholder with its default.
    if (at === undefined || /^(?:[\])}>]|\S+ \(=)/.test(line.text.slice(at, at + LONGEST_WORD))) continue;
    const declaration = declarationBetween(line.text, line.first, at);
    if (declaration === undefined) continue;
    // With one blank before the text, a bare word behind the name is more likely the start of a sentence.
    const isMarked = !isBlank(line.text[at - 2]) && line.text.slice(declaration.end, at).trim() !== '';
    const fills = firmColumns.has(column) && fillsColumn(line, declaration);
    if (declaration.loose && !isMarked && !fills) continue;
    if (continuesNames(line.text, at) && !isEnumeration(line.text, at)) continue;
    if (isPlaceholderColumn(line.text, at) || line.text.startsWith('(=', at)) continue;
    if (!isBlank(line.text[at - 2]) && hasNamesBehind(line, declaration)) continue;
    if (!isBlank(line.text[at - 2]) && !isMarked && isPlaceholder(line, at, textIsBelow)) continue;
    return {
      declaration,
      certainty: 'columns',
      textStart: at + markLength(line.text, at),
      textColumn: column,
    };
  }
  return undefined;
}

/** Whether more names follow, to the end of the line: `-s WORD, --sort WORD, --by WORD`. */
function hasNamesBehind(line: TextLine, { names }: Declaration): boolean {
  const all = declarationBetween(line.text, line.first, line.text.length);
  return all !== undefined && all.names.length > names.length;
}

/**
 * Whether a bare word behind a name reaches to the column of the texts: the text of a name without it would have stood behind a gutter, and this
 * column would not begin a word but by chance.
 */
function fillsColumn(line: TextLine, { names }: Declaration): boolean {
  const last = names.at(-1);
  const words = last?.argument?.words ?? [];
  if (last === undefined || words.length !== 1) return false;
  return line.text[last.end] === ' ' && !isBlank(line.text[last.end + 1]);
}

/** The index of the word that begins at a column, behind a blank; undefined where none does. */
export function textAtColumn(line: TextLine, column: number): number | undefined {
  const at = indexAtColumn(line, column);
  if (at === undefined || at <= line.first) return undefined;
  return isBlank(line.text[at - 1]) && !isBlank(line.text[at]) ? at : undefined;
}

/** `-all     -map, -late, -size`: a text that enumerates what the option stands for. */
function isEnumeration(text: string, index: number): boolean {
  return (scanDeclaration(text, index, text.length)?.names.length ?? 0) > 2;
}

/** Whether what stands behind one blank at the column of the texts is a placeholder, there by chance. */
function isPlaceholder(line: TextLine, at: number, textIsBelow: boolean): boolean {
  const text = line.text.slice(at, at + LONGEST_WORD);
  // `-quay string` above its text, `--quay name      the quay`.
  return (
    endsInPlaceholder(line) ||
    (textIsBelow && /^[a-z]\w*$/.test(text)) ||
    /^(?:[A-Za-z][\w-]* {3,}\S|[A-Z][A-Z0-9_-]+: {2,}\S|<[^<>]+>:? |\[=)/.test(text)
  );
}

/** Whether the whole line is a declaration that ends in a placeholder, which may reach into the column of the texts. */
function endsInPlaceholder(line: TextLine): boolean {
  const declaration = declarationBetween(line.text, line.first, line.text.length);
  return declaration !== undefined && !declaration.loose && declaration.names.at(-1)?.argument !== undefined;
}

import { isBlank } from '../../notation/characters.ts';
import { type Declaration, scanDeclaration } from '../../notation/declaration.ts';
import { columnAt, indexAtColumn, type TextLine } from './text-line.ts';
import { markLength } from './text-mark.ts';

/** How sure the layout makes it that a line declares an option. */
export type Firmness =
  /** Names and text stand in two columns. */
  | 'columns'
  /** The line holds a declaration and nothing else. */
  | 'alone'
  /** A mark such as ` - ` or `: ` parts names and text. */
  | 'marked'
  /** One blank parts names and text: prose may look so too. */
  | 'soft';

/** A line split into the declaration on its left and the text on its right. */
export interface SplitEntry {
  readonly declaration: Declaration;
  readonly firmness: Firmness;
  /** The index at which the text begins; undefined where the line holds none. */
  readonly textStart: number | undefined;
  readonly textColumn: number | undefined;
}

/** What the lines around an entry say of it. */
export interface Surroundings {
  /** The columns at which texts of neighbouring lines begin: a text there needs only one blank before it. */
  readonly columns: readonly number[];
  /** Whether the text must begin on the next line: then one word at such a column is none. */
  readonly textIsBelow: boolean;
  /** Whether the next line begins with a name: behind a comma, the names go on there. */
  readonly namesFollow: boolean;
}

const NO_SURROUNDINGS: Surroundings = { columns: [], textIsBelow: false, namesFollow: false };

/** Splits a line that begins with a hyphen or plus. Undefined where the line declares nothing. */
export function splitEntry(
  line: TextLine,
  { columns, textIsBelow, namesFollow }: Surroundings = NO_SURROUNDINGS,
): SplitEntry | undefined {
  const { text, first } = line;
  // Cheap refusal of dashes as bullets and rules, before any gutter is tried.
  const limit = Math.min(text.length, first + 400);
  const scanned = scanDeclaration(text, first, limit);
  if (scanned === undefined) return undefined;
  return (
    (namesFollow ? namesAlone(line) : undefined) ??
    atLeader(line) ??
    atKnownColumn(line, columns, textIsBelow) ??
    atGutter(line) ??
    atRemark(line) ??
    alone(line, columns, limit === text.length ? scanned : undefined) ??
    atMark(line, columns) ??
    softly(line)
  );
}

function whole(
  text: string,
  start: number,
  to: number,
  declaration: Declaration | undefined = scanDeclaration(text, start, to),
): Declaration | undefined {
  if (declaration === undefined) return undefined;
  const rest = text.slice(declaration.end, to).trim();
  // A comma behind the names: more of them follow in the next line. A mark may stand before the text.
  return rest === '' || rest === ',' || MARKS_ALONE.includes(rest) ? declaration : undefined;
}

/** `-d WORD,`: nothing but names, which go on in the next line. */
function namesAlone(line: TextLine): SplitEntry | undefined {
  if (!line.text.endsWith(',')) return undefined;
  const declaration = whole(line.text, line.first, line.text.length);
  return declaration && { declaration, firmness: 'alone', textStart: undefined, textColumn: undefined };
}

/** `-x VALUE ..... text`: dots that lead to the text; three alone only behind a bracket, since they mean more elsewhere. */
const LEADER = / (?:\.{4,}|(?<=[>\]] )\.{3}) (?=\S)/;

function atLeader(line: TextLine): SplitEntry | undefined {
  const leader = LEADER.exec(line.text);
  if (leader === null) return undefined;
  const declaration = whole(line.text, line.first, leader.index);
  const textStart = leader.index + leader[0].length;
  return (
    declaration && { declaration, firmness: 'columns', textStart, textColumn: columnAt(line, textStart) }
  );
}

function atKnownColumn(
  line: TextLine,
  columns: readonly number[],
  textIsBelow: boolean,
): SplitEntry | undefined {
  for (const column of columns) {
    const at = textAtColumn(line, column);
    // What closes a bracket belongs to the names, and `word (=3)` is a placeholder with its default.
    if (at === undefined || /^(?:[\])}>]|\S+ \(=)/.test(line.text.slice(at, at + LONGEST_WORD))) continue;
    const declaration = whole(line.text, line.first, at);
    if (declaration === undefined) continue;
    // With one blank before the text, a bare word behind the name is more likely the start of a sentence.
    const isMarked = !isBlank(line.text[at - 2]) && line.text.slice(declaration.end, at).trim() !== '';
    if (declaration.loose && !isMarked && !fillsColumn(line, declaration, at)) continue;
    if (continuesNames(line.text, at) && !isEnumeration(line.text, at)) continue;
    if (isPlaceholderColumn(line.text, at) || line.text.startsWith('(=', at)) continue;
    if (!isBlank(line.text[at - 2]) && hasNamesBehind(line, declaration)) continue;
    if (!isBlank(line.text[at - 2]) && !isMarked && isPlaceholder(line, at, textIsBelow)) continue;
    return {
      declaration,
      firmness: 'columns',
      textStart: at + markLength(line.text, at),
      textColumn: column,
    };
  }
  return undefined;
}

/** Whether more names follow, to the end of the line: `-s WORD, --sort WORD, --by WORD`. */
function hasNamesBehind(line: TextLine, { names }: Declaration): boolean {
  const all = whole(line.text, line.first, line.text.length);
  return all !== undefined && all.names.length > names.length;
}

/** A name is parted from its text by a gutter where there is room for one. */
const LEAST_GUTTER = 2;

/**
 * Whether a bare word behind a name reaches to the column of the texts: the text of a name without it would have stood behind a gutter, and this
 * column would not begin a word but by chance.
 */
function fillsColumn(line: TextLine, { names }: Declaration, at: number): boolean {
  const last = names.at(-1);
  const words = last?.argument?.words ?? [];
  if (last === undefined || words.length !== 1) return false;
  return at - last.end > LEAST_GUTTER && isBlank(line.text[last.end]) && !isBlank(line.text[last.end + 1]);
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
    /^(?:[A-Za-z][\w-]* {3,}\S|<[^<>]+> |\[=)/.test(text)
  );
}

const LONGEST_WORD = 40;

/** Whether the whole line is a declaration that ends in a placeholder, which may reach into the column of the texts. */
function endsInPlaceholder(line: TextLine): boolean {
  const declaration = whole(line.text, line.first, line.text.length);
  return declaration !== undefined && !declaration.loose && declaration.names.at(-1)?.argument !== undefined;
}

const GUTTERS_TRIED = 6;

function atGutter(line: TextLine): SplitEntry | undefined {
  const { text, first } = line;
  let fallback: SplitEntry | undefined;
  let tried = 0;
  for (let i = first; i < text.length && tried < GUTTERS_TRIED; i++) {
    const isGutter = text[i] === '\t' || (text[i] === ' ' && isBlank(text[i + 1]));
    if (!isGutter) continue;
    const gutter = i;
    while (isBlank(text[i])) i++;
    i += markLength(text, i);
    tried++;
    const declaration = whole(text, first, gutter);
    if (declaration === undefined) continue;
    const entry: SplitEntry = {
      declaration,
      firmness: 'columns',
      textStart: i,
      textColumn: columnAt(line, i),
    };
    // Padded columns (`-b  --backup  text`, `-n  NUM  text`) go on behind the gutter; a text may begin with a hyphen.
    if (isPlaceholderColumn(text, i)) continue;
    if (!continuesNames(text, i)) return fallback !== undefined && saysMore(declaration) ? fallback : entry;
    fallback ??= entry;
  }
  if (fallback === undefined) return undefined;
  // Names to the end of the line; with bare words behind them it is a text that begins with a name.
  const all = scanDeclaration(text, first, text.length);
  if (all === undefined || all.loose) return fallback;
  if (whole(text, first, text.length, all) !== undefined) return undefined;
  // `-s  <N>    --size=<N> (all by default)`
  const textStart = all.end + 1;
  const isRemark = all.names.length > fallback.declaration.names.length && text.startsWith(' (', all.end);
  return isRemark
    ? { declaration: all, firmness: 'columns', textStart, textColumn: columnAt(line, textStart) }
    : fallback;
}

function continuesNames(text: string, index: number): boolean {
  // `-h     or  --help    text`
  const other = /^or +(?=-)/.exec(text.slice(index, index + 20));
  if (other !== null) return continuesNames(text, index + other[0].length);
  return (
    (text[index] === '-' || text[index] === '+') && scanDeclaration(text, index, text.length) !== undefined
  );
}

/** Whether bare words behind the last name are more likely a text than a placeholder. */
function saysMore({ loose, names }: Declaration): boolean {
  return loose && (names.at(-1)?.argument?.words.length ?? 0) > 1;
}

const PLACEHOLDER_COLUMN =
  /^(?:(?:[A-Z][A-Z0-9_-]{0,40}|<[\w.][^<>]{0,40}>|\[[\w.]{1,40}\]|#(?:\[\w+\])?)(?: {2,}|\t\s*| [-:] )|(?:[a-z][\w-]{0,40}|\.{1,2}\w{0,20}) {4,})(?=.*[a-z]{2})\S/;

/** `-l, --list   FORMAT   text`, `-d <dev> : text`: a placeholder in a column of its own, with a gutter or a mark behind it. */
function isPlaceholderColumn(text: string, index: number): boolean {
  return PLACEHOLDER_COLUMN.test(text.slice(index, index + LONGEST_WORD * 2));
}

/** `-i IP (of this quay only)`: a text in brackets. */
function atRemark(line: TextLine): SplitEntry | undefined {
  if (!line.text.includes(' (', line.first)) return undefined;
  const remark = /(?<=\S) (?=\([a-z]+ [^()]*(?:\([^()]*\)[^()]*)?\)?$)/.exec(line.text);
  if (remark === null || remark.index <= line.first) return undefined;
  const declaration = whole(line.text, line.first, remark.index);
  if (declaration === undefined || declaration.loose) return undefined;
  const textStart = remark.index + 1;
  return { declaration, firmness: 'marked', textStart, textColumn: columnAt(line, textStart) };
}

function alone(
  line: TextLine,
  columns: readonly number[],
  scanned: Declaration | undefined,
): SplitEntry | undefined {
  const declaration = whole(line.text, line.first, line.text.length, scanned);
  if (declaration === undefined) return undefined;
  // `-s silent`: a placeholder where others have their texts in a column, else more likely a text.
  const argument = declaration.names.at(-1)?.argument;
  const words = argument?.words.length ?? 0;
  if (
    declaration.loose &&
    /^(?:ignored|deprecated|obsolete|reserved)$/.test(argument?.words[0]?.placeholder ?? '')
  )
    return undefined;
  if (declaration.loose && (columns.length === 0 || words > 1)) return undefined;
  // `-d is the same as -v`
  if (declaration.names.some((name) => name.argument?.loose && name.argument.words.length > 1))
    return undefined;
  return {
    declaration,
    firmness: 'alone',
    textStart: undefined,
    textColumn: undefined,
  };
}

const MARKS_ALONE: readonly string[] = [':', '=', '-', '--', '–', '—'];

const MARKS = [' - ', ' -- ', ' : ', ': ', ' = ', ' – ', ' — '];

/** So many bare words are placeholders, where a colon between blanks parts them from a text. */
const MOST_BARE_WORDS = 3;

function atMark(line: TextLine, columns: readonly number[]): SplitEntry | undefined {
  let best: { index: number; mark: string } | undefined;
  for (const mark of MARKS) {
    const index = line.text.indexOf(mark, line.first + 1);
    if (index > 0 && (best === undefined || index < best.index)) best = { index, mark };
  }
  if (best === undefined) return undefined;
  const declaration = whole(line.text, line.first, best.index);
  if (declaration === undefined) return undefined;
  // `--server network netmask : text` in a list whose other texts stand in columns.
  const words = declaration.names.at(-1)?.argument?.words.length ?? 0;
  const isColon = best.mark === ' : ' && columns.length > 0 && words <= MOST_BARE_WORDS;
  if (declaration.loose && !isColon) return undefined;
  const at = best.index + best.mark.length;
  return {
    declaration,
    firmness: 'marked',
    textStart: at,
    textColumn: columnAt(line, at),
  };
}

function softly(line: TextLine): SplitEntry | undefined {
  const { text, first } = line;
  const scanned = scanDeclaration(text, first, text.length);
  if (scanned === undefined) return undefined;
  const declaration = withoutLooseArgument(scanned);
  if (!isBlank(text[declaration.end])) return undefined;
  let at = declaration.end;
  while (isBlank(text[at])) at++;
  return {
    declaration,
    firmness: 'soft',
    textStart: at,
    textColumn: columnAt(line, at),
  };
}

/** Where one blank parts names and text, a bare word behind a name, or behind its placeholder, is the text's first. */
function withoutLooseArgument(declaration: Declaration): Declaration {
  const at = declaration.names.findIndex(({ argument }) => argument?.loose);
  const name = declaration.names[at];
  if (name?.argument === undefined) return declaration;
  const bare = name.argument.words.findIndex(({ placeholder = '' }) => /^[a-z(]/.test(placeholder));
  const words = name.argument.words.slice(0, Math.max(0, bare));
  const end = words.at(-1)?.end ?? name.end;
  const argument = words.length === 0 ? undefined : { ...name.argument, words, loose: false, end };
  return { names: [...declaration.names.slice(0, at), { ...name, argument }], loose: false, end };
}

import type { ScannedArgument } from '../../notation/argument-notation.ts';
import { isBlank } from '../../notation/characters.ts';
import { beginsWithName, type Declaration, scanDeclaration } from '../../notation/declaration.ts';
import type { SplitEntry, Surroundings } from './entry-split.ts';
import {
  continuesNames,
  declarationBetween,
  isCall,
  isPlaceholderColumn,
  LONGEST_WORD,
} from './left-part.ts';
import { splitAtKnownColumn } from './split-at-column.ts';
import { columnAt, type TextLine } from './text-line.ts';
import { markLength } from './text-mark.ts';

export const NO_SURROUNDINGS: Surroundings = {
  columns: [],
  firmColumns: new Set(),
  nameColumns: new Set(),
  textIsBelow: false,
  isByColon: false,
  isByHash: false,
  isNamesOnly: false,
  namesFollow: false,
};

/** Splits a line that begins with a hyphen or plus. Undefined where the line declares nothing. */
export function splitEntry(line: TextLine, around: Surroundings = NO_SURROUNDINGS): SplitEntry | undefined {
  const { columns, firmColumns, nameColumns, textIsBelow, isNamesOnly, namesFollow } = around;
  const { text, first } = line;
  // Cheap refusal of dashes as bullets and rules, before any gutter is tried.
  if (!beginsWithName(text, first)) return undefined;
  return (
    (namesFollow ? namesAlone(line) : undefined) ??
    atLeader(line, columns) ??
    splitAtKnownColumn(line, columns, firmColumns, textIsBelow) ??
    inNameColumns(line, nameColumns) ??
    atGutter(line) ??
    atRemark(line) ??
    alone(line, columns.length > 0 || isNamesOnly) ??
    atMark(line, columns, around) ??
    (isNamesOnly ? ofTwoWords(line) : undefined) ??
    atOneBlank(line)
  );
}

/** `-d WORD,`: nothing but names, which go on in the next line. */
function namesAlone(line: TextLine): SplitEntry | undefined {
  if (!line.text.endsWith(',')) return undefined;
  const declaration = declarationBetween(line.text, line.first, line.text.length);
  // Behind a gutter stands a text, which may end in a comma.
  if (declaration?.loose && /\S(?: {2,}|\t)/.test(line.text)) return undefined;
  return declaration && { declaration, certainty: 'alone', textStart: undefined, textColumn: undefined };
}

/** `-x VALUE ..... text`: dots that lead to the text. */
const LEADER = / \.{2,} {1,3}(?=\S)/;

/** Two or three dots alone lead to a text behind a bracket, or where other texts begin: elsewhere they mean more of what is before them. */
function atLeader(line: TextLine, columns: readonly number[]): SplitEntry | undefined {
  const leader = LEADER.exec(line.text);
  if (leader === null) return undefined;
  const textStart = leader.index + leader[0].length;
  const isSure =
    leader[0].trim().length > 3 ||
    /[>\]]/.test(line.text[leader.index - 1] ?? '') ||
    columns.includes(columnAt(line, textStart));
  const declaration = isSure ? declarationBetween(line.text, line.first, leader.index) : undefined;
  return (
    declaration && { declaration, certainty: 'columns', textStart, textColumn: columnAt(line, textStart) }
  );
}

/** `-e    --edges number`, alone on a line: the word is a placeholder where the others have their long names in that column. */
function inNameColumns(line: TextLine, nameColumns: ReadonlySet<number>): SplitEntry | undefined {
  if (nameColumns.size === 0) return undefined;
  const declaration = declarationBetween(line.text, line.first, line.text.length);
  const last = declaration?.names.at(-1);
  const isInColumn = last !== undefined && nameColumns.has(columnAt(line, last.start));
  if (declaration === undefined || !isInColumn || last.argument?.words.length !== 1) return undefined;
  // Behind a gutter stands a text.
  if (isBlank(line.text[last.end + 1])) return undefined;
  return { declaration, certainty: 'alone', textStart: undefined, textColumn: undefined };
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
    const bracketed = inBrackets(line, gutter, i);
    if (bracketed !== undefined) return bracketed;
    const declaration = declarationBetween(text, first, gutter);
    if (declaration === undefined) continue;
    const entry: SplitEntry = {
      declaration,
      certainty: 'columns',
      textStart: i,
      textColumn: columnAt(line, i),
    };
    // Padded columns (`-b  --backup  text`, `-n  NUM  text`) go on behind the gutter; a text may begin with a hyphen.
    const isPlaceholder = isPlaceholderColumn(text, i) || isNamedInColumn(text, gutter, i);
    if (isPlaceholder && !hasOwnWord(declaration)) continue;
    if (isPlaceholderAgain(declaration, text, i)) continue;
    if (!continuesNames(text, i)) return fallback !== undefined && saysMore(declaration) ? fallback : entry;
    fallback ??= entry;
  }
  if (fallback === undefined) return undefined;
  // Names to the end of the line; with bare words behind them it is a text that begins with a name.
  const all = scanDeclaration(text, first, text.length);
  if (all === undefined || all.loose) return fallback;
  if (declarationBetween(text, first, text.length, all) !== undefined) return undefined;
  // `-s  <N>    --size=<N> (all by default)`
  const textStart = all.end + 1;
  const isRemark = all.names.length > fallback.declaration.names.length && text.startsWith(' (', all.end);
  return isRemark
    ? { declaration: all, certainty: 'columns', textStart, textColumn: columnAt(line, textStart) }
    : fallback;
}

/** `--quay=   [north:]quay   the text`: a word in a column of its own behind a name that ends in `=`. */
function isNamedInColumn(text: string, gutter: number, at: number): boolean {
  return text[gutter - 1] === '=' && /^[^\s-]\S{0,40}(?: {2,}|\t)\s*\S/.test(text.slice(at, at + 60));
}

/** `-m n           text   [default: 3]`: behind a word of its own no further placeholder stands in a column. */
function hasOwnWord({ names }: Declaration): boolean {
  return names.length === 1 && names[0]?.argument?.loose === true;
}

/** `-s lid, --sort  lid  text`: the placeholder of the name before, in a column of its own. */
function isPlaceholderAgain({ names }: Declaration, text: string, index: number): boolean {
  const before = names.at(-2)?.argument?.words[0]?.placeholder;
  return (
    before !== undefined &&
    names.at(-1)?.argument === undefined &&
    /^ {2,}\S/.test(text.slice(index + before.length)) &&
    text.startsWith(before, index)
  );
}

/** `--late (list late boxes)  type: bool`: words in brackets between a name and the type of its value are a text. */
function inBrackets(line: TextLine, gutter: number, textStart: number): SplitEntry | undefined {
  const { text, first } = line;
  if (!text.startsWith('type: ', textStart) || text[gutter - 1] !== ')') return undefined;
  const name = /^-\S{1,100} (?=\()/.exec(text.slice(first, gutter))?.[0];
  const declaration = name && declarationBetween(text, first, first + name.length - 1);
  if (!declaration) return undefined;
  const start = first + name.length;
  return { declaration, certainty: 'marked', textStart: start, textColumn: columnAt(line, start) };
}

/** Whether bare words behind the last name are more likely a text than a placeholder. */
function saysMore({ loose, names }: Declaration): boolean {
  return loose && (names.at(-1)?.argument?.words.length ?? 0) > 1;
}

/** `-i IP (of this quay only)`: a text in brackets. */
function atRemark(line: TextLine): SplitEntry | undefined {
  if (!line.text.includes(' (', line.first)) return undefined;
  const remark = /(?<=\S) (?=\([A-Za-z][a-z]*[;,:]? [^()]*(?:\([^()]*\)[^()]*)?\)?$)/.exec(line.text);
  if (remark === null || remark.index <= line.first) return undefined;
  const declaration = declarationBetween(line.text, line.first, remark.index);
  if (declaration === undefined || declaration.loose) return undefined;
  const textStart = remark.index + 1;
  return { declaration, certainty: 'marked', textStart, textColumn: columnAt(line, textStart) };
}

function alone(line: TextLine, takesBareWord: boolean): SplitEntry | undefined {
  const declaration = declarationBetween(line.text, line.first, line.text.length);
  if (declaration === undefined) return undefined;
  // `-s silent`: a placeholder where others have their texts in a column, or none has a text; else more likely a text.
  const argument = declaration.names.at(-1)?.argument;
  const words = argument?.words.length ?? 0;
  if (
    declaration.loose &&
    /^(?:ignored|deprecated|obsolete|reserved)$/.test(argument?.words[0]?.placeholder ?? '')
  )
    return undefined;
  if (declaration.loose && (!takesBareWord || words > 1)) return undefined;
  // `-d is the same as -v`
  if (declaration.names.some((name) => name.argument?.loose && name.argument.words.length > 1))
    return undefined;
  return {
    declaration,
    certainty: 'alone',
    textStart: undefined,
    textColumn: undefined,
  };
}

/** The mark of a comment. */
const HASH = ' # ';

/** Marks that part a text from one placeholder in small letters too. */
const MARKS_ALONE: ReadonlySet<string> = new Set([' - ', ' -- ', ' – ', ' — ', ' : ', ' => ', ' -> ', HASH]);
const MARKS = [' - ', ' -- ', ' : ', ': ', ' = ', ' => ', ' -> ', ' – ', ' — '];

/** So many bare words are placeholders, where a colon between blanks parts them from a text. */
const MAX_BARE_WORDS = 3;

function atMark(
  line: TextLine,
  columns: readonly number[],
  { isByColon, isByHash }: Surroundings,
): SplitEntry | undefined {
  let best: { index: number; mark: string } | undefined;
  for (const mark of isByHash ? [HASH] : MARKS) {
    const index = line.text.indexOf(mark, line.first + 1);
    if (index > 0 && (best === undefined || index < best.index)) best = { index, mark };
  }
  if (best === undefined) return undefined;
  const declaration = declarationBetween(line.text, line.first, best.index);
  if (declaration === undefined) return undefined;
  // `--server network netmask : text` in a list whose other texts stand in columns, and `-s scale - weigh on it`.
  const words = declaration.names.at(-1)?.argument?.words.length ?? 0;
  const isColon = best.mark === ' : ' && columns.length > 0 && words <= MAX_BARE_WORDS;
  const isMarkAlone = MARKS_ALONE.has(best.mark) && words === 1;
  // `--day-limit limit: text`
  const last = declaration.names.at(-1);
  const word = last?.argument?.words[0]?.placeholder ?? '';
  const isOwn =
    best.mark === ': ' &&
    words === 1 &&
    (isByColon || isNamedAfter(word, last?.text.replace(/^-(?=\w\w)/, '--') ?? ''));
  if (declaration.loose && !isColon && !isMarkAlone && !isOwn) return undefined;
  let at = best.index + best.mark.length;
  while (isBlank(line.text[at])) at++;
  return {
    declaration,
    certainty: 'marked',
    textStart: at,
    textColumn: columnAt(line, at),
  };
}

function atOneBlank(line: TextLine): SplitEntry | undefined {
  const { text, first } = line;
  const scanned = scanDeclaration(text, first, text.length);
  if (scanned === undefined || isCall(scanned)) return undefined;
  const declaration = withoutLooseArgument(scanned, text);
  // `--help, print this text`: a comma parts them too.
  const behindComma =
    /^, (?=[a-z]+ [a-z])/.exec(text.slice(declaration.end, declaration.end + LONGEST_WORD)) !== null;
  let at = behindComma ? declaration.end + 1 : declaration.end;
  if (!isBlank(text[at])) return undefined;
  while (isBlank(text[at])) at++;
  return {
    declaration,
    certainty: 'soft',
    textStart: at,
    textColumn: columnAt(line, at),
  };
}

/** `--old-depth depth`, `--sort sort_key`: a word that the name ends in, or of several parts, is a placeholder. */
function isNamedAfter(word: string, name: string): boolean {
  return /^--\w/.test(name) && (/^[a-z]+_[a-z_]+$/.test(word) || name.slice(2).split('-').at(-1) === word);
}

/** Where one blank parts names and text, a bare word behind a name, or behind its placeholder, is the text's first. */
function withoutLooseArgument(declaration: Declaration, text: string): Declaration {
  const at = declaration.names.findIndex(({ argument }) => argument?.loose || isMixed(argument));
  const name = declaration.names[at];
  if (name?.argument === undefined) return declaration;
  const bare = name.argument.words.findIndex(
    ({ placeholder = '', start }, i) =>
      (/^[a-z(]/.test(placeholder) &&
        text[start] !== '"' &&
        !(i === 0 && isNamedAfter(placeholder, name.text))) ||
      (i > 0 && isMixed(name.argument) && /^[A-Z]/.test(placeholder)),
  );
  const words = name.argument.words.slice(0, Math.max(0, bare));
  const end = words.at(-1)?.end ?? name.end;
  const argument = words.length === 0 ? undefined : { ...name.argument, words, loose: false, end };
  return { names: [...declaration.names.slice(0, at), { ...name, argument }], loose: false, end };
}

/** `--name=box name`, in a list that has no texts: the second word goes on with the placeholder. */
function ofTwoWords(line: TextLine): SplitEntry | undefined {
  const { text, first } = line;
  if (!/^--\S{1,60}=[a-z][\w-]{0,30} [a-z][\w-]{0,30}\s*$/.test(text.slice(first))) return undefined;
  const declaration = scanDeclaration(text, first, text.length);
  return declaration && { declaration, certainty: 'alone', textStart: undefined, textColumn: undefined };
}

/** Whether a word in capitals stands behind a placeholder in brackets, `<box> PNG`: the first of a text. */
function isMixed(argument: ScannedArgument | undefined): boolean {
  const [first, second] = argument?.words ?? [];
  return first?.placeholder?.startsWith('<') === true && /^[A-Z]/.test(second?.placeholder ?? '');
}

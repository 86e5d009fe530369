import type { Declaration, DeclaredName } from '../../notation/declaration.ts';
import type { Candidate } from './candidate.ts';
import { findCandidates } from './entry-candidates.ts';
import { gatherText } from './entry-text.ts';
import { furtherNames } from './further-names.ts';
import { columnAt, type TextLine, type TextPiece } from './text-line.ts';

/** Names on one line. */
export interface DeclaringLine {
  readonly line: TextLine;
  readonly declaration: Declaration;
}

/** An entry of an option list: the lines that declare it, and the pieces of its text. */
export interface OptionEntry {
  readonly declaring: readonly DeclaringLine[];
  readonly pieces: readonly TextPiece[];
  /** The index of the first line after the entry. */
  readonly nextLine: number;
  /** Whether it is one of several on a line that have no texts: a list of names, and not of entries. */
  readonly isBareName: boolean;
  /** Whether no more than one blank parts its names from its text. */
  readonly isSoft: boolean;
}

/** Finds the entries of option lists by their layout, in the order of the text. `shown` are the names that the synopses show. */
export function findOptionEntries(lines: readonly TextLine[], shown: ReadonlySet<string>): OptionEntry[] {
  const found: OptionEntry[] = [];
  let declaring: DeclaringLine[] = [];
  let textUntil = 0;
  const candidates = findCandidates(lines, shown);
  const declared = new Set(candidates.map(({ line }) => line));
  const hasLettersAbove = hasLettersAboveNames(candidates);
  const bracketedIndents = new Set(
    candidates
      .filter((one) => isBracketed(one) && one.certainty === 'columns')
      .map(({ line }) => line.indent),
  );
  const inLists = bracketsBelowHeadings(candidates, lines);
  const secondColumns = secondNameColumns(candidates);
  for (const [i, candidate] of candidates.entries()) {
    if (candidate.line.index < textUntil) continue;
    declaring.push(candidate);
    // `--colour[=WHEN],` alone on a line: its other names and its text follow.
    const next = candidates[i + 1];
    const goesOn = candidate.certainty === 'alone' && candidate.line.text.trimEnd().endsWith(',');
    if (
      next?.line.index === candidate.line.index + 1 &&
      (goesOn ||
        isStacked(candidate, next, lines) ||
        isAboveItsLetter(candidate, next, lines, secondColumns) ||
        (hasLettersAbove && isLetterAbove(candidate, next)))
    )
      continue;
    const further = furtherNames(candidates, i);
    for (const one of further) declaring.push(one);
    const last = further.at(-1) ?? candidate;
    const { pieces: gathered, nextLine } = gatherText(last, lines, declared);
    const pieces =
      last === candidate ? gathered : [...textsOn([candidate, ...further.slice(0, -1)]), ...gathered];
    // `[-l|--long]` without a text is a part of a synopsis, unless others like it have one.
    const [text] = pieces;
    const isSynopsis = pieces.length === 0 || text?.line.text.startsWith('[-', text.start) === true;
    const isListed = bracketedIndents.has(candidate.line.indent) || inLists.has(candidate);
    if (isSynopsis && isBracketed(candidate) && !isListed) {
      declaring = [];
      continue;
    }
    const above = found.at(-1);
    if (above !== undefined && pieces.length === 0 && isOtherNameOf(candidate, above, lines)) {
      found[found.length - 1] = { ...above, declaring: [...above.declaring, ...declaring], nextLine };
    } else if (above !== undefined && isPartOfAbove(candidate, above)) {
      // What stands behind the bracket belongs to it; the text below is that of the entry above.
      const below = pieces.filter(({ line }) => line !== candidate.line);
      found[found.length - 1] = { ...above, pieces: below, nextLine };
      found.push({ declaring, pieces: [], nextLine, isBareName: true, isSoft: false });
    } else {
      const bare = bareNames(declaring, pieces, nextLine);
      const isSoft = candidate.certainty === 'soft';
      const made = { declaring, pieces, nextLine, isBareName: false, isSoft };
      for (const one of bare ?? [made]) found.push(one);
    }
    declaring = [];
    textUntil = nextLine;
  }
  return found;
}

/**
 * `--all-boxes` alone on a line, right above and further left than `-a - with all boxes`, or behind an empty line at the indentation of its initial:
 * the text is that of both names.
 */
function isAboveItsLetter(
  long: Candidate,
  letter: Candidate,
  lines: readonly TextLine[],
  secondColumns: ReadonlySet<number>,
): boolean {
  const [name, ...others] = long.declaration.names;
  const [short, ...more] = letter.declaration.names;
  const wordsOf = (one: typeof name) => one?.argument?.words.map(({ placeholder }) => placeholder).join(' ');
  const isPair =
    others.length + more.length === 0 &&
    long.certainty === 'alone' &&
    short?.form === 'short' &&
    letter.certainty !== 'alone' &&
    wordsOf(name) === wordsOf(short);
  if (name === undefined || !isPair) return false;
  const isInitial = name.text.replace(/^-+/, '')[0] === short.text[1] && name.form !== 'short';
  if (letter.line.indent === long.line.indent) return isInitial && lines[long.line.index - 1]?.blank === true;
  const isNear = letter.line.indent <= long.line.indent + MAX_DEEPER;
  const isInColumn = secondColumns.has(letter.line.indent);
  return name.form === 'long' && letter.line.indent > long.line.indent && (isNear || isInColumn);
}

/** The columns at which so many lines have their second name: `--late    -l   text`. */
function secondNameColumns(candidates: readonly Candidate[]): ReadonlySet<number> {
  const counts = new Map<number, number>();
  for (const { line, declaration } of candidates) {
    const second = declaration.names[1];
    if (second === undefined) continue;
    const column = columnAt(line, second.start);
    counts.set(column, (counts.get(column) ?? 0) + 1);
  }
  return new Set([...counts].flatMap(([column, count]) => (count >= MIN_IN_COLUMN ? [column] : [])));
}

const MIN_IN_COLUMN = 3;

/** So many letters above long names are the custom of a list. */
const MIN_LETTERS_ABOVE = 2;

/** Whether a list has its letters in lines of their own, and all that stand alone are such: `-o`, and right below it `--output   a text`. */
function hasLettersAboveNames(candidates: readonly Candidate[]): boolean {
  const alone = candidates.filter(isLetterAlone);
  if (alone.length < MIN_LETTERS_ABOVE) return false;
  const below = new Map(candidates.map((one) => [one.line.index, one]));
  return alone.every((one) => isLetterAbove(one, below.get(one.line.index + 1)));
}

function isLetterAlone({ certainty, declaration: { names } }: Candidate): boolean {
  const [name, ...others] = names;
  return (
    certainty === 'alone' && others.length === 0 && name?.form === 'short' && name.argument === undefined
  );
}

function isLetterAbove(letter: Candidate, long: Candidate | undefined): boolean {
  if (long === undefined || long.line.index !== letter.line.index + 1 || long.certainty === 'alone')
    return false;
  return (
    isLetterAlone(letter) &&
    long.line.indent === letter.line.indent &&
    long.declaration.names.every(({ form }) => form === 'long')
  );
}

/** A letter is so much deeper than its long name at the most: deeper stands what a text speaks of. */
const MAX_DEEPER = 4;

/** `-d NAME` alone on a line, above `--default=NAME` and a text: two names of one option. */
function isStacked(letter: Candidate, long: Candidate, lines: readonly TextLine[]): boolean {
  const text = lines[long.line.index + 1];
  const isAlone = ({ certainty, declaration }: Candidate) =>
    certainty === 'alone' && declaration.names.length === 1;
  return (
    isAlone(letter) &&
    isAlone(long) &&
    letter.declaration.names[0]?.form === 'short' &&
    long.declaration.names[0]?.form === 'long' &&
    letter.line.indent === long.line.indent &&
    text !== undefined &&
    !text.blank &&
    text.indent > long.line.indent
  );
}

/** What stands behind the names on their lines. */
function textsOn(candidates: readonly Candidate[]): TextPiece[] {
  return candidates.flatMap(({ line, textStart }) =>
    textStart === undefined ? [] : [{ line, start: textStart, end: line.text.length }],
  );
}

/** So many names without a text, parted by blanks alone, are options and no spellings of one. */
const MIN_BARE = 3;

/** `-daily -weekly -at HOUR -now`: an entry for each; undefined where the line is none of these. */
function bareNames(
  declaring: readonly DeclaringLine[],
  pieces: readonly TextPiece[],
  nextLine: number,
): OptionEntry[] | undefined {
  const [only, ...others] = declaring;
  const names = only?.declaration.names ?? [];
  if (only === undefined || others.length > 0 || pieces.length > 0 || names.length < MIN_BARE)
    return undefined;
  const { line } = only;
  const isBlankBefore = (name: DeclaredName, i: number) => {
    const before = names[i - 1];
    return before === undefined || line.text.slice(before.argument?.end ?? before.end, name.start) === ' ';
  };
  const isWord = (name: DeclaredName) => /^--?\w[\w-]+$/.test(name.text);
  if (!names.every((name, i) => isBlankBefore(name, i) && isWord(name))) return undefined;
  if (new Set(names.map(({ text }) => text.startsWith('--'))).size > 1) return undefined;
  return names.map((name) => ({
    declaring: [{ line, declaration: { names: [name], loose: false, end: name.argument?.end ?? name.end } }],
    pieces: [],
    nextLine,
    isBareName: true,
    isSoft: false,
  }));
}

/** Options in brackets, one to a line and without texts, below a line that ends in a colon: `Options:`, and below it `{-h|--help}`. */
function bracketsBelowHeadings(
  candidates: readonly Candidate[],
  lines: readonly TextLine[],
): ReadonlySet<Candidate> {
  const found = new Set<Candidate>();
  let below: number | undefined;
  for (const candidate of candidates) {
    const { index } = candidate.line;
    const isFirst = /^\s*\p{Lu}[\w ]{1,40}:$/u.test(lines[index - 1]?.text ?? '');
    const isAlone = candidate.certainty === 'alone';
    const isNext = isAlone && isBracketed(candidate) && (isFirst || below === index);
    below = isNext ? index + 1 : undefined;
    if (isNext) found.add(candidate);
  }
  return found;
}

/**
 * Whether a name alone, right below an entry of one line and above an empty one, is another name of it: it has the same placeholder, as in `--call LID   open
 * it`, and below that `--f LID`.
 */
function isOtherNameOf(candidate: Candidate, above: OptionEntry, lines: readonly TextLine[]): boolean {
  const [one, ...more] = above.declaring;
  const { index, indent } = candidate.line;
  const isBelow =
    one?.line.index === index - 1 && one.line.indent === indent && lines[index + 1]?.blank !== false;
  if (one === undefined || more.length > 0 || !isBelow || candidate.certainty !== 'alone') return false;
  const wordsOf = ({ names }: Declaration) =>
    names.at(-1)?.argument?.words.map(({ placeholder }) => placeholder);
  const [own, others] = [wordsOf(candidate.declaration), wordsOf(one.declaration)];
  return (
    own !== undefined && own.length > 0 && above.pieces.length > 0 && own.join(' ') === others?.join(' ')
  );
}

function isBracketed({ line }: Candidate): boolean {
  return '[{'.includes(line.text[line.first] ?? ' ');
}

/** Whether a bracket stands below an entry without a text and goes on with it: `[--with BOX]...` below `--open QUAY`. */
function isPartOfAbove(candidate: Candidate, above: OptionEntry): boolean {
  const line = above.declaring.at(-1)?.line;
  return (
    isBracketed(candidate) &&
    above.pieces.length === 0 &&
    line?.index === candidate.line.index - 1 &&
    candidate.line.indent > line.indent
  );
}

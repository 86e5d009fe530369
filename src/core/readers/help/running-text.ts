import { type Candidate, mayDeclare } from './candidate.ts';
import { indexAtColumn, type TextLine } from './text-line.ts';

/** An option has no more letters, nor long names, than this. */
const MAX_SPELLINGS = 4;

/** What tells entries from running text. */
export interface Evidence {
  /** How many firm entries stand at each indentation. */
  readonly indents: ReadonlyMap<number, number>;
  /** The lines that stand in a run of lines that all begin with names. */
  readonly rows: ReadonlySet<TextLine>;
  /** The names that the synopses show. */
  readonly shown: ReadonlySet<string>;
}

/** Refuses lines of running text that happen to begin with an option's name. */
export function isEntry(
  candidate: Candidate,
  lines: readonly TextLine[],
  { indents, rows, shown }: Evidence,
  accepted: ReadonlySet<number>,
): boolean {
  if (isAmongWords(candidate, lines) || continuesTextOfWord(candidate, lines)) return false;
  const isListed = indents.has(candidate.line.indent) && isAboveText(candidate, lines);
  if (candidate.certainty !== 'columns' && !isListed && isExample(candidate, lines)) return false;
  if (candidate.certainty === 'columns' || candidate.certainty === 'marked') return true;
  const before = lines[candidate.line.index - 1];
  const continuesText =
    before !== undefined &&
    !before.blank &&
    before.indent === candidate.line.indent &&
    !accepted.has(before.index) &&
    !isUnreadEntry(before) &&
    !LABEL.test(before.text);
  // So many names with no text, nor one below them in a list, are an enumeration in running text.
  const { names } = candidate.declaration;
  const longs = names.filter(({ text }) => text.startsWith('--')).length;
  const isEnumeration = longs > MAX_SPELLINGS || names.length - longs > MAX_SPELLINGS;
  if (candidate.certainty === 'alone' && isEnumeration && !isListed) return false;
  const indented = indents.has(candidate.line.indent);
  if (candidate.certainty === 'alone') return indented || !continuesText || before.text.endsWith(':');
  if (rows.has(candidate.line)) return true;
  const isShown = names.every(({ text }) => shown.has(text)) && !speaksOf(candidate);
  return (indented || isShown) && !continuesText;
}

/** `Settings:`, `Optional settings: (defaults in brackets)`: a heading. */
const LABEL = /^\s*\p{Lu}[\w -]{2,40}:(?: ?\([^()]{1,60}\))?$/u;

/** Whether a line speaks of the option that it begins with: `-q is ignored`. */
function speaksOf({ line, textStart = line.text.length }: Candidate): boolean {
  return /^(?:is|are|was|has|have|and|or|can|could|may|might|must|should|will|would|does|do|if|when)\b/.test(
    line.text.slice(textStart),
  );
}

/** Whether the next line is a text deeper than a line: the line is an entry where others stand at its indentation, whatever is above it. */
function isAboveText({ line }: Candidate, lines: readonly TextLine[]): boolean {
  const next = lines[line.index + 1];
  return next !== undefined && !next.blank && next.indent > line.indent + MIN_DEEPER && !mayDeclare(next);
}

/** A text below a name is so many columns deeper, and more. */
const MIN_DEEPER = 2;

/** Whether a line by itself is what a sentence above it leads to: `like`, `for example:`. */
function isExample({ line }: Candidate, lines: readonly TextLine[]): boolean {
  // A blank line may stand between them.
  const above = lines[line.index - 1];
  const before = above?.blank ? lines[line.index - 2] : above;
  const after = lines[line.index + 1];
  if (before === undefined || before.blank || before.indent > line.indent || mayDeclare(before)) return false;
  if (after !== undefined && !after.blank && mayDeclare(after)) return false;
  if (before.indent < line.indent && mayGoOnBelow(before)) return true;
  // `Use tiffin with -b, --box, -c,` goes on with more options.
  return /[a-z,] (?:like|as|use|with|try|equivalent to|e\.g\.|for (?:example|instance))[:,]?$|\s-[\w-]+,$/.test(
    before.text.trimEnd().slice(-60),
  );
}

/** Whether a line is a call of a program with options, which may go on in the next: `  tiffin --late box one`. */
function mayGoOnBelow({ text, first }: TextLine): boolean {
  const words = text.slice(first, first + 200);
  return /^[a-z][\w./-]* (?:\S+ )*--?\w/.test(words) && !/\S {2,}|(?:\s[a-z]+){3}|[[\]<>{}|]/.test(words);
}

/** A line in columns with a name that cannot be read (`--fish-<N>   with N fish`). */
function isUnreadEntry(line: TextLine): boolean {
  return /^--?\S{1,60} {2,}\S/.test(line.text.slice(line.first, line.first + 90));
}

/** Whether a line stands below the text of a word in columns (`raw    same as -echo`), and goes on with it. */
function continuesTextOfWord({ line }: Candidate, lines: readonly TextLine[]): boolean {
  const before = lines[line.index - 1];
  if (before === undefined || before.blank || before.indent >= line.indent || mayDeclare(before))
    return false;
  const at = indexAtColumn(before, line.indent);
  return (
    at !== undefined &&
    /[^ ] {2,}$/.test(before.text.slice(Math.max(0, at - 40), at)) &&
    before.text[at] !== ' '
  );
}

/**
 * Whether an entry without a long name and an argument stands in a list most of whose entries begin with no hyphen (`cbreak` above `-cbreak`): there
 * it is a word like them.
 */
function isAmongWords({ line, declaration }: Candidate, lines: readonly TextLine[]): boolean {
  if (declaration.names.some(({ form, argument }) => form === 'long' || argument !== undefined)) return false;
  let words = 0;
  let options = 1;
  let row = 1;
  for (const step of [-1, 1]) {
    let isInRow = true;
    for (let i = line.index + step; ; i += step) {
      const other = lines[i];
      if (other === undefined || other.blank || Math.abs(i - line.index) > BLOCK_LIMIT) break;
      if (other.indent !== line.indent) continue;
      isInRow &&= mayDeclare(other);
      if (isInRow) row++;
      if (mayDeclare(other)) options++;
      else if (isWordEntry(other, lines[i + 1])) words++;
    }
  }
  return words > options && row < MIN_ROW;
}

/** Whether a line is a word with a text beside it, or a short one with a text below it: `N-M`. */
function isWordEntry(line: TextLine, next: TextLine | undefined): boolean {
  const text = line.text.slice(line.first);
  if (/^\S{1,30}(?: [A-Z]\S*)? {2,}\S/.test(text)) return true;
  return /^\S{1,12}$/.test(text) && next !== undefined && !next.blank && next.indent > line.indent;
}

/** So many options one below the other are a list of their own, whatever stands behind it. */
const MIN_ROW = 4;

/** How far around an entry its list is looked at. */
const BLOCK_LIMIT = 60;

import { type Fact, stated } from '../../model/fact.ts';
import type { CleanedText } from './cleaned-text.ts';
import { type HeadingKind, headingKind } from './heading-kind.ts';
import { BRACKETED, DECORATED, headingWords, isKnownInMarkdown, markedWords } from './heading-marks.ts';
import { headingsInAngles } from './headings-in-angles.ts';
import type { TextLine } from './text-line.ts';

/** A heading and the lines that it stands above, up to the next heading. */
export interface Section {
  /** The heading's line; undefined for the lines before the first heading. */
  readonly headingLine: TextLine | undefined;
  readonly heading: string;
  readonly kind: HeadingKind;
  readonly lines: readonly TextLine[];
}

const HEADING_LIMIT = 90;

/**
 * Parts a text into sections. `isTaken` says which lines are known to be something else than a heading; `isSynopsis`, which of them are
 * synopses: no heading above these reaches beyond them.
 */
export function findSections(
  lines: readonly TextLine[],
  isTaken: (line: TextLine) => boolean,
  isSynopsis: (line: TextLine) => boolean,
): Section[] {
  const sections: OpenSection[] = [{ headingLine: undefined, first: undefined, lines: [] }];
  const first = lines.find(({ text }) => text.trim() !== '');
  const hasBracketed = lines.some((line) => isKnownInBrackets(line, lines));
  const inAngles = headingsInAngles(lines);
  for (const line of lines) {
    if (isSynopsis(line)) {
      if (sections.at(-1)?.headingLine !== undefined)
        sections.push({ headingLine: undefined, first: undefined, lines: [] });
    } else if (
      !isTaken(line) &&
      (inAngles.has(line) || isHeading(line, lines, isTaken, line === first, hasBracketed)) &&
      !isEntryOfList(line, sections.at(-1), nextFilled(line, lines))
    )
      sections.push({ headingLine: line, first: undefined, lines: [] });
    else addLine(sections.at(-1), line);
  }
  let outer: { kind: HeadingKind; indent: number } | undefined;
  let announced: HeadingKind = 'other';
  return sections.map(({ headingLine, lines: own }) => {
    const heading = headingLine === undefined ? '' : headingWords(headingLine.text);
    const named = headingKind(heading);
    const indent = headingLine?.indent ?? 0;
    if (named !== 'other') announced = own.every(({ blank }) => blank) ? named : 'other';
    const kind = named === 'other' && GROUPED.has(announced) ? announced : named;
    // `With a filter:`, deeper than `EXAMPLES` in a manual page, stands above one of these.
    const isInner =
      outer !== undefined &&
      indent > outer.indent &&
      kind === 'other' &&
      isInherited(outer.kind, headingLine);
    if (isInner && outer !== undefined) return { headingLine, heading, kind: outer.kind, lines: own };
    outer = isCapitals(headingWords(headingLine?.text ?? '')) ? { kind, indent } : undefined;
    return { headingLine, heading, kind, lines: own };
  });
}

/** A section while its lines are gathered, with the first of them that is not blank. */
interface OpenSection {
  readonly headingLine: TextLine | undefined;
  first: TextLine | undefined;
  readonly lines: TextLine[];
}

function addLine(section: OpenSection | undefined, line: TextLine): void {
  if (section === undefined) return;
  if (!line.blank) section.first ??= line;
  section.lines.push(line);
}

/**
 * Whether a line below a heading that calls what it lists operands or commands is one of these: a name with a mark and its text; or, deeper than the
 * heading and where the list begins, a name with running text in the lines below it. Below a heading of a part stand names.
 */
function isEntryOfList(line: TextLine, above: OpenSection | undefined, next: TextLine | undefined): boolean {
  if (above?.headingLine === undefined) return false;
  const kind = headingKind(headingWords(above.headingLine.text));
  if (kind !== 'operands' && kind !== 'commands') return false;
  if (NAME_WITH_MARK.test(line.text)) return true;
  if (above.first !== undefined && above.first.indent !== line.indent) return false;
  if (next === undefined || next.indent <= line.indent || line.text.endsWith(':')) return false;
  // Where headings end in a colon, a name at their indentation is none.
  const { indent, text } = above.headingLine;
  const isBelow = line.indent > indent || (line.indent === indent && text.endsWith(':'));
  return isBelow && RUNNING_TEXT.test(next.text);
}

/** `DAY - list that day`, `DAY	: list that day` */
const NAME_WITH_MARK = /^\s*[^\s-]\S{0,60}\s{1,20}(?:--?|:) \S/;

/** Two words or more with one blank between them, of which the first is no option. */
const RUNNING_TEXT = /^\s*[^\s-]\S*(?: \S+)(?:(?! {2}).)*$/;

/** Headings with nothing but other headings below them: `Commands:`, and below it `Boxes:` and `Routes:`, each over its own. */
const GROUPED: ReadonlySet<HeadingKind> = new Set(['commands', 'operands', 'environment', 'examples']);

/** Headings of which those below them, deeper and without a kind of their own, are parts. */
const INHERITED: ReadonlySet<HeadingKind> = new Set(['examples', 'exit', 'environment', 'defaults']);

/** Whether a heading deeper than one of a kind stands over a part of it: over commands, a label; without a colon it may be the name of one. */
function isInherited(kind: HeadingKind, inner: TextLine | undefined): boolean {
  return INHERITED.has(kind) || (kind === 'commands' && inner?.text.endsWith(':') === true);
}

/** `Usage:` with another heading right below it. */
function isEmptyHeading(above: TextLine, line: TextLine): boolean {
  return above.indent === line.indent && /^\s*[A-Z][\w ]{1,40}:$/.test(above.text) && line.text.endsWith(':');
}

/** `OPTIONS` of a manual page, right below it `Rounds`, and deeper what that is over. */
function isPartOfAbove(line: TextLine, above: TextLine, next: TextLine | undefined): boolean {
  const isDeeper = line.indent > above.indent && next !== undefined && next.indent > line.indent;
  return isDeeper && isCapitals(above.text.trim()) && TITLE_WORDS.test(line.text.trim());
}

/** A few words, the first with a capital; one alone may be the name of what is described below it. */
const TITLE_WORDS = /^[A-Z][a-z]+(?: [A-Za-z][a-z-]*){1,5}$/;

/**
 * Whether a line is a heading. The first line of a text is its title, however it is decorated. `hasBracketed` says whether the text has a heading in
 * brackets whose words are known.
 */
function isHeading(
  line: TextLine,
  lines: readonly TextLine[],
  isTaken: (line: TextLine) => boolean,
  isFirst: boolean,
  hasBracketed: boolean,
): boolean {
  const text = line.text.trim();
  if (text === '' || text.length > HEADING_LIMIT) return false;
  const isDecorated =
    ((DECORATED.test(text) || isKnownInMarkdown(text)) && !isFirst) || markedWords(text) !== undefined;
  // `{` begins an example, and no part of the help.
  if (!isDecorated && (/^[-+*•$#/\\.,;&|=]/.test(text) || !/\p{L}/u.test(text))) return false;
  const before = lines[line.index - 1];
  const opens =
    before === undefined ||
    before.blank ||
    isTaken(before) ||
    isEmptyHeading(before, line) ||
    isLabelAboveList(line, before, lines[line.index + 1]) ||
    isPartOfAbove(line, before, lines[line.index + 1]);
  if (!opens || isDecorated) return opens;
  if (BRACKETED.test(text))
    return before?.blank === true && (hasBracketed || isBracketedHeading(line, lines));
  if (text.endsWith(':')) return !/\s{3,}/.test(text);
  if (VARIABLE_NAME.test(text) || CHOICE.test(text)) return false;
  if (!isFirst && (isUnderlined(line, lines) || isPlaceholderAboveOptions(line, lines))) return true;
  // Without a colon, a word in small letters is the name of something, and a bracket that of an operand.
  if (/\s{2,}|\t|[.,;!?]$|[[\]<>]/.test(text) || (/^[a-z]/.test(text) && headingKind(text) === 'other'))
    return false;
  const next = nextFilled(line, lines);
  // `commands: list them` above another of its kind is an entry; `options: (defaults are in brackets)` stands alone.
  if (BY_COLON.test(text) && next !== undefined && BY_COLON.test(next.text.trim())) return false;
  const isAbove = next !== undefined && (next.index === line.index + 1 || next.indent > line.indent);
  if (isCapitals(text) || (HEADING_WORDS.test(text) && isAbove)) return true;
  if (isTitleAboveList(text, line, next)) return true;
  if (isGeneric(text) && next !== undefined && next.indent > line.indent) return true;
  return (
    next !== undefined && next.indent > line.indent && next.index === line.index + 1 && text.length <= 60
  );
}

/** Whether a line is words in brackets, of a known kind, behind a blank line and right above something: `[Commands]`. */
function isKnownInBrackets({ text, index }: TextLine, lines: readonly TextLine[]): boolean {
  const isOpen =
    BRACKETED.test(text) && lines[index - 1]?.blank === true && lines[index + 1]?.blank === false;
  return isOpen && headingKind(headingWords(text.trim())) !== 'other';
}

/** Whether words in brackets behind a blank line are a heading: of a known kind, or right above options. Elsewhere they are a part of a synopsis. */
function isBracketedHeading({ text, index }: TextLine, lines: readonly TextLine[]): boolean {
  const words = headingWords(text.trim());
  if (headingKind(words) !== 'other') return true;
  const next = lines[index + 1];
  return /^\p{Lu}\p{Ll}/u.test(words) && next !== undefined && /^-/.test(next.text.slice(next.first));
}

/** `<marks>`, a word of the synopsis, right above the options that it stands for. */
function isPlaceholderAboveOptions({ text, index, indent }: TextLine, lines: readonly TextLine[]): boolean {
  const next = lines[index + 1];
  return (
    /^\s*<[A-Za-z][\w -]{0,40}>$/.test(text) &&
    next !== undefined &&
    next.indent > indent &&
    /^\[?--?[A-Za-z]/.test(next.text.slice(next.first))
  );
}

/** A few words and, below them, a line as long that was one of hyphens or the like (see `boxes.ts`). */
function isUnderlined(line: TextLine, lines: readonly TextLine[]): boolean {
  const below = lines[line.index + 1];
  const next = lines[line.index + 2];
  if (below?.blank !== true || next === undefined) return false;
  const length = next.start - below.start - 1;
  return length === line.text.length && UNDERLINED.test(line.text.trim());
}

/** The words of a heading; those of the columns of a table stand apart. */
const UNDERLINED = /^[\p{L}\d]\S*(?: \S+){0,5}$/u;

/** `{lift,wash}`, above what each of these is. */
const CHOICE = /^\{[^{}]{1,90}\}$/;

/** `TIFFIN_BOX`, with its text below it. */
const VARIABLE_NAME = /^[A-Z][A-Z0-9]*(?:_[A-Z0-9]+)+$/;

/** A name in small letters with its text behind a colon. */
const BY_COLON = /^[a-z][\w-]*: \S/;

/** A few words with a colon: `Search options:` */
const LABEL = /^[\p{Lu}\d][^.,;!?:]{0,60}:$/u;

/** So many words are a label, and more a sentence that leads to what follows. */
const MAX_LABEL_WORDS = 5;

/** Whether a line is a few words with a colon. */
export function isLabel(line: TextLine): boolean {
  const text = line.text.trim();
  return LABEL.test(text) && text.split(' ').length <= MAX_LABEL_WORDS;
}

/** Whether a line is a sentence with a colon, which may lead to a list or to running text: `For more about boxes, please see:` */
export function isLeadingSentence({ text }: TextLine): boolean {
  return text.endsWith(':') && text.trim().split(' ').length > MAX_LABEL_WORDS;
}

/** Whether a line right below others is a label over a list: it announces one, or stands further left than what is above it. */
function isLabelAboveList(line: TextLine, before: TextLine, next: TextLine | undefined): boolean {
  const text = line.text.trim();
  if (next === undefined || next.blank || !isLabel(line)) return false;
  const isListBelow = next.indent > line.indent || next.text[next.first] === '-';
  return isListBelow && (line.indent < before.indent || headingKind(text.slice(0, -1)) !== 'other');
}

/** A few words, the first with a capital, right above an option that is no deeper; or, where they say of what kind they are, above anything. */
function isTitleAboveList(text: string, line: TextLine, next: TextLine | undefined): boolean {
  if (!SHORT_TITLE.test(text) || next === undefined || next.index !== line.index + 1) return false;
  const isOption = next.text[next.first] === '-' && next.indent === line.indent;
  return isOption || (ONLY_KIND.test(text) && next.indent === line.indent);
}

/** `Output`, `Selection of boxes` */
const SHORT_TITLE = /^\p{Lu}\p{Ll}+(?: \p{Ll}+){0,3}$/u;
const ONLY_KIND =
  /^(?:(?:positional|available|optional) )?(?:arguments|operands|parameters|commands|subcommands|actions)$/i;

/** `Standard commands`, `Digest commands (see the manual)` */
const HEADING_WORDS = /^(?:[A-Z][\w-]{0,30} )(?:[\w-]{1,30} ){0,3}(?:commands|options)(?: \([^()]{1,80}\))?$/;

function isCapitals(text: string): boolean {
  return /^[A-Z][A-Z0-9 /()&-]{3,}$/.test(text);
}

function nextFilled(line: TextLine, lines: readonly TextLine[]): TextLine | undefined {
  for (let i = line.index + 1; i < lines.length && i <= line.index + 3; i++) {
    const next = lines[i];
    if (next !== undefined && !next.blank) return next;
  }
  return undefined;
}

/** The heading of a section as a fact; undefined where it has none that says more than its kind. */
export function headingFact(section: Section | undefined, cleaned: CleanedText): Fact<string> | undefined {
  const line = section?.headingLine;
  if (section === undefined || line === undefined || isGeneric(section.heading)) return undefined;
  return stated(section.heading, cleaned.span(line.start + line.first, line.start + line.text.length));
}

/** Whether a heading says nothing but what kind of thing stands below it, as `Options` does. */
function isGeneric(heading: string): boolean {
  return /^(?:available |all )?(?:options?|flags|switches|(?:sub-?)?commands?|arguments|operands|positional arguments|optional arguments|usage of \S+)$/i.test(
    heading,
  );
}

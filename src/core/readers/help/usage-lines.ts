import { bareSynopses } from './bare-synopses.ts';
import { USAGE_WORDS } from './heading-words.ts';
import { synopsesBetweenBars } from './pipelines.ts';
import { columnAt, indexAtColumn, type TextLine, type TextPiece } from './text-line.ts';
import { ANOTHER_FORM, continuesUsage, firstWord } from './usage-continuation.ts';

/** The lines of one synopsis; the words in front of it (`usage:`, `or:`, `$`) are left out. */
export interface UsageForm {
  readonly pieces: readonly TextPiece[];
}

export interface UsageLines {
  readonly forms: readonly UsageForm[];
  /** The lines, by number, that belong to the usage. */
  readonly taken: ReadonlySet<number>;
  /** Whether the text calls them so; a first line that only looks like a synopsis is taken for one too. */
  readonly announced: boolean;
  /** Whether they are the path of a command and nothing else. */
  readonly isPath: boolean;
}

const NONE: UsageLines = { forms: [], taken: new Set(), announced: false, isPath: false };
const ANNOUNCEMENT = new RegExp(`^\\s*(?:${USAGE_WORDS})\\s*(?:[:：]|$)\\s*`, 'iu');
/** A heading of a manual page with the first synopsis beside it. */
const CAPITAL_ANNOUNCEMENT = /^(?:SYNOPSIS|USAGE)\s{2,}(?=\S)/;
/** `Usage of tiffin:` is a heading over the options, and no synopsis. */
const LOOSE_ANNOUNCEMENT = /^\s*usage\s+(?!of\s+\S+:$)(?=\S)/i;
/** Behind a sentence, or the name of the program as messages have it: `tiffin: usage: tiffin BOX`. */
const LATE_ANNOUNCEMENT =
  /^(?:[A-Z][^.]{1,80}\.\s+usage:\s*$|[A-Z][^.;]{1,60}; usage:\s*|[\w./-]{1,100}: usage:\s*)/i;
const LINES_LIMIT = 400;

/** Finds the synopses of a help text. */
export function findUsage(lines: readonly TextLine[]): UsageLines {
  for (const line of lines) {
    const match =
      ANNOUNCEMENT.exec(line.text) ??
      CAPITAL_ANNOUNCEMENT.exec(line.text) ??
      (line.indent <= 1 ? (LOOSE_ANNOUNCEMENT.exec(line.text) ?? LATE_ANNOUNCEMENT.exec(line.text)) : null);
    if (match === null || isInsideText(line, lines[line.index - 1])) continue;
    const behind = line.text.slice(match[0].length, match[0].length + 300);
    const text = behind.trim() === '' ? notationOf(lines[below(lines, line.index)]) : behind;
    // `Usage:` with nothing but a heading, or options with their texts, below it.
    if (behind.trim() === '' && (/^\s*[A-Z][\w ]{2,40}:$/.test(text) || LISTED_OPTION.test(text))) continue;
    const headed = behind.trim() === '' ? headedForms(lines, line) : undefined;
    if (headed !== undefined) return headed;
    if (!isSentence(` ${text}`)) return announced(lines, line, match[0].length);
  }
  return qualified(lines) ?? unannounced(lines);
}

/** The line below another, or behind an empty line or two. */
function below(lines: readonly TextLine[], index: number): number {
  let at = index + 1;
  while (lines[at]?.blank && at < index + 3) at++;
  return at;
}

/** `-q: be quiet`: an entry of a list. */
const LISTED_OPTION = /^--?\w[\w-]{0,60}(?: <?\w{1,40}>?)?: [A-Za-z]/;

/** `Basic usage:`, `First way of usage:`: a heading with the word among others. */
const QUALIFIED_HEADING = /^\s*[A-Z][\w-]{0,30} (?:[a-z]{1,30} ){0,3}usage(?: [a-z]{1,30}){0,2}:\s*$/;

/** Synopses in notation below headings such as `Basic usage:`, where no other heading announces them; undefined where there are none. */
function qualified(lines: readonly TextLine[]): UsageLines | undefined {
  const found = lines.flatMap((line) => {
    const below = lines[line.index + 1];
    const isAbove =
      QUALIFIED_HEADING.test(line.text.slice(0, 200)) &&
      below !== undefined &&
      below.indent > line.indent &&
      /^\s*[\w./-]+ .*[[<]/.test(below.text.slice(0, 300));
    return isAbove ? [announced(lines, line, line.text.length)] : [];
  });
  if (found.length === 0) return undefined;
  const taken = new Set(found.flatMap((usage) => [...usage.taken]));
  return { forms: found.flatMap(({ forms }) => forms), taken, announced: true, isPath: false };
}

/** What a line has in front of a text: `tiffin -q   -- be quiet`. */
function notationOf(line: TextLine | undefined): string {
  const text = line?.text.trim().slice(0, 300) ?? '';
  return /^.*?(?=\s{2,}|\t| --? )/.exec(text)?.[0] ?? text;
}

/** So deep, right below another line, stands the text of an entry. */
const TEXT_COLUMN = 12;

function isInsideText(line: TextLine, before: TextLine | undefined): boolean {
  return line.indent >= TEXT_COLUMN && before !== undefined && !before.blank;
}

/** A heading over some of the synopses: `Planning mode (default):` */
const SUBHEADING = /^\s*[A-Z][^.[\]<>|]{2,60}:$/;

/**
 * Synopses below headings of their own, between which sentences may stand: they begin with the word that begins the first of them. Undefined
 * where no heading stands first.
 */
function headedForms(lines: readonly TextLine[], line: TextLine): UsageLines | undefined {
  const at = below(lines, line.index);
  const heading = lines[at];
  const first = lines[at + 1];
  if (heading === undefined || first === undefined || !SUBHEADING.test(heading.text)) return undefined;
  if (first.blank || first.indent <= heading.indent || first.text[first.first] === '-') return undefined;
  const program = firstWord(first, first.first);
  const forms: UsageForm[] = [];
  const taken = new Set([line.index]);
  for (let i = at; i < lines.length && i < line.index + LINES_LIMIT; i++) {
    const next = lines[i];
    if (next === undefined || next.blank) break;
    if (next.indent !== first.indent || firstWord(next, next.first) !== program) continue;
    forms.push({ pieces: [{ line: next, start: next.first, end: withoutText(next, next.first) }] });
    taken.add(next.index);
  }
  // One synopsis is one: that the first word comes again shows that it is the program.
  return forms.length < 2 ? undefined : { forms, taken, announced: true, isPath: false };
}

function announced(lines: readonly TextLine[], line: TextLine, afterMark: number): UsageLines {
  const taken = new Set([line.index]);
  const body: TextPiece[] = [];
  if (afterMark < line.text.length) body.push({ line, start: afterMark, end: line.text.length });
  // `Usage:` alone: the synopses may stand behind an empty line.
  let i = body.length === 0 ? below(lines, line.index) : line.index + 1;
  for (; i < lines.length && i < line.index + LINES_LIMIT; i++) {
    const next = lines[i];
    if (next === undefined || next.blank) break;
    if (body.length > 0 && /^\s*or:?\s*$/i.test(next.text)) {
      taken.add(next.index);
      continue;
    }
    if (!continuesUsage(next, line, body, afterMark)) break;
    taken.add(next.index);
    body.push({ line: next, start: next.first, end: next.text.length });
  }
  for (const later of laterForms(lines, body, i)) {
    taken.add(later.index);
    body.push({ line: later, start: later.first, end: later.text.length });
  }
  return { forms: splitForms(body), taken, announced: true, isPath: false };
}

/**
 * Further synopses below the text of the first: `tiffin box [--late] <day>`, a paragraph deeper than it, and `tiffin round <day>`. They stand
 * at the indentation of the first, begin with its first word and go on in notation; what is no deeper than they are ends them.
 */
function laterForms(lines: readonly TextLine[], body: readonly TextPiece[], from: number): TextLine[] {
  const [opening] = body;
  if (opening === undefined || opening.start !== opening.line.first || opening.line.indent === 0) return [];
  const program = firstWord(opening.line, opening.start);
  const found: TextLine[] = [];
  for (let i = from; i < lines.length && i < from + LINES_LIMIT; i++) {
    const line = lines[i];
    if (line === undefined || line.blank) continue;
    if (line.indent > opening.line.indent) {
      // More of a synopsis stands right below it, in notation.
      const isMore =
        found.at(-1)?.index === line.index - 1 && /^(?:[[<{|]|--?\w|\.{3})/.test(line.text.slice(line.first));
      if (isMore) found.push(line);
      continue;
    }
    const isForm = line.indent === opening.line.indent && firstWord(line, line.first) === program;
    if (!isForm || !/[[<{]|\s--?\w/.test(line.text.slice(0, 300))) break;
    found.push(line);
  }
  return found;
}

/** Words in a row, as a notice has them and no synopsis. */
function isSentence(text: string): boolean {
  return !/[[<{|]|\s--?\w/.test(text) && /(?:\s[a-z]+){4}/.test(text);
}

/** What a program can be called. */
function isName(word: string): boolean {
  return /^[\w./-]*\w$/.test(word) && !word.startsWith('-');
}

function splitForms(body: readonly TextPiece[]): UsageForm[] {
  const forms: TextPiece[][] = [];
  const first = body[0];
  if (first === undefined) return [];
  const program = firstWord(first.line, markEnd(first.line, first.start));
  const programs = new Set(
    body.map(({ line, start }) => firstWord(line, markEnd(line, start))).filter(isName),
  );
  for (const piece of body) {
    const or = ANOTHER_FORM.exec(piece.line.text.slice(0, piece.end));
    const isOther = or !== null && or[0].length > piece.start;
    const start = markEnd(piece.line, isOther ? or[0].length : piece.start);
    const text = {
      line: piece.line,
      start,
      end: withoutText(piece.line, start),
    };
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
    if (forms.length === 0 || isOther || isName || firstWord(piece.line, start) === program)
      forms.push([text]);
    else forms.at(-1)?.push(text);
  }
  return withoutAlignedTexts(forms).map((pieces) => ({ pieces }));
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

/** Passes over a shell prompt in front of a synopsis, and over what it is for: `All boxes: tiffin --all`. */
function markEnd(line: TextLine, start: number): number {
  const prompt = /^(?:[$%>▸❯»→]|\d\.|[A-Z][a-z]*(?: [a-z]+){0,6}:)\s+(?=\S)/.exec(
    line.text.slice(start, start + 80),
  );
  return start + (prompt?.[0].length ?? 0);
}

/** A synopsis may have a text behind a gutter (`tiffin list    list the boxes`). */
function withoutText(line: TextLine, start: number): number {
  const match = /\S(?:\s{3,}(?=[A-Za-z][a-z']* [a-z])|\s{2}(?=[a-z]+ (?:[a-z]+|<\w+>) [a-z<]))/.exec(
    line.text.slice(start),
  );
  const end = match === null ? line.text.length : start + match.index + 1;
  // `tiffin open BOX (same as tiffin box open BOX)`
  const text = line.text.slice(start, end);
  const remark =
    MARKED_TEXT.exec(text) ??
    /\s\((?:same as|see|e\.g\.|for example)\s/i.exec(text) ??
    SENTENCE_BEHIND.exec(text);
  return remark === null ? end : start + remark.index;
}

/** `tiffin -q   -- be quiet` */
const MARKED_TEXT = /(?<=\S)(?: {2,}|\t\s*)--? +(?=[A-Za-z]+ [a-z])/;

/** `tiffin [BOX]   <-Shows a box`, `tiffin [BOX] Show a box` */
const SENTENCE_BEHIND = / {2}<-\s?[A-Z]|(?<=[\])>]) (?=[A-Z][a-z]+(?: [a-z-]+){1,8}$)/;

/** A prompt, or a symbol in its place, and a command line in notation: `$ tiffin box [--late] <day>`, `▲ tiffin [options] <day>`. */
const PROMPTED = /^\s*(?:\$|(?!\p{ASCII})\p{So}) [\w./-]+ .*[[<]/u;

/** A synopsis behind a prompt, below a title. */
function prompted(lines: readonly TextLine[]): UsageLines {
  const line = lines.find(({ text }) => PROMPTED.test(text.slice(0, 300)));
  if (line === undefined || line.index > PROMPT_LIMIT) return amongSentences(lines);
  const start = line.first + 2;
  const piece = { line, start, end: withoutText(line, start) };
  return { forms: [{ pieces: [piece] }], taken: new Set([line.index]), announced: false, isPath: false };
}

function amongSentences(lines: readonly TextLine[]): UsageLines {
  const found = bareSynopses(lines);
  if (found.length === 0) return NONE;
  return {
    forms: found.map((line) => ({ pieces: [{ line, start: line.first, end: line.text.length }] })),
    taken: new Set(found.map(({ index }) => index)),
    announced: false,
    isPath: false,
  };
}

/** A synopsis with a prompt stands among the first lines. */
const PROMPT_LIMIT = 6;

/** `tiffin box` alone, above lines such as `  tiffin box list   list them`. */
function isPathOfCommands(line: TextLine, lines: readonly TextLine[]): boolean {
  const path = line.text.trim();
  if (!/^[\w.-]{1,60}(?: [a-z][\w:.-]{0,60}){1,4}$/.test(path)) return false;
  return lines.some(({ indent, text, first }) => indent > line.indent && text.startsWith(`${path} `, first));
}

/** What a program says that does not know the option for help, above its synopsis. */
export const REFUSAL =
  /\b(?:(?:invalid|illegal|unknown|unrecogni[sz]ed|unexpected|unsupported|bad|no such) (?:(?:command[- ]line )?(?:option|switch|flag)|argument)|(?:can ?not|can't|could not|unable to) (?:interpret|understand|recogni[sz]e|parse) (?:the )?(?:option|switch|flag|argument))\b/i;

/** A path, and behind it nothing but placeholders in brackets; or the placeholder for the options, and plain words behind it. */
const WHOLE_NOTATION =
  /^\s*[\w./-]+(?: [\w:-]+){0,5}(?:(?: (?:\[[^\][]{1,80}\]|<[^<>]{1,80}>)(?:\.{3})?)+| \[options?\](?: [\w-]+){1,8})\s*$/i;

/** A first line such as `tiffin [OPTION]... BOX` without a word before it. */
function unannounced(lines: readonly TextLine[]): UsageLines {
  const line = lines.find((candidate) => !candidate.blank && !REFUSAL.test(candidate.text.slice(0, 200)));
  if (line === undefined || line.index > 3) return prompted(lines);
  if (isPathOfCommands(line, lines)) {
    const piece = { line, start: line.first, end: line.text.length };
    return { forms: [{ pieces: [piece] }], taken: new Set([line.index]), announced: false, isPath: true };
  }
  if (!/^\s*[\w./-]+(?: [\w-]+){0,3} (?:\[[^\]]*\]|<[^>]*>|[A-Z]{3,}\b)/.test(line.text.slice(0, 300)))
    return prompted(lines);
  // `Tiffin CLI 2.0.1`
  if (/ v?\d+(?:\.\d+)+$/.test(line.text.slice(0, 300))) return prompted(lines);
  // Three plain words in a row are a sentence, and two at its end, unless all of the line is notation.
  const isNotation = WHOLE_NOTATION.test(line.text.slice(0, 300));
  if (
    !isNotation &&
    /(?:\s[a-z]+){3}\b|[A-Z]{2,}\b[^<[{|]*(?: [A-Za-z]?[a-z]+){2}$/.test(line.text.slice(0, 300))
  )
    return prompted(lines);
  const pieces = [{ line, start: line.first, end: withoutText(line, line.first) }];
  // `[DAY]` in the next line: more of it.
  for (
    let next = lines[line.index + 1];
    next !== undefined && /^\s*[[<]\w/.test(next.text);
    next = lines[next.index + 1]
  )
    pieces.push({ line: next, start: next.first, end: withoutText(next, next.first) });
  const more = isNotation ? furtherForms(lines, pieces) : [];
  return {
    forms: [{ pieces }, ...more.map((piece) => ({ pieces: [piece] }))],
    taken: new Set([...pieces, ...more].map((piece) => piece.line.index)),
    announced: false,
    isPath: false,
  };
}

/** `tiffin box` */
const NAME_AND_COMMAND = /^\s*[\w./-]+ [a-z][\w:-]*\s*$/;

/** Right below a synopsis without a word before it, others of the same program: `tiffin debug [<day>]`, `tiffin reset`. */
function furtherForms(lines: readonly TextLine[], above: readonly TextPiece[]): TextPiece[] {
  const [first] = above;
  const last = above.at(-1);
  if (first === undefined || last === undefined) return [];
  const program = firstWord(first.line, first.start);
  const further: TextPiece[] = [];
  for (let i = last.line.index + 1; i < lines.length; i++) {
    const next = lines[i];
    if (next === undefined || next.indent !== first.line.indent || firstWord(next, next.first) !== program)
      break;
    const text = next.text.slice(0, 300);
    if (!WHOLE_NOTATION.test(text) && !NAME_AND_COMMAND.test(text)) break;
    further.push({ line: next, start: next.first, end: next.text.length });
  }
  return further;
}

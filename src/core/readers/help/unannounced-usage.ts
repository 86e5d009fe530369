import { areBracketsBelow, bareSynopses } from './bare-synopses.ts';
import type { TextLine, TextPiece } from './text-line.ts';
import { firstWord } from './usage-continuation.ts';
import type { UsageLines } from './usage-found.ts';
import { withoutText } from './usage-text.ts';

const NONE: UsageLines = { forms: [], taken: new Set(), announced: false, isPath: false };
/** A prompt, or a symbol in its place, and a command line in notation: `$ tiffin box [--late] <day>`, `▲ tiffin [options] <day>`. */
const PROMPTED = /^\s*(?:\$|(?!\p{ASCII})\p{So}) [\w./-]+ .*[[<]/u;

/** What a log puts before a line: `2030-02-01T09:00:00Z pid=7 INFO: tiffin [options]`. */
const LOGGED =
  /^\d{4}-\d\d-\d\d\S* .{0,80}?\b(?:INFO|NOTICE|WARN|WARNING|ERROR|DEBUG)\b[:\]]{1,2} (?=[\w./-]+ [[<])/;

/** A synopsis behind a prompt or what a log puts before it, below a title. */
function prompted(lines: readonly TextLine[]): UsageLines {
  const line = lines.find(({ text }) => PROMPTED.test(text.slice(0, 300)) || LOGGED.test(text.slice(0, 300)));
  if (line === undefined || line.index > PROMPT_LIMIT) return amongSentences(lines);
  const start = LOGGED.exec(line.text.slice(0, 300))?.[0].length ?? line.first + 2;
  const piece = { line, start, end: withoutText(line, start) };
  return { forms: [{ pieces: [piece] }], taken: new Set([line.index]), announced: false, isPath: false };
}

function amongSentences(lines: readonly TextLine[]): UsageLines {
  const found = bareSynopses(lines);
  if (found.length === 0) return NONE;
  const forms = found.map((line) => ({ pieces: withBracketsBelow(line, lines) }));
  const taken = new Set(forms.flatMap(({ pieces }) => pieces.map(({ line }) => line.index)));
  return { forms, taken, announced: false, isPath: false };
}

/** A synopsis, and the lines of brackets right below it that are deeper. */
function withBracketsBelow(line: TextLine, lines: readonly TextLine[]): TextPiece[] {
  const pieces = [{ line, start: line.first, end: line.text.length }];
  for (let i = line.index + 1; i < lines.length; i++) {
    const next = lines[i];
    if (next === undefined || !areBracketsBelow(line, next)) break;
    pieces.push({ line: next, start: next.first, end: next.text.length });
  }
  return pieces;
}

/** A synopsis with a prompt stands among the first lines. */
const PROMPT_LIMIT = 6;

/** `tiffin box` alone, above lines such as `  tiffin box list   list them`. */
function isPathOfCommands(line: TextLine, lines: readonly TextLine[]): boolean {
  const path = line.text.trim();
  if (!/^[\w.-]{1,60}(?: [a-z][\w:.-]{0,60}){1,4}$/.test(path)) return false;
  return lines.some(({ indent, text, first }) => indent > line.indent && text.startsWith(`${path} `, first));
}

/** What a program says above its synopsis that does not know the option for help or misses something, and what it proposes. */
export const REFUSAL =
  /^[\s*!]*(?:error|fatal|tip|hint): |\bdid you mean\b|\b(?:(?:invalid|illegal|unknown|unrecogni[sz]ed|unexpected|unsupported|bad|no such) (?:(?:command[- ]line )?(?:option|switch|flag)|argument)|(?:can ?not|can't|could not|unable to) (?:interpret|understand|recogni[sz]e|parse) (?:the )?(?:option|switch|flag|argument))\b/i;

/** A path, and behind it nothing but placeholders in brackets; or the placeholder for the options, and plain words behind it. */
const WHOLE_NOTATION =
  /^\s*[\w./-]+(?: [\w:-]+){0,5}(?:(?: (?:\[[^\][]{1,80}\]|<[^<>]{1,80}>)(?:\.{3})?)+| \[options?\](?: [\w-]+){1,8})\s*$/i;

/** Words, and behind them what may be left out, options of which one is to be given, or a placeholder. */
const BEGINNING =
  /^\s*[\w./-]+(?: [\w-]+){0,3} (?:\[[^\]]*\]|[({]-[^{}()]*\||\{[A-Z]+\}|<[^>]*>|[A-Z]{3,}\b)/;
/** `tiffin --lid /path/of/lid --day noon [box]`: options with their values up to a bracket at the end. */
const WITH_OPTIONS =
  /^\s*[\w./-]+(?: --?[a-z][\w-]*(?:[ =][^\s[\]-][^\s[\]]*)?){1,8} \[[^\][]{1,80}\](?:\.{3})?\s*$/;

/** A first line such as `tiffin [OPTION]... BOX` without a word before it. */
export function unannounced(lines: readonly TextLine[]): UsageLines {
  const line = lines.find((candidate) => !candidate.blank && !REFUSAL.test(candidate.text.slice(0, 200)));
  if (line === undefined || line.index > 3) return prompted(lines);
  if (isPathOfCommands(line, lines)) {
    const piece = { line, start: line.first, end: line.text.length };
    return { forms: [{ pieces: [piece] }], taken: new Set([line.index]), announced: false, isPath: true };
  }
  if (!BEGINNING.test(line.text.slice(0, 300)) && !WITH_OPTIONS.test(line.text.slice(0, 300)))
    return prompted(lines);
  // `Carrying boxes of the RIVER`
  if (
    /^\s*[A-Z][a-z]+ (?:[\w-]+ ){0,3}(?:of|the|an?|on|for|to|with|and|from|in|by) [^[\](){}<>|]*$/.test(
      line.text.slice(0, 300),
    )
  )
    return prompted(lines);
  // `------ boxes of the DAY`: a rule, and no program.
  if (/^\s*[-./]+\s/.test(line.text)) return prompted(lines);
  // `TIFFIN HELP`
  if (/^[^a-z[<]+$/.test(line.text.slice(0, 300))) return prompted(lines);
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

import { type Fact, inferred, stated } from '../../model/fact.ts';
import type { CleanedText } from './cleaned-text.ts';
import { findNameLine, TITLE_LINES } from './name-line.ts';
import { TextFlow } from './text-flow.ts';
import type { TextLine } from './text-line.ts';
import { REFUSAL } from './unannounced-usage.ts';
import type { UsageSummary } from './usage.ts';

/** What the lines around the synopses say of the program as a whole. */
export interface Title {
  readonly program: Fact<string> | undefined;
  readonly version: Fact<string> | undefined;
  readonly summary: Fact<string> | undefined;
  readonly bugAddress: Fact<string> | undefined;
}

const NAME_AND_VERSION =
  /^([A-Za-z][\w.+-]{0,60})(?:[ /@]| version | v)v?(\d{1,6}(?:\.\w{1,20}){1,5}\S{0,40})\b/;
/** `libtiffin version 1.4 (with lids)`, `tiffin, 2.17.0 (September), by the quay`, `tiffin 2.0 27 Jan`: a version, and no word of what it is. */
const VERSION_ALONE =
  /^\s*(?:version:|(?:this is )?[A-Za-z][\w.+-]{0,60}(?:[ /]|,? version |, | v))\s*v?\d{1,6}(?:\.\w{1,20}){1,5}(?:\s+[[(][^\])]{0,80}[\])]|\s+\d{1,2} [A-Z]\w{2,8} \d{4})*(?:, by .{1,200})?[,.]?\s*$/i;
/** Whose a program is and what may be done with it: a paragraph that does not say what it does. */
const RIGHTS =
  /^\s*(?:copyright\b|\(c\) |©|all rights reserved|licen[sc]ed? (?:under|by)\b|this (?:program |software )?is free software\b|there is no warranty\b|\S+ (?:\S+ )?(?:comes with absolutely no warranty|is provided "as is")\b)/i;
/** `Common options`, above which no summary stands. */
const LIST_HEADING = /^\s*(?:[A-Z][\w-]* ){0,3}(?:options|commands|arguments|parameters|flags)\s*$/i;
const USAGE_OF = /^Usage of (?:\S{0,200}\/)?([^\s/:"]{1,60}):$/;
const BUG_ADDRESS = /\b(?:report|send) (?:[a-z]+ )?bugs? (?:reports? )?(?:to|at|by)\b:?\s*(\S[^\n]{0,200})/i;

/** Reads the name, version and summary from the first lines, and the address for bugs from the last ones. */
export function readTitle(lines: readonly TextLine[], cleaned: CleanedText, usage: UsageSummary): Title {
  const firstLine = lines.find((line) => !line.blank);
  let program: Fact<string> | undefined;
  let version: Fact<string> | undefined;
  if (firstLine !== undefined && !usage.lines.taken.has(firstLine.index)) {
    const text = firstLine.text.trim();
    const place = cleaned.span(firstLine.start + firstLine.first, firstLine.start + firstLine.text.length);
    const match = NAME_AND_VERSION.exec(text);
    const name = match?.[1] ?? USAGE_OF.exec(text)?.[1];
    program = name === undefined ? undefined : inferred(name, place);
    version = match?.[2] === undefined ? undefined : inferred(match[2], place);
  }
  return {
    program,
    version,
    summary: readNameSection(lines, cleaned) ?? readSummary(lines, cleaned, usage, version !== undefined),
    bugAddress: readBugAddress(lines, cleaned),
  };
}

/** The summary below the heading `NAME` of a manual page; undefined where there is none. */
function readNameSection(lines: readonly TextLine[], cleaned: CleanedText): Fact<string> | undefined {
  const found = findNameLine(lines);
  if (found === undefined) return undefined;
  const { line: first, summaryStart } = found;
  const from = first.index;
  const to = lines.findIndex((line, i) => i > from && (line.blank || line.indent < first.indent));
  const pieces = lines
    .slice(from, to < 0 ? undefined : to)
    .map((line) => ({ line, start: line === first ? summaryStart : line.first, end: line.text.length }));
  const flow = new TextFlow(cleaned, pieces);
  return stated(flow.text, flow.place);
}

/** The first paragraph of prose before or after the synopses. */
function readSummary(
  lines: readonly TextLine[],
  cleaned: CleanedText,
  usage: UsageSummary,
  hasVersionLine: boolean,
): Fact<string> | undefined {
  let skipsFirst = hasVersionLine;
  let isOfRights = false;
  const paragraph: TextLine[] = [];
  for (const line of lines.slice(0, TITLE_LINES)) {
    const isProse =
      !line.blank && !usage.lines.taken.has(line.index) && !REFUSAL.test(line.text.slice(0, 200));
    if (!isProse) {
      if (paragraph.length > 0) break;
      isOfRights = false;
      continue;
    }
    isOfRights ||= paragraph.length === 0 && RIGHTS.test(line.text.slice(0, 100));
    if (isOfRights) continue;
    if (skipsFirst) {
      skipsFirst = false;
      continue;
    }
    if (paragraph.length === 0 && VERSION_ALONE.test(line.text.slice(0, 300))) continue;
    if (LIST_HEADING.test(line.text.slice(0, 100))) break;
    const text = line.text.trim();
    // `box:  the box to open`, `* open the box`: an entry of a list.
    if (/^(?:[-+[]|[*•] \w)/.test(text) || /:$/.test(text) || / {3,}|\t|^[\w-]+: {2}/.test(text)) break;
    paragraph.push(line);
  }
  const flow = new TextFlow(
    cleaned,
    paragraph.map((line) => ({
      line,
      start: line.first,
      end: line.text.length,
    })),
  );
  return flow.text.includes(' ') ? stated(flow.text, flow.place) : undefined;
}

function readBugAddress(lines: readonly TextLine[], cleaned: CleanedText): Fact<string> | undefined {
  for (const line of lines) {
    if (!/bug/i.test(line.text)) continue;
    const match = BUG_ADDRESS.exec(line.text.slice(0, 400));
    if (match === null) continue;
    const start = line.start + match.index;
    return stated((match[1] ?? '').trim(), cleaned.span(start, start + match[0].length));
  }
  return undefined;
}

import type { Problem } from '../../source/problem.ts';
import type { Place, Source } from '../../source/source.ts';
import { isMdoc } from './is-manual.ts';
import { ManMacros } from './man-macros.ts';
import { MdocMacros } from './mdoc-macros.ts';
import type { PageSection } from './page-builder.ts';
import { type PageFacts, pageFacts } from './page-facts.ts';
import { PageReading } from './page-reading.ts';
import { carryOutRequest, isRequest } from './requests.ts';
import { Table } from './tables.ts';

/** The longest page that is read, in UTF-16 units. */
const TEXT_LIMIT = 16 * 1024 * 1024;

/** What a manual page prints, and what its sections tell. */
export interface ManualPage {
  /** Its text as a formatter would print it, which knows where it stands. */
  readonly text: Source;
  /** What it is about, by its first section. */
  readonly names: readonly string[];
  readonly facts: PageFacts;
}

/** A page, unless the source could not be used, and what went wrong. */
export interface PageResult {
  readonly page: ManualPage | undefined;
  readonly problems: readonly Problem[];
}

/** Reads the source of a manual page in man(7) or mdoc(7) into the text that it prints, with marks around what its fonts show to stand for something else. */
export function readPage(source: Source): PageResult {
  if (source.text.length > TEXT_LIMIT) {
    const message = `a manual page can have at most ${TEXT_LIMIT} characters, this has ${source.text.length}`;
    return unusable(source, 'text-too-long', message, null);
  }
  const marked = readLines(source, true);
  const reading = marked.marks.areNeedless ? readLines(source, false) : marked;
  const text = reading.page.build();
  const { sections, tags } = reading.page;
  const [included] = reading.included;
  if (sections.length === 0 && included !== undefined) {
    const message = `expected a page, this stands for another one; give '${included.text.trim()}' instead`;
    return unusable(source, 'page-elsewhere', message, placeOf(source, included));
  }
  const names = namesOf(text, sections[0], reading.title?.name);
  return { page: { text, names, facts: pageFacts(text, sections, tags) }, problems: problemsOf(reading) };
}

/** Reads the lines of a page to its end; with marks around the names that stand for something else, or without. */
function readLines(source: Source, marksPlaceholders: boolean): PageReading {
  const reading: PageReading = new PageReading(
    source,
    marksPlaceholders,
    (name) => isRequest(name) || macros.has(name),
  );
  const macros = isMdoc(source.text) ? new MdocMacros(reading) : new ManMacros(reading);
  let table: Table | undefined;
  for (let event = reading.lines.next(); event !== undefined; event = reading.lines.next()) {
    if (event.kind === 'text') (table ?? macros).text(event.line);
    else if (event.name === 'TS') table = new Table(reading);
    else if (event.name === 'TE') {
      table?.end(event.at);
      table = undefined;
    } else if (table !== undefined) table.macro(event.name);
    else if (!macros.call(event) && !carryOutRequest(event, reading))
      reading.unknown.set(event.name, reading.unknown.get(event.name) ?? event.rest);
  }
  // What a table makes of itself stands at the last character of a page that does not end it, and the line end behind it right after.
  table?.end(Math.max(0, source.text.length - 1));
  return reading;
}

/** The names of what a page is about: those of its first section, `ferrylog, ferryls - keep a log`, or that of its title. */
function namesOf({ text }: Source, section: PageSection | undefined, title = ''): string[] {
  const [line = ''] = text.slice(section?.start, section?.end).trimStart().split('\n', 1);
  const said = /^(.*?)\s+(?:-{1,3}|[–—−])\s/.exec(line)?.[1] ?? '';
  const names = said.split(',').map((name) => name.trim());
  if (said !== '') return names;
  return title === '' ? [] : [title === title.toUpperCase() ? title.toLowerCase() : title];
}

function problemsOf({ source, unknown, lines, included }: PageReading): Problem[] {
  const problems: Problem[] = [];
  const partly = (code: string, message: string, place: Place) =>
    problems.push({ code, message, place, source: source.name, consequence: 'partly-read' });
  const [first] = unknown;
  if (first !== undefined) {
    const others = unknown.size === 1 ? '' : ` and ${unknown.size - 1} more`;
    const message = `expected macros of man or mdoc, found '${first[0]}'${others}; their lines are left out`;
    partly('macro-unknown', message, placeOf(source, first[1]));
  }
  for (const file of included.slice(0, 1))
    partly(
      'page-included',
      `the page takes in '${file.text.trim()}', which is not read; give that file too if it describes options`,
      placeOf(source, file),
    );
  if (lines.stopped !== undefined)
    partly(
      'too-many-lines',
      'the macros of the page come to more lines than a page has; the rest is left out',
      { source, start: lines.stopped.at, end: lines.stopped.at },
    );
  return problems;
}

function placeOf(
  source: Source,
  { at, text, isExact }: { at: number; text: string; isExact: boolean },
): Place {
  return { source, start: at, end: isExact ? at + text.length : at };
}

function unusable(source: Source, code: string, message: string, place: Place): PageResult {
  const problem = { code, message, place, source: source.name, consequence: 'unusable' } as const;
  return { page: undefined, problems: [problem] };
}

import { stated } from '../../model/fact.ts';
import type { ExitStatus } from '../../model/interface.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { Section } from './headings.ts';
import { TextFlow } from './text-flow.ts';
import { findWordEntries } from './word-entries.ts';

/** A status or a range of them: `2`, `1-125`, `64..78`, `>0`. */
const STATUS = /^(>\s?)?(\d{1,3})(?:\s?(?:-|\.\.|–|to)\s?(\d{1,3}))?:?$/;

/** The greatest status that a parent process is told of (POSIX `wait`). */
const GREATEST = 255;

/** Reads the exit statuses that the lines of a section list with their texts. */
export function readExitStatuses(section: Section, cleaned: CleanedText): ExitStatus[] {
  return findWordEntries(section.lines).flatMap(({ line, start, end, pieces }) => {
    const left = line.text.slice(start, end).trimEnd();
    const [, above, first, last = first] = STATUS.exec(left) ?? [];
    const from = above === undefined ? Number(first) : Number(first) + 1;
    const to = above === undefined ? Number(last) : GREATEST;
    if (first === undefined || from > to || to > GREATEST) return [];
    const at = line.start + start;
    const flow = new TextFlow(cleaned, pieces);
    const help = flow.text === '' ? undefined : stated(flow.text, flow.place);
    return [{ from, to, help, place: cleaned.span(at, at + left.length) }];
  });
}

import type { AuditView } from '../../audit-view.ts';
import { countOf } from '../../messages/wording.ts';
import { observedRuns } from '../../observations/observed-runs.ts';
import type { Source, Span } from '../../source/source.ts';
import { textWidth } from '../../source/text-width.ts';
import { type Departure, defineCheck } from '../define-check.ts';

/** The columns of a terminal that every program may count on. */
const COLUMNS = 80;

/** How many wide lines a finding points at besides the first. */
const RELATED = 3;

/** One finding for each help output with lines wider than the terminal that it was printed for. */
export const tooWide = defineCheck({
  name: 'help/too-wide',
  level: 'note',
  title: 'Lines of the help are wider than the terminal',
  why: 'The terminal breaks such lines in the middle of words, and the columns of the list fall apart.',
  standard: 'practice',
  needs: [`help output that was printed for ${COLUMNS} columns`],
  since: 4,
  examples: {
    wrong: observed(
      '  --late        show the boxes that came after noon, and the quays at which they were left behind\n',
    ),
    right: observed(
      '  --late        show the boxes that came after noon, and the quays\n                at which they were left behind\n',
    ),
    nearMiss: observed(
      '  --late        show the boxes that came after noon, and the quays at which they were left behind\n',
      120,
    ),
  },
  judge(view, report) {
    for (const { text, path, width } of printedHelps(view)) {
      const wide = wideLines(text);
      const [first, ...others] = wide;
      if (first !== undefined && width === undefined && isWrapped(text) && wide.every(isUnwrapped)) {
        report.judged();
        report.finding(findingAt(path, wide));
        continue;
      }
      if (first !== undefined && width === undefined) {
        report.notJudged({
          command: path,
          count: wide.length,
          reason: 'for how many columns the help was printed',
          remedy: `capture the program with --width=${COLUMNS} --probe`,
          place: first.place,
        });
      } else if (first === undefined || width === COLUMNS) report.judged();
      if (first === undefined || width !== COLUMNS) continue;
      report.finding(findingAt(path, [first, ...others]));
    }
  },
  message: ({ lines, widest }: { lines: number; widest: number }) =>
    `${countOf(lines, 'line')} of the help ${lines === 1 ? 'is' : 'are'} wider than ${COLUMNS} columns; the widest has ${widest}`,
  fix: () => `wrap the texts at the terminal's width, or at ${COLUMNS} columns`,
});

interface WideLine {
  readonly place: Span;
  readonly width: number;
}

function findingAt(
  path: readonly string[],
  wide: readonly WideLine[],
): Departure<{ lines: number; widest: number }> {
  const [first, ...others] = wide;
  return {
    command: path,
    subject: 'lines',
    data: { lines: wide.length, widest: wide.reduce((most, { width }) => Math.max(most, width), 0) },
    place: first?.place ?? null,
    related: others.slice(0, RELATED).map(({ place }) => ({ place, note: 'and here' })),
  };
}

/** A line that somebody wrapped by hand may be a little longer; one that is so much longer was not wrapped. */
const SLACK = 20;

/** Whether a line of an entry goes on far behind the margin, with words that could have been wrapped. */
function isUnwrapped({ place: { source, start, end }, width }: WideLine): boolean {
  const line = source.text.slice(start, end);
  const isEntry = /^ {1,12}-\S.*\S {2,}\S|^ {12,}\S/.test(line.slice(0, COLUMNS));
  return isEntry && width > COLUMNS + SLACK && !/\S{40}/.test(line);
}

/** How many lines must end near the margin, so that a text counts as wrapped there. */
const MIN_WRAPPED = 2;

/** Whether a text of which nobody knows the width is wrapped at 80 columns, but for a line or two. */
function isWrapped({ text }: Source): boolean {
  const lines = text.split('\n');
  const widths = lines.map(textWidth);
  const near = widths.filter((width) => width > COLUMNS - SLACK && width <= COLUMNS).length;
  const over = widths.filter((width) => width > COLUMNS).length;
  // Lines that go on below at the column of their text.
  const isContinued = lines.some(
    (line, i) => i > 0 && /^ {12,}\S/.test(line) && /\S/.test(lines[i - 1] ?? ''),
  );
  return near >= MIN_WRAPPED && over <= 2 && isContinued;
}

interface PrintedHelp {
  readonly text: Source;
  readonly path: readonly string[];
  readonly width: number | undefined;
}

/** The help outputs among the sources, and those of observed runs. */
function printedHelps(view: AuditView): PrintedHelp[] {
  const sources = view.interface.sources.filter(({ kind }) => kind === 'help');
  const runs = observedRuns(view.interface).filter(
    ({ kind, observation }) => /help$/.test(kind) && observation.exitStatus === 0,
  );
  return [
    ...sources.map(({ source, command, width }) => ({ text: source, path: command, width })),
    ...runs.map(({ at, observation }) => ({
      text: observation.standardOutput,
      path: at.path,
      width: observation.width,
    })),
  ];
}

function wideLines(source: Source) {
  let start = 0;
  return source.text.split('\n').flatMap((line) => {
    const place = { source, start, end: start + line.length };
    start += line.length + 1;
    const width = textWidth(line);
    return width > COLUMNS ? [{ place, width }] : [];
  });
}

/** A document with the observation of a run that printed help. */
function observed(list: string, width = COLUMNS): string {
  const text = `Usage: tiffin [OPTION]...\n\n${list}`.trimEnd().replace(/^/gm, '      ');
  return `dabbawala: 1\nprogram: tiffin\nobservations:\n  - words: [--help]\n    exit-status: 0\n    width: ${width}\n    standard-output: |\n${text}\n    standard-error: ""\n`;
}

import type { AuditView } from '../../audit-view.ts';
import { countOf } from '../../messages/wording.ts';
import { observedRuns } from '../../observations/observed-runs.ts';
import type { Source } from '../../source/source.ts';
import { textWidth } from '../../source/text-width.ts';
import { defineCheck } from '../define-check.ts';

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
      report.finding({
        command: path,
        subject: 'lines',
        data: { lines: wide.length, widest: wide.reduce((most, { width }) => Math.max(most, width), 0) },
        place: first.place,
        related: others.slice(0, RELATED).map(({ place }) => ({ place, note: 'and here' })),
      });
    }
  },
  message: ({ lines, widest }: { lines: number; widest: number }) =>
    `${countOf(lines, 'line')} of the help ${lines === 1 ? 'is' : 'are'} wider than ${COLUMNS} columns; the widest has ${widest}`,
  fix: () => `wrap the texts at the terminal's width, or at ${COLUMNS} columns`,
});

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

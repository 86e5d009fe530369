import { commandLine, type ObservedRun, observedRuns, type RunKind } from '../observations/observed-runs.ts';
import type { Place } from '../source/source.ts';
import { type Check, type CheckInfo, defineCheck } from './define-check.ts';

interface ObservedCheck extends Omit<CheckInfo, 'needs' | 'since' | 'examples'> {
  readonly kinds: readonly RunKind[];
  /** Whether a run departs, and where that shows; undefined where it does not. */
  readonly departs: (run: ObservedRun) => { readonly place: Place } | undefined;
  readonly message: (line: string) => string;
  readonly mend: string;
  readonly examples: Readonly<Record<'wrong' | 'right' | 'nearMiss', Observed>>;
}

/** An observed run as an example tells it. */
export interface Observed {
  readonly words: string;
  readonly status: number;
  readonly output?: string;
  readonly error?: string;
  readonly milliseconds?: number;
  readonly parsing?: string;
}

/** Makes a check of what real runs showed: a finding for each run of a kind that departs, the first one for each command. */
export function observedCheck({ kinds, departs, message, mend, examples, ...info }: ObservedCheck): Check {
  return defineCheck<{ line: string }>({
    ...info,
    needs: ['observations of real runs, as a capture with --probe keeps them'],
    since: 3,
    examples: {
      wrong: exampleDocument(examples.wrong),
      right: exampleDocument(examples.right),
      nearMiss: exampleDocument(examples.nearMiss),
    },
    judge(view, report) {
      for (const run of observedRuns(view.interface)) {
        if (!kinds.includes(run.kind)) continue;
        report.judged();
        const departure = departs(run);
        if (departure === undefined) continue;
        const line = commandLine(run);
        const isShort = run.kind === 'short-help';
        report.finding({
          command: run.at.path,
          subject: run.observation.words.at(-1) ?? '',
          data: { line },
          place: departure.place,
          level: isShort ? 'note' : info.level,
        });
      }
    },
    message: ({ line }) => message(line),
    mend: () => mend,
  });
}

function exampleDocument({ words, status, output, error, milliseconds, parsing }: Observed): string {
  const lines = [
    'dabbawala: 1',
    'program: tiffin',
    ...(parsing === undefined ? [] : [`parsing: {${parsing}}`]),
    'options:',
    '  -q, --quiet: print nothing but errors',
    '  -h, --help: print this help, and exit',
    'observations:',
    `  - words: [${words}]`,
    `    exit-status: ${status}`,
    ...(milliseconds === undefined ? [] : [`    milliseconds: ${milliseconds}`]),
    ...(output === undefined ? [] : [`    standard-output: ${JSON.stringify(output)}`]),
    ...(error === undefined ? [] : [`    standard-error: ${JSON.stringify(error)}`]),
  ];
  return `${lines.join('\n')}\n`;
}

import { groupedBy } from '../collections/grouped.ts';
import { countOf } from '../messages/wording.ts';
import { commandLine, type ObservedRun, observedRuns, type RunKind } from '../observations/observed-runs.ts';
import type { Place } from '../source/source.ts';
import { type Check, type CheckId, type CheckInfo, defineCheck } from './define-check.ts';

/** How many runs a finding points at besides the first. */
const RELATED = 3;

/** A command line that shows a departure, and how many others do. */
type ObservedRuns = { readonly line: string; readonly others: number };

interface ObservedCheck<Name extends CheckId> extends Omit<CheckInfo<Name>, 'needs' | 'since' | 'examples'> {
  readonly kinds: readonly RunKind[];
  /** Whether a run departs, and where that shows; undefined where it does not. */
  readonly departs: (run: ObservedRun) => { readonly place: Place } | undefined;
  readonly message: (line: string) => string;
  readonly fix: string;
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

/** Makes a check of what real runs showed: one finding for all runs of a kind that depart, at the first of them. */
export function observedCheck<const Name extends CheckId>({
  kinds,
  departs,
  message,
  fix,
  examples,
  ...info
}: ObservedCheck<Name>): Check<Name, ObservedRuns> {
  return defineCheck({
    ...info,
    needs: ['observations of real runs, as a capture with --probe keeps them'],
    since: 3,
    examples: {
      wrong: exampleDocument(examples.wrong),
      right: exampleDocument(examples.right),
      nearMiss: exampleDocument(examples.nearMiss),
    },
    judge(view, report) {
      const departing = observedRuns(view.interface).flatMap((run) => {
        if (!kinds.includes(run.kind)) return [];
        report.judged();
        const departure = departs(run);
        return departure === undefined ? [] : [{ run, place: departure.place }];
      });
      // A program answers alike at all its commands: what shows in many runs has one cause.
      const groups = groupedBy(departing, ({ run }) => (run.kind === 'short-help' ? 'note' : info.level));
      for (const [level, [first, ...others]] of groups) {
        if (first === undefined) continue;
        report.finding({
          command: first.run.at.path,
          subject: first.run.observation.words.at(-1) ?? '',
          data: { line: commandLine(first.run), others: others.length },
          place: first.place,
          related: others.slice(0, RELATED).map(({ place }) => ({ place, note: 'and here' })),
          level,
        });
      }
    },
    message: ({ line, others }: ObservedRuns) =>
      others === 0 ? message(line) : `${message(line)}; ${countOf(others, 'other run')} did the same`,
    fix: () => fix,
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

import type { ExitStatus } from '../../model/interface.ts';
import { defineCheck } from '../define-check.ts';
import { interfacesTwice } from '../source-views.ts';
import { ToldOnce } from '../told-once.ts';

/** One finding for each source whose exit statuses leave some out that another source lists. */
export const statusMissing = defineCheck({
  name: 'sources/status-missing',
  level: 'warning',
  title: 'A source leaves out exit statuses that another has',
  why: 'Scripts branch on the statuses that their author read of; one that was not there is taken for success or for any failure.',
  standard: 'practice',
  needs: ['two sources that list exit statuses'],
  since: 9,
  examples: {
    wrong:
      'Usage: tiffin [-l]\n\n  -l  late boxes only\n\nExit status:\n  0  all is well\n  1  a box is lost\n',
    right:
      'Usage: tiffin [-l]\n\n  -l  late boxes only\n\nExit status:\n  0  all is well\n  1  a box is lost\n  2  a wrong option\n',
    nearMiss: 'Usage: tiffin [-l]\n\n  -l  late boxes only\n',
    beside:
      'dabbawala: 1\nprogram: tiffin\nexit-statuses: {0: all is well, 1: a box is lost, 2: a wrong option}\noptions: {-l: late boxes only}\n',
  },
  judge(view, report) {
    const told = new ToldOnce();
    for (const { first, second, called } of interfacesTwice(view)) {
      if (first.exitStatuses.length === 0 || second.exitStatuses.length === 0) continue;
      report.judged();
      for (const [has, lacks, lacking, having] of [
        [first.exitStatuses, second.exitStatuses, called[1], called[0]],
        [second.exitStatuses, first.exitStatuses, called[0], called[1]],
      ] as const) {
        const missing = has
          .filter((status) => !lacks.some((other) => overlap(status, other)))
          .filter((status) => told.isNew(lacking, [], shown(status)));
        if (missing.length === 0) continue;
        report.finding({
          command: [view.interface.program.value],
          subject: shown(missing[0]),
          data: { statuses: missing.map(shown), lacking, having },
          place: lacks[0]?.place ?? null,
          related: [{ place: missing[0]?.place ?? null, note: `${having} has it here` }],
        });
      }
    }
  },
  message: (data: { statuses: readonly string[]; lacking: string; having: string }) =>
    `${data.lacking} leaves out the exit status ${data.statuses.join(', ')}, which ${data.having} has`,
  fix: () => 'add it, or take it out of the other',
});

/** Whether two statuses, or ranges of them, have one in common: `1` tells a part of what `1..125` does. */
function overlap(one: ExitStatus, other: ExitStatus): boolean {
  return one.from <= other.to && other.from <= one.to;
}

function shown(status: ExitStatus | undefined): string {
  if (status === undefined) return '';
  return status.from === status.to ? String(status.from) : `${status.from}..${status.to}`;
}

import { listNames } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';
import { interfacesTwice } from '../source-views.ts';
import { ToldOnce } from '../told-once.ts';

/** One finding for each source whose list of environment variables leaves some out that another source lists. */
export const variableMissing = defineCheck({
  name: 'sources/variable-missing',
  level: 'warning',
  title: 'A source leaves out environment variables that another has',
  why: 'A variable that one does not know of is set for another purpose, or missed where the program behaves in an unexpected way.',
  standard: 'practice',
  needs: ['two sources that list environment variables'],
  since: 9,
  examples: {
    wrong: 'Usage: tiffin [-l]\n\n  -l  late boxes only\n\nEnvironment:\n  TIFFIN_QUAY  where boxes go\n',
    right:
      'Usage: tiffin [-l]\n\n  -l  late boxes only\n\nEnvironment:\n  TIFFIN_QUAY  where boxes go\n  TIFFIN_DAY   the day\n',
    nearMiss: 'Usage: tiffin [-l]\n\n  -l  late boxes only\n',
    beside:
      'dabbawala: 1\nprogram: tiffin\nenvironment: {TIFFIN_QUAY: where boxes go, TIFFIN_DAY: the day}\noptions: {-l: late boxes only}\n',
  },
  judge(view, report) {
    const told = new ToldOnce();
    for (const { first, second, called } of interfacesTwice(view)) {
      if (first.environment.length === 0 || second.environment.length === 0) continue;
      report.judged();
      for (const [has, lacks, lacking, having] of [
        [first.environment, second.environment, called[1], called[0]],
        [second.environment, first.environment, called[0], called[1]],
      ] as const) {
        const known = new Set(lacks.map(({ name }) => name));
        const missing = has.filter(({ name }) => !known.has(name) && told.isNew(lacking, [], name));
        const [one] = missing;
        if (one === undefined) continue;
        report.finding({
          command: [view.interface.program.value],
          subject: one.name,
          data: { names: missing.map(({ name }) => name), lacking, having },
          place: lacks[0]?.place ?? null,
          related: [{ place: one.place, note: `${having} has it here` }],
        });
      }
    }
  },
  message: (data: { names: readonly string[]; lacking: string; having: string }) =>
    `${data.lacking} leaves out ${listNames(data.names)}, which ${data.having} lists`,
  fix: () => 'add it, or take it out of the other',
});

import { distance } from 'fastest-levenshtein';
import type { AuditView } from '../../audit-view.ts';
import { listNames, quoteName } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';
import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';

/** A finding for each completion script that says it is for other programs. */
export const otherProgram = defineCheck({
  name: 'completion/other-program',
  level: 'error',
  title: 'A completion script is bound to another program',
  why: 'The shell never calls it for this program. Completion seems to be there, and nothing happens.',
  standard: 'practice',
  needs: ['the completion script'],
  since: 7,
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT,
    completions: {
      wrong: ['#compdef tifin\n_arguments -q -s\n'],
      right: ['#compdef tiffin\n_arguments -q -s\n'],
      nearMiss: [fishScript(), '#compdef tiffin tiffin-2\n_arguments -q -s\n'],
    },
  },
  judge(view, report) {
    for (const { boundTo, program, shell } of view.misboundInventories) {
      const [first] = boundTo;
      report.judged();
      if (first === undefined) continue;
      report.finding({
        command: [view.interface.program.value],
        subject: first.text,
        data: { shell, program, bound: boundTo.map(({ text }) => text) },
        place: first.place,
        ...(isSure(view, first.text) ? {} : { level: 'note' }),
      });
    }
  },
  message: ({ shell, program, bound }: { shell: string; program: string; bound: readonly string[] }) =>
    `the completion script for ${shell} is bound to ${listNames(bound)}, not to ${quoteName(program)}`,
  fix: ({ program }) => `bind it to ${quoteName(program)}`,
});

/** Whether the name of the program is said by a document, or the other one is a slip for it: a help text may call its program otherwise than people do. */
function isSure(view: AuditView, bound: string): boolean {
  const { program } = view.interface;
  if (program.basis === 'stated' && !view.isHelp(program.place)) return true;
  return (
    bound.length > 3 &&
    distance(bound, program.value) <= 2 &&
    bound.toLowerCase() !== program.value.toLowerCase()
  );
}

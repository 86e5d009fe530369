import { firstLine } from '../completion-places.ts';
import { defineCheck } from '../define-check.ts';
import { BOX_DOCUMENT } from '../example-completion.ts';

/** A finding for each completion script that fails, hangs, or writes files when a real shell loads it. */
export const doesNotLoad = defineCheck({
  name: 'completion/does-not-load',
  level: 'error',
  title: 'A completion script does not load',
  why: 'Every new shell of everyone who has it installed shows the error, or hangs.',
  standard: 'practice',
  needs: ['a completion script, or a real shell that loads it'],
  since: 5,
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT,
    completions: {
      wrong: ['_tiffin() {\n  if [[ $cur == -* ]]; then\n    COMPREPLY=()\n}\ncomplete -F _tiffin tiffin\n'],
      right: [
        '_tiffin() {\n  if [[ $cur == -* ]]; then\n    COMPREPLY=()\n  fi\n}\ncomplete -F _tiffin tiffin\n',
      ],
      nearMiss: ['# if [[ $cur == -* ]]; then\ncomplete -W "box route" tiffin\n'],
    },
  },
  judge(view, report) {
    for (const { shell, inventory } of view.coverage) {
      report.judged();
      if (inventory.fault === undefined) continue;
      report.finding({
        command: [view.interface.program.value],
        subject: shell,
        data: { shell, fault: inventory.fault },
        place: inventory.source === undefined ? null : firstLine(inventory.source),
      });
    }
  },
  message: ({ shell, fault }: { shell: string; fault: string }) =>
    `the completion script for ${shell} is broken: ${fault}`,
  fix: ({ shell }) => `fix the script so that ${shell} loads it without errors`,
});

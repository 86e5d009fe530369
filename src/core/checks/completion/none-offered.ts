import { defineCheck } from '../define-check.ts';
import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';

/** A finding for each shell that is asked for and offers nothing for the program. */
export const noneOffered = defineCheck({
  name: 'completion/none-offered',
  level: 'note',
  title: 'A shell has no completion for the program',
  why: 'People who use that shell have to know every name by heart, or look it up.',
  standard: 'practice',
  needs: ['which shells are asked for'],
  since: 5,
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT,
    completions: {
      wrong: ['complete -c another -l all\n'],
      right: [fishScript()],
      nearMiss: ['complete -c tiffin -l quiet\n'],
    },
  },
  judge(view, report) {
    const isOffering = new Set<string>();
    for (const { shell, inventory } of view.coverage) {
      const offers = inventory.commands.some(
        ({ options, operands, arguments: given }) => options.length + operands.words.length + given.size > 0,
      );
      if (offers || inventory.unread.length > 0 || inventory.fault !== undefined) isOffering.add(shell);
    }
    const shells = new Set([...view.shells, ...view.coverage.map(({ shell }) => shell)]);
    for (const shell of shells) {
      report.judged();
      if (isOffering.has(shell)) continue;
      report.finding({
        command: [view.interface.program.value],
        subject: shell,
        data: { shell },
        place: view.interface.root.place,
      });
    }
  },
  message: ({ shell }: { shell: string }) => `${shell} offers nothing for this program`,
  fix: ({ shell }) =>
    `write a completion script for ${shell}; 'dabbawala convert --to=${shell}' gives a start`,
});

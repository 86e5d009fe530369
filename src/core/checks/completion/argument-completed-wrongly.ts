import { COVERED_KINDS, type WrongArgument } from '../../coverage/coverage.ts';
import { quoteName } from '../../messages/wording.ts';
import { type OfferedData, scriptPlace, wordPlace } from '../completion-places.ts';
import { defineCheck } from '../define-check.ts';
import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';

const WORDS: Record<WrongArgument['reason'], string> = {
  'takes-none': 'as if it took an argument, and it takes none',
  'takes-one': 'as if it took no argument, and it takes one',
  'files-for-values': 'with files, and it takes one of a list',
};

/** A finding for each option or operand that completion takes for what it is not. */
export const argumentCompletedWrongly = defineCheck<OfferedData>({
  name: 'completion/argument-completed-wrongly',
  level: 'warning',
  title: 'An argument is completed as what it is not',
  why: 'Where completion takes a flag for an option with an argument, it swallows the next word; the other way round it offers options where a value belongs.',
  standard: 'practice',
  needs: ['what completion offers'],
  since: 5,
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT.replace('--sort=KEY', '--sort[=KEY]').replace('-s, ', ''),
    completions: {
      wrong: [fishScript({ quiet: "complete -c tiffin -s q -x -d 'print nothing but errors'" })],
      right: [fishScript()],
      nearMiss: [fishScript({ sort: "complete -c tiffin -l sort -f -a 'owner quay' -d 'sort by KEY'" })],
    },
  },
  judge(view, report) {
    for (const covered of view.coverage) {
      const told = new Set<string>();
      for (const { command, kinds } of covered.commands) {
        for (const kind of COVERED_KINDS) {
          report.judged(kinds[kind].offered.length);
          for (const { name, reason, word } of kinds[kind].wrong) {
            const place = wordPlace(word?.place ?? scriptPlace(name, covered), covered);
            const id = JSON.stringify([name, place?.start]);
            if (told.has(id)) continue;
            told.add(id);
            report.finding({ command, subject: name, data: { shell: covered.shell, name, reason }, place });
          }
        }
      }
    }
  },
  message: ({ shell, name, reason }) =>
    `${shell} completes ${quoteName(name)} ${WORDS[reason as WrongArgument['reason']]}`,
  mend: ({ name }) => `say in the completion script what ${quoteName(name)} takes`,
});

import { COVERED_KINDS } from '../../coverage/coverage.ts';
import { quoteName } from '../../messages/wording.ts';
import { type OfferedData, scriptPlace, wordPlace } from '../completion-places.ts';
import { defineCheck } from '../define-check.ts';
import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';

/** A finding for each word that completion offers and that a complete interface does not have. */
export const staleWord = defineCheck<OfferedData>({
  name: 'completion/stale-word',
  level: 'error',
  title: 'Completion offers what does not exist',
  why: 'A word that completion offers is taken for one that works. Whoever chooses it gets an error, and trusts neither the shell nor the program any more.',
  standard: 'practice',
  needs: ['what completion offers', 'a complete list of options, commands or values'],
  since: 5,
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT.replace('complete: true\n', ''),
    completions: {
      wrong: [fishScript({ more: "complete -c tiffin -l brief -d 'be brief'" })],
      right: [fishScript()],
      nearMiss: [fishScript({ more: "complete -c tiffin -l brief -d 'be brief'" })],
    },
  },
  judge(view, report) {
    for (const covered of view.coverage) {
      // What a script offers at every command is one word of it.
      const told = new Set<string>();
      for (const { command, kinds } of covered.commands) {
        for (const kind of COVERED_KINDS) {
          report.judged(kinds[kind].offered.length);
          for (const { name, subject, word } of kinds[kind].stale) {
            const place = wordPlace(word.place ?? scriptPlace(name, covered), covered);
            const id = JSON.stringify([name, subject, place?.start]);
            if (told.has(id)) continue;
            told.add(id);
            report.finding({
              command,
              subject: subject === undefined ? name : `${subject}=${name}`,
              data: { shell: covered.shell, name, subject: subject ?? null },
              place,
            });
          }
        }
      }
    }
  },
  message: ({ shell, name, subject }) =>
    typeof subject === 'string'
      ? `${shell} offers ${quoteName(name)} for ${quoteName(subject)}, which does not take it`
      : `${shell} offers ${quoteName(name)}, which does not exist`,
  mend: ({ name }) => `take ${quoteName(name)} out of the completion script`,
});

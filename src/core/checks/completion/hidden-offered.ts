import { COVERED_KINDS } from '../../coverage/coverage.ts';
import { quoteName } from '../../messages/wording.ts';
import { type OfferedData, scriptPlace, wordPlace } from '../completion-places.ts';
import { defineCheck } from '../define-check.ts';
import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';

/** A finding for each hidden or deprecated thing that completion offers. */
export const hiddenOffered = defineCheck<OfferedData>({
  name: 'completion/hidden-offered',
  level: 'note',
  title: 'Completion offers what is hidden or deprecated',
  why: 'What a program no longer wants to be used lives on as long as shells offer it to newcomers.',
  standard: 'practice',
  needs: ['what completion offers', 'which things are hidden or deprecated'],
  since: 5,
  examples: {
    wrong: BOX_DOCUMENT.replace(
      'print nothing but errors',
      '{help: print nothing but errors, deprecated: true}',
    ),
    right: BOX_DOCUMENT.replace(
      'print nothing but errors',
      '{help: print nothing but errors, deprecated: true}',
    ),
    nearMiss: BOX_DOCUMENT,
    completions: {
      wrong: [fishScript({ quiet: "complete -c tiffin -l quiet -d 'print nothing but errors'" })],
      right: [fishScript({ quiet: '' })],
      nearMiss: [fishScript()],
    },
  },
  judge(view, report) {
    for (const covered of view.coverage) {
      const told = new Set<string>();
      for (const { command, kinds } of covered.commands) {
        for (const kind of COVERED_KINDS) {
          report.judged(kinds[kind].offered.length);
          for (const { name, word } of kinds[kind].withdrawn) {
            const place = wordPlace(word.place ?? scriptPlace(name, covered), covered);
            const id = JSON.stringify([name, place?.start]);
            if (told.has(id)) continue;
            told.add(id);
            report.finding({ command, subject: name, data: { shell: covered.shell, name }, place });
          }
        }
      }
    }
  },
  message: ({ shell, name }) => `${shell} offers ${quoteName(name)}, which is hidden or deprecated`,
  mend: ({ name }) => `take ${quoteName(name)} out of the completion script`,
});

import { COVERED_KINDS } from '../../coverage/coverage.ts';
import { listNames } from '../../messages/wording.ts';
import { wordPlace } from '../completion-places.ts';
import { defineCheck } from '../define-check.ts';
import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';

/** One finding for each command and shell where commands or options are offered without a description. */
export const undescribed = defineCheck({
  name: 'completion/undescribed',
  level: 'note',
  title: 'Completion offers words without a description',
  why: 'Zsh and fish show a text beside each word. Without it, people have to choose by the name alone.',
  standard: 'practice',
  needs: ['what completion offers in a shell that shows descriptions'],
  since: 5,
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT,
    completions: {
      wrong: [fishScript({ quiet: 'complete -c tiffin -s q -l quiet' })],
      right: [fishScript()],
      nearMiss: ['complete -W "-q --quiet -s --sort box route" tiffin\n'],
    },
  },
  judge(view, report) {
    for (const covered of view.coverage) {
      if (covered.shell === 'bash') continue;
      for (const { command, kinds } of covered.commands) {
        const words = COVERED_KINDS.filter((kind) => kind !== 'values').flatMap(
          (kind) => kinds[kind].offered,
        );
        report.judged(words.length);
        // What has no text in the interface has none to show.
        const bare = words.filter(({ word, thing }) => word.description === undefined && hasText(thing));
        const [first] = bare;
        if (first === undefined) continue;
        report.finding({
          command,
          subject: covered.shell,
          data: { shell: covered.shell, names: bare.map(({ name }) => name) },
          place: wordPlace(first.word.place, covered),
        });
      }
    }
  },
  message: ({ shell, names }: { shell: string; names: readonly string[] }) =>
    `${shell} offers ${listNames(names)} without a description`,
  fix: () => 'describe each as the help does',
});

function hasText(thing: object | undefined): boolean {
  if (thing === undefined) return false;
  return ('help' in thing && thing.help !== undefined) || ('summary' in thing && thing.summary !== undefined);
}

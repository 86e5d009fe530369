import { quoteName } from '../../messages/wording.ts';
import { longNames, mainName, type Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';

type Both = { readonly name: string; readonly negation: string };

/** One finding for each option of which the help says that it is the default, and says so of its negation too. */
export const bothTheDefault = defineCheck({
  name: 'conflicts/both-the-default',
  level: 'warning',
  title: 'An option and its negation are both said to be the default',
  why: 'One of them is not. Callers who leave both out cannot know what they get.',
  standard: 'practice',
  needs: ['the texts of the options'],
  since: 11,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --lids     press the lids (default)\n  --no-lids  send without lids (default)\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --lids     press the lids (default)\n  --no-lids  send without lids\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --lids     press the lids (default)\n  --no-lids  send without lids (default on Fridays)\n  --map      draw a map (default)\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const defaults = new Map<string, Option>();
      for (const option of command.options.items)
        if (SAID.test(option.help?.value ?? ''))
          for (const { text } of longNames(option)) defaults.set(text, option);
      report.judged(defaults.size);
      for (const [text, option] of defaults) {
        const positive = defaults.get(text.replace(/^--no-?/, '--'));
        if (positive === undefined || positive === option) continue;
        report.finding({
          command: path,
          subject: mainName(positive).text,
          data: { name: mainName(positive).text, negation: text },
          place: option.help?.place ?? option.place,
          related: [{ place: positive.help?.place ?? positive.place, note: 'is said to be the default too' }],
        });
      }
    }
  },
  message: ({ name, negation }: Both) =>
    `${quoteName(name)} and ${quoteName(negation)} are both said to be the default`,
  fix: () => 'say it of the one that is',
});

/** A text that says of its flag that it is what happens anyway. */
const SAID =
  /[([](?:the |this is the |by )?default[)\]]|\b(?:this|which) is the default\b|[,;] (?:the )?default\.?$/i;

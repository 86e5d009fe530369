import { quoteName } from '../../messages/wording.ts';
import { longNames, mainName, type Option } from '../../model/option.ts';
import { nameWords } from '../../words/name-words.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each option whose text is the name of another option. */
export const helpOfAnotherOption = defineCheck({
  name: 'help/help-of-another-option',
  level: 'note',
  title: 'The text of an option is the name of another',
  why: 'The text was copied from another option and not corrected, or the two are one option and nothing says so.',
  standard: 'practice',
  needs: ['the texts of the options'],
  since: 4,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --late-boxes  what came after noon\n  --fee         late boxes\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --late-boxes  what came after noon\n  --fee         what they cost\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --late-boxes  what came after noon\n  --late        late boxes\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const byWords = new Map<string, Option>();
      for (const option of command.options.items)
        for (const { text } of longNames(option))
          byWords.set(nameWords(text.toLowerCase()).join(' '), option);
      for (const option of command.options.items) {
        if (option.help === undefined) continue;
        report.judged();
        const words = option.help.value.toLowerCase().match(/[\p{L}\d]+/gu) ?? [];
        const other = byWords.get(words.join(' '));
        const own = new Set(longNames(option).flatMap(({ text }) => nameWords(text.toLowerCase())));
        // A letter without a long name may well be described by the word that it stands for.
        if (other === undefined || other === option || own.size === 0 || words.some((word) => own.has(word)))
          continue;
        const [name, another] = [mainName(option), mainName(other)];
        report.finding({
          command: path,
          subject: name.text,
          data: { name: name.text, other: another.text },
          place: option.help.place,
          related: [{ place: another.place, note: 'is called so' }],
        });
      }
    }
  },
  message: ({ name, other }: { name: string; other: string }) =>
    `the text of ${quoteName(name)} is the name of ${quoteName(other)}`,
  fix: ({ name, other }) => `say what ${quoteName(name)} does, or make it a name of ${quoteName(other)}`,
});

import { mainName, type Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { normalisedText } from '../text-likeness.ts';
import { quoteName } from '../wording.ts';

/** One finding for each option whose text is that of an earlier option of the command. */
export const sameHelpTwice = defineCheck<{ name: string; other: string }>({
  name: 'help/same-help-twice',
  level: 'warning',
  title: 'Two options have the same text',
  why: 'A text copied from the neighbour tells the reader something that is not so, or does not say how the two differ.',
  standard: 'practice',
  needs: ['the texts of the options'],
  since: 1,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --early   deliver the boxes before eight\n  --late    deliver the boxes before eight\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --early   deliver the boxes before eight\n  --late    deliver the boxes after six\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --early     deliver the boxes before eight\n  --morning   same as --early\n' +
      '  --dawn      same as --early\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      const byText = new Map<string, Option>();
      for (const option of at.command.options.items) {
        if (option.help === undefined) continue;
        report.judged();
        const text = normalisedText(option.help.value);
        if (!text.includes(' ') || REFERS.test(option.help.value)) continue;
        const before = byText.get(text);
        if (before === undefined) {
          byText.set(text, option);
        } else if (!maySpellOneOption(before, option)) {
          report.finding({
            command: at.path,
            subject: mainName(option).text,
            data: { name: mainName(option).text, other: mainName(before).text },
            place: option.help.place,
            related: [
              {
                place: before.help?.place ?? null,
                note: `the text of ${quoteName(mainName(before).text)}`,
              },
            ],
          });
        }
      }
    }
  },
  message: ({ name, other }) => `${quoteName(name)} has the same text as ${quoteName(other)}`,
  mend: ({ name, other }) =>
    `say how ${quoteName(name)} differs from ${quoteName(other)}, or make them one option`,
});

const REFERS =
  /\b(?:same as|alias|synonym|equivalent|like|likewise|as above|see above|see|ditto|ignored|deprecated|obsolete|reserved|compatibility|no longer|undocumented|internal)\b/i;

/** A short name in one entry and a long one in another with the same text are likely spellings of one option. */
function maySpellOneOption(a: Option, b: Option): boolean {
  const isShort = (option: Option) =>
    option.names.every((name) => name.form === 'short' || name.form === 'plus');
  const shares = a.names.some((name) => b.names.some((other) => other.text === name.text));
  return shares || isShort(a) !== isShort(b);
}

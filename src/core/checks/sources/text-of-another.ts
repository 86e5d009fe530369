import { quoteName } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { groupedByCommand, optionsTwice } from '../source-views.ts';
import { ToldOnce } from '../told-once.ts';

/** One finding for each option to which a source gives the text that another source has for a different option. */
export const textOfAnother = defineCheck({
  name: 'sources/text-of-another',
  level: 'warning',
  title: 'A source gives an option the text of another option',
  why: 'The text was copied from a neighbour, or two were swapped: who reads it expects what another option does.',
  standard: 'practice',
  needs: ['two sources of one command with texts'],
  since: 9,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --late   late boxes only\n  --quiet  late boxes only\n',
    right: 'Usage: tiffin [OPTION]...\n\n  --late   late boxes only\n  --quiet  print no names\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  --late   late boxes only\n  --quiet  say nothing\n',
    beside: 'dabbawala: 1\nprogram: tiffin\noptions:\n  --late: late boxes only\n  --quiet: print no names\n',
  },
  judge(view, report) {
    const told = new ToldOnce();
    for (const [at, pairs] of groupedByCommand(optionsTwice(view))) {
      const texts = new Map<string, Option[]>();
      for (const { first } of pairs) {
        const text = wordsOf(first);
        if (text !== '') texts.set(text, [...(texts.get(text) ?? []), first]);
      }
      for (const { name, first, second } of pairs) {
        const [own, other] = [wordsOf(first), wordsOf(second)];
        if (own === '' || other === '') continue;
        if (!told.isNew(at.called[1], at.path, mainName(second).text)) continue;
        report.judged();
        const [owner, ...more] = texts.get(other) ?? [];
        if (own === other || owner === undefined || more.length > 0) continue;
        report.finding({
          command: at.path,
          subject: name,
          data: { name, other: mainName(owner).text, called: [...at.called] },
          place: second.help?.place ?? second.place,
          related: [{ place: owner.help?.place ?? owner.place, note: `${at.called[0]} has it here` }],
        });
      }
    }
  },
  message: (data: { name: string; other: string; called: readonly string[] }) =>
    `${data.called[1]} gives ${quoteName(data.name)} the text that ${data.called[0]} has for ${quoteName(data.other)}`,
  fix: ({ name }) => `say what ${quoteName(name)} does`,
});

/** The words of a text, whatever stands between them. */
function wordsOf({ help }: Option): string {
  return (help?.value.toLowerCase().match(/[\p{L}\d]+/gu) ?? []).join(' ');
}

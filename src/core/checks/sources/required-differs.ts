import { quoteName } from '../../messages/wording.ts';
import { mainName } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { optionsTwice } from '../source-views.ts';
import { ToldOnce } from '../told-once.ts';

/** One finding for each option that one source says must be given, and another that it may be left out. */
export const requiredDiffers = defineCheck({
  name: 'sources/required-differs',
  level: 'warning',
  title: 'Two sources differ on whether an option must be given',
  why: 'Who goes by the one leaves it out and is refused, or gives what need not be given.',
  standard: 'practice',
  needs: ['two sources of one command that say whether an option must be given'],
  since: 9,
  examples: {
    wrong: 'Usage: tiffin [--late] --quay=QUAY\n\n  --late       late boxes only\n  --quay=QUAY  where to\n',
    right:
      'Usage: tiffin [--late] [--quay=QUAY]\n\n  --late       late boxes only\n  --quay=QUAY  where to\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  --late       late boxes only\n  --quay=QUAY  where to\n',
    beside:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --late: late boxes only\n  --quay=QUAY: {help: where to, required: false}\n',
  },
  judge(view, report) {
    const told = new ToldOnce();
    for (const { at, name, first, second } of optionsTwice(view)) {
      if (first.required === undefined || second.required === undefined) continue;
      if (!told.isNew(at.called[1], at.path, mainName(second).text)) continue;
      report.judged();
      if (first.required.value === second.required.value) continue;
      const [needs, leaves] = first.required.value ? at.called : [at.called[1], at.called[0]];
      report.finding({
        command: at.path,
        subject: name,
        data: { name, needs, leaves },
        place: second.required.place ?? second.place,
        related: [{ place: first.required.place ?? first.place, note: `${at.called[0]} has it here` }],
      });
    }
  },
  message: ({ name, needs, leaves }: { name: string; needs: string; leaves: string }) =>
    `${needs} says that ${quoteName(name)} must be given, ${leaves} that it may be left out`,
  fix: () => 'correct the one that is wrong',
});

import { quoteName } from '../../messages/wording.ts';
import { argumentOf, mainName, type Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { optionsTwice, USAGE_TEXT } from '../source-views.ts';
import { ToldOnce } from '../told-once.ts';

/** Whether an option may take something else than its source shows: help does not always show what may be left out, and a word behind an option that no list has may be its argument or an operand. */
function isUncertain({ argument, help }: Option): boolean {
  const isOnlyShown = argument?.basis === 'inferred' && help === undefined;
  return argument?.value.presence === 'optional' || isOnlyShown;
}

/** A finding for each option of which two sources say differently whether an argument follows it. */
export const argumentDiffers = defineCheck({
  name: 'sources/argument-differs',
  level: 'warning',
  title: 'Two sources differ on the argument of an option',
  why: 'Who goes by the one leaves a word out that must follow, or gives one that becomes an operand.',
  standard: 'practice',
  needs: ['two sources of one command'],
  since: 8,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --late        late boxes only\n  --map         draw a map\n',
    right: 'Usage: tiffin [OPTION]...\n\n  --late        late boxes only\n  --map=FILE    draw a map\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  --late        late boxes only\n  --map=SHEET   draw a map\n',
    beside: 'dabbawala: 1\nprogram: tiffin\noptions:\n  --late: late boxes only\n  --map=FILE: draw a map\n',
  },
  judge(view, report) {
    const told = new ToldOnce();
    for (const { at, name, first, second } of optionsTwice(view)) {
      if (at.called.includes(USAGE_TEXT)) continue;
      const shared = first.names.find(({ text }) => second.names.some((other) => other.text === text));
      const other = second.names.find(({ text }) => text === shared?.text);
      if (shared === undefined || other === undefined) continue;
      const [one, two] = [argumentOf(first, shared), argumentOf(second, other)];
      if (one === undefined || two === undefined) continue;
      if (!told.isNew(at.called[1], at.path, mainName(second).text)) continue;
      report.judged();
      const [a, b] = [one.value.presence, two.value.presence];
      if ((a === 'none') === (b === 'none')) continue;
      // `-p, --style=slash`: a letter for one value of another option takes none itself.
      if ([one, two].some(({ value }) => value.words[0]?.values?.value.length === 1)) continue;
      const [takes, takesNone] = a === 'none' ? [at.called[1], at.called[0]] : at.called;
      report.finding({
        command: at.path,
        subject: name,
        data: { name, takes, takesNone },
        place: second.place,
        ...([first, second].some(isUncertain) ? { level: 'note' as const } : {}),
        related: [{ place: first.place, note: `${at.called[0]} has it here` }],
      });
    }
  },
  message: ({ name, takes, takesNone }: { name: string; takes: string; takesNone: string }) =>
    `${takes} has an argument for ${quoteName(name)}, ${takesNone} has none`,
  fix: () => 'correct the one that is wrong',
});

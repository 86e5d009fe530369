import { listNames, quoteName } from '../../messages/wording.ts';
import type { AllowedValue } from '../../model/argument.ts';
import { mainName, type Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { optionsTwice } from '../source-views.ts';
import { ToldOnce } from '../told-once.ts';

/** A finding for each option whose allowed values two sources tell differently. */
export const valuesDiffer = defineCheck({
  name: 'sources/values-differ',
  level: 'warning',
  title: 'Two sources differ on the allowed values of an option',
  why: 'A value that one of them names is refused, or one that is allowed is never found.',
  standard: 'practice',
  needs: ['two sources of one command that tell the allowed values'],
  since: 8,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --sort=KEY  sort by KEY (one of: day, size)\n',
    right: 'Usage: tiffin [OPTION]...\n\n  --sort=KEY  sort by KEY (one of: day, quay)\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  --sort=KEY  sort by KEY, such as day\n',
    beside:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY: {help: sort by KEY, argument: {values: [day, quay]}}\n',
  },
  judge(view, report) {
    const told = new ToldOnce();
    for (const { at, name, first, second } of optionsTwice(view)) {
      const [one, two] = [first, second].map(({ argument }) => argument?.value.words[0]?.values);
      if (one === undefined || two === undefined) continue;
      if (!told.isNew(at.called[1], at.path, mainName(second).text)) continue;
      report.judged();
      const [a, b] = [valuesOf(one.value, first), valuesOf(two.value, second)];
      const onlyFirst = a.filter((value) => !b.includes(value));
      const onlySecond = b.filter((value) => !a.includes(value));
      // Scripts often let a word through in several cases, and tell one.
      const inSmall = (values: readonly string[]) => new Set(values.map((value) => value.toLowerCase()));
      const isAlike = [...onlyFirst, ...onlySecond].every((value) =>
        [a, b].every((all) => inSmall(all).has(value.toLowerCase())),
      );
      if (isAlike) continue;
      const extra =
        onlyFirst.length > 0 ? undefined : two.value[b.findIndex((value) => onlySecond.includes(value))];
      const [has, lacks] = onlyFirst.length > 0 ? at.called : [at.called[1], at.called[0]];
      report.finding({
        command: at.path,
        subject: name,
        data: { name, values: onlyFirst.length > 0 ? onlyFirst : onlySecond, has, lacks },
        place: extra?.place ?? two.place ?? second.place,
        related: [{ place: one.place ?? first.place, note: `${at.called[0]} lists its values here` }],
      });
    }
  },
  message: (data: { name: string; values: readonly string[]; has: string; lacks: string }) =>
    `${data.has} allows ${listNames(data.values)} for ${quoteName(data.name)}, ${data.lacks} does not`,
  fix: () => 'correct the one that is wrong',
});

/** Values without the name of the option, which some lists put before each: `-ac`, `-ad` for `-a`. */
function valuesOf(values: readonly AllowedValue[], { names }: Option): string[] {
  return values.map(({ value }) => {
    const name = names.find(({ text }) => value.startsWith(text) && value.length > text.length);
    return value.slice(name?.text.length ?? 0).replace(name === undefined ? /^$/ : /^=/, '');
  });
}

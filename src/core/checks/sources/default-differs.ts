import { quoteName } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { optionsTwice } from '../source-views.ts';
import { ToldOnce } from '../told-once.ts';

/** A finding for each option whose default two sources tell differently. */
export const defaultDiffers = defineCheck({
  name: 'sources/default-differs',
  level: 'warning',
  title: 'Two sources differ on the default of an option',
  why: 'Who leaves the option out gets something else than they read.',
  standard: 'practice',
  needs: ['two sources of one command that tell the default'],
  since: 8,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --sort=KEY  sort by KEY (default: size)\n',
    right: 'Usage: tiffin [OPTION]...\n\n  --sort=KEY  sort by KEY (default: day)\n',
    nearMiss: "Usage: tiffin [OPTION]...\n\n  --sort=KEY  sort by KEY (default: 'day')\n",
    beside:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --sort=KEY: {help: sort by KEY, argument: {default: day}}\n',
  },
  judge(view, report) {
    const told = new ToldOnce();
    for (const { at, name, first, second } of optionsTwice(view)) {
      const [one, two] = [first, second].map(({ argument }) => argument?.value.words[0]?.default);
      if (one === undefined || two === undefined) continue;
      if (!told.isNew(at.called[1], at.path, mainName(second).text)) continue;
      report.judged();
      const [a, b] = [bare(one.value, first), bare(two.value, second)];
      // A text may describe the default instead of naming it, and `$HOME/x` is another way to write a path.
      if (a === b || isWithUnit(a, b) || [a, b].some((text) => /\s|[$~<]/.test(text))) continue;
      report.finding({
        command: at.path,
        subject: name,
        data: { name, defaults: [a, b], called: [...at.called] },
        place: two.place ?? second.place,
        related: [{ place: one.place ?? first.place, note: `${at.called[0]} has ${quoteName(a)}` }],
      });
    }
  },
  message: ({
    name,
    defaults: [a = '', b = ''],
    called: [one = '', two = ''],
  }: {
    name: string;
    defaults: readonly string[];
    called: readonly string[];
  }) => `${two} tells ${quoteName(b)} as the default of ${quoteName(name)}, ${one} ${quoteName(a)}`,
  fix: () => 'correct the one that is wrong',
});

/** Whether of two numbers one has a unit behind it: `3`, `3s`. */
function isWithUnit(a: string, b: string): boolean {
  const [number, unit] = a.length < b.length ? [a, b] : [b, a];
  return (
    /^\d+(?:\.\d+)?$/.test(number) &&
    unit.startsWith(number) &&
    /^ ?[a-zµ%]{1,4}$/.test(unit.slice(number.length))
  );
}

/** A default without quotation marks around it, and without the name of the option before it (`--sort=day`, `-sday`). */
function bare(text: string, { names }: Option): string {
  const word = text.trim().replace(/^(["'`‘“])(.*)["'`’”]$/, '$2');
  const name = names.find((one) => word.startsWith(one.text) && word.length > one.text.length);
  return word
    .slice(name?.text.length ?? 0)
    .replace(name === undefined ? /^$/ : /^[= ]/, '')
    .toLowerCase();
}

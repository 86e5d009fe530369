import { firstBy } from '../../collections/grouped.ts';
import { listSome, quoteName } from '../../messages/wording.ts';
import type { OptionName } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';

/** How many names a message lists. */
const NAMES_SHOWN = 3;

type Custom = 'two-hyphens' | 'letter';

/** So many times as many options as the odd ones must follow the custom. */
const MIN_RATIO: Readonly<Record<Custom, number>> = { 'two-hyphens': 1, letter: 3 };

/** So many with two hyphens make a custom of the program. */
const MIN_USUAL = 3;

/** One finding for an interface of which most long names begin with two hyphens and some with one. */
export const hyphensMixed = defineCheck({
  name: 'names/hyphens-mixed',
  level: 'note',
  title: 'Some long names begin with one hyphen, most with two',
  why: 'The reader cannot tell whether -null is a name or the letters n, u, l and l, and types --null, as for the other options.',
  standard: 'GNU Coding Standards 4.8',
  needs: ['long names'],
  since: 7,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --late     what is late\n  --map      draw a map\n  --quay     show the quay\n  -noon      stop at noon\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --late     what is late\n  --map      draw a map\n  --quay     show the quay\n  --noon     stop at noon\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --late     what is late\n  --map      draw a map\n  --quay     show the quay\n  -noon, --noon  stop at noon\n',
  },
  judge(view, report) {
    const single: { name: OptionName; path: readonly string[] }[] = [];
    let double = 0;
    let letters = 0;
    for (const { command, path } of view.described) {
      for (const option of command.options.items.filter(({ listed }) => listed)) {
        report.judged();
        const [long] = option.names.filter(({ form }) => form === 'long');
        const odd = option.names.find(({ text }) => isWord(text));
        if (option.names.every(({ form }) => form === 'short')) letters++;
        if (long !== undefined) double++;
        else if (odd !== undefined) single.push({ name: odd, path });
      }
    }
    const custom = double < MIN_USUAL ? 'letter' : 'two-hyphens';
    const usual = custom === 'letter' ? letters : double;
    const [first, ...others] = firstBy(single, ({ name }) => name.text).values();
    if (
      first === undefined ||
      usual < MIN_USUAL ||
      usual <= single.length * MIN_RATIO[custom] ||
      (custom === 'letter' && double > 0)
    )
      return;
    report.finding({
      command: first.path,
      subject: first.name.text,
      data: { names: [first, ...others].map(({ name }) => name.text), count: usual, custom },
      place: first.name.place,
      fixes:
        custom === 'letter'
          ? []
          : [first, ...others].map(({ name, path }) => ({
              kind: 'rename-option',
              command: path,
              name: name.text,
              to: `-${name.text}`,
            })),
      related: others
        .slice(0, NAMES_SHOWN)
        .map(({ name }) => ({ place: name.place, note: `${name.text} too` })),
    });
  },
  message: ({ names, count, custom }: { names: readonly string[]; count: number; custom: Custom }) =>
    custom === 'letter'
      ? `${listSome(names.map(quoteName), NAMES_SHOWN)} ${names.length === 1 ? 'has' : 'have'} several letters behind one hyphen, and ${count} other options one`
      : `one hyphen begins ${listSome(names.map(quoteName), NAMES_SHOWN)}, and two begin ${count} other long names`,
  fix: () => 'let names of several letters begin with two hyphens, and keep the others as hidden aliases',
});

/** A word of three letters or more; `-vvv` is a letter three times, and `-innn` one with what stands for a number. */
function isWord(name: string): boolean {
  return /^-[a-z][a-z-]+$/.test(name) && !/^-(.)\1|(.)\2\2$/.test(name);
}

import { groupedBy } from '../../collections/grouped.ts';
import { quoteName } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import { compareCodeUnits } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

/** More options than one finds at a glance. */
const MAX_UNSORTED = 60;

/** An order is one if so many neighbours keep it. */
const MIN_ORDERED = 0.75;

/** Letters and digits in no order. */
const WALL = ['mzqkpwcaodxnbhyevrtfjlsgui', 'QZMKAPWCODXNBHYEVRTFJLSGUI', '7203958416'].join('');

/** One finding for each heading with more options than one finds at a glance, in no order. */
export const unsortedWall = defineCheck({
  name: 'help/unsorted-wall',
  level: 'note',
  title: 'Many options are listed under one heading in no order',
  why: 'The reader has to go through all of them to find one, or to be sure that there is none.',
  standard: 'practice',
  needs: ['the order of the options in the help'],
  since: 4,
  examples: {
    wrong: `Usage: tiffin [OPTION]...\n\n${[...WALL].map((letter) => `  -${letter}  do ${letter}\n`).join('')}`,
    right: `Usage: tiffin [OPTION]...\n\n${[...WALL]
      .sort()
      .map((letter) => `  -${letter}  do ${letter}\n`)
      .join('')}`,
    nearMiss: `Usage: tiffin [OPTION]...\n\n${[...'mzqkpwcaodxnb'].map((letter) => `  -${letter}  do ${letter}\n`).join('')}`,
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const shown = command.options.items.filter(({ listed, hidden }) => listed && hidden?.value !== true);
      const byHeading = groupedBy(shown, ({ heading }) => heading?.value ?? '');
      for (const [heading, options] of byHeading) {
        report.judged();
        const [first] = options;
        if (first === undefined || options.length <= MAX_UNSORTED || isOrdered(options)) continue;
        report.finding({
          command: path,
          subject: mainName(first).text,
          data: { heading, count: options.length },
          place: first.place,
          fixes: [{ kind: 'sort-options', names: sortedNames(options) }],
        });
      }
    }
  },
  message: ({ heading, count }: { heading: string; count: number }) =>
    `${count} options are listed ${heading === '' ? '' : `under ${quoteName(heading)} `}in no order`,
  fix: () => 'group them under headings by purpose, and sort each group by name',
});

/** The names of options in the order of their main names; short and long name of one option stay together. */
function sortedNames(options: readonly Option[]): string[] {
  const keyOf = (option: Option) => mainName(option).text.replace(/^-+/, '').toLowerCase();
  return [...options]
    .sort((a, b) => compareCodeUnits(keyOf(a), keyOf(b)))
    .map((option) => mainName(option).text);
}

function isOrdered(options: readonly Option[]): boolean {
  const keys = [(option: Option) => option.names[0]?.text ?? '', (option: Option) => mainName(option).text];
  return keys.some((key) => {
    const names = options.map((option) =>
      key(option)
        .replace(/^-+(?:no-)?/, '')
        .toLowerCase(),
    );
    const kept = names.slice(1).filter((name, i) => compareCodeUnits(names[i] ?? '', name) <= 0).length;
    return kept >= (names.length - 1) * MIN_ORDERED;
  });
}

import { mainName } from '../../model/option.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';
import { countOf, listNames } from '../wording.ts';

type Style = 'in capitals' | 'in angle brackets' | 'in lower case';

/** Fewer placeholders show no custom. */
const LEAST = 4;

/** One finding for each command whose option-arguments have placeholders of several styles. */
export const placeholderMixed = defineCheck<{
  usual: Style;
  odd: Style;
  names: readonly string[];
  others: number;
}>({
  name: 'names/placeholder-mixed',
  level: 'note',
  title: 'Placeholders are written in different styles',
  why: 'The style tells the reader what to replace and what to type as it stands. Where it changes, a word in lower case may be either.',
  standard: 'POSIX XBD 12.1',
  needs: ['the placeholders of the options'],
  since: 4,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --quay=NAME    a\n  --route=NAME   b\n  --day=DAY      c\n  --map=<file>   d\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --quay=NAME    a\n  --route=NAME   b\n  --day=DAY      c\n  --map=FILE     d\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --quay=NAME    a\n  --route=NAME   b\n  --day=DAY      c\n  --map={on,off} d\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const groups = new Map<Style, { name: string; place: Place }[]>();
      for (const option of command.options.items) {
        for (const { placeholder, values } of option.argument?.value.words ?? []) {
          const style =
            placeholder === undefined || values !== undefined ? undefined : styleOf(placeholder.value);
          if (style === undefined) continue;
          report.judged();
          const known = groups.get(style) ?? [];
          groups.set(style, [
            ...known,
            { name: mainName(option).text, place: placeholder?.place ?? option.place },
          ]);
        }
      }
      const [usual, odd] = [...groups].sort(([, a], [, b]) => b.length - a.length);
      const first = odd?.[1][0];
      const total = [...groups.values()].reduce((sum, { length }) => sum + length, 0);
      if (usual === undefined || odd === undefined || first === undefined || total < LEAST) continue;
      report.finding({
        command: path,
        subject: first.name,
        data: {
          usual: usual[0],
          odd: odd[0],
          names: odd[1].map(({ name }) => name),
          others: usual[1].length,
        },
        place: first.place,
      });
    }
  },
  message: ({ usual, odd, names, others }) =>
    `${listNames(names)} ${names.length === 1 ? 'has a placeholder' : 'have placeholders'} ${odd}, ${countOf(others, 'other option')} one ${usual}`,
  mend: ({ usual }) => `write all placeholders ${usual}`,
});

function styleOf(placeholder: string): Style | undefined {
  if (/^<[^<>]+>/.test(placeholder)) return 'in angle brackets';
  if (/^[A-Z][A-Z0-9_-]+$/.test(placeholder)) return 'in capitals';
  return /^[a-z][a-z0-9_-]+$/.test(placeholder) ? 'in lower case' : undefined;
}

import { mainName } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { listNames } from '../wording.ts';

/** One finding for each command with options that take a value without a name. */
export const valueUnnamed = defineCheck<{ names: readonly string[] }>({
  name: 'help/value-unnamed',
  level: 'warning',
  title: 'An option takes a value that has no placeholder',
  why: 'The reader sees a switch, and learns only from an error message that a word must follow, and never which.',
  standard: 'POSIX XBD 12.1',
  needs: ['the option-arguments'],
  since: 1,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --quay: {help: the quay, argument: {presence: mandatory}}\n  --map: draw a map\n',
    right: 'dabbawala: 1\nprogram: tiffin\noptions:\n  --quay=NAME: the quay\n  --map: draw a map\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --map: {help: draw a map, argument: {presence: mandatory, values: [small, large]}}\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const taking = command.options.items.filter(
        ({ argument }) =>
          argument !== undefined && argument.basis === 'stated' && argument.value.presence !== 'none',
      );
      report.judged(taking.length);
      // Options that are given values of another show that one in forms of its own.
      const given = new Set(command.options.items.flatMap(({ sameAs }) => sameAs?.value.option ?? []));
      const unnamed = taking.filter(({ argument, names }) => {
        const words = argument?.value.words ?? [];
        if (names.some(({ text }) => given.has(text))) return false;
        return words.some(({ placeholder, values, keys, type }) => !(placeholder ?? values ?? keys ?? type));
      });
      const [first] = unnamed;
      if (first === undefined) continue;
      report.finding({
        command: path,
        subject: mainName(first).text,
        data: { names: unnamed.map((option) => mainName(option).text) },
        place: first.place,
      });
    }
  },
  message: ({ names }) =>
    `${listNames(names)} ${names.length === 1 ? 'takes' : 'take'} a value that has no name`,
  mend: () =>
    "name what is expected, such as '=FILE' or '=SECONDS', and speak of it by that name in the text",
});

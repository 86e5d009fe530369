import { groupedBy } from '../../collections/grouped.ts';
import { listNames } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each file that several options of a command write to where none is given. */
export const defaultsClash = defineCheck({
  name: 'conflicts/defaults-clash',
  level: 'warning',
  title: 'Two options write to the same file by default',
  why: 'Where both are left at their defaults, one overwrites what the other wrote, and nothing is said.',
  standard: 'practice',
  needs: ['defaults of options that write files'],
  since: 7,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --map=FILE   write the map to FILE (default: tiffin.out)\n  --list=FILE  write the list to FILE (default: tiffin.out)\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --map=FILE   write the map to FILE (default: map.out)\n  --list=FILE  write the list to FILE (default: list.out)\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --map=FILE   read the map from FILE (default: tiffin.in)\n  --list=FILE  read the list from FILE (default: tiffin.in)\n  --log=FILE   write a log to FILE (default: -)\n  --out=FILE   write boxes to FILE (default: -)\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const writing = command.options.items.filter(writesFile);
      report.judged(writing.length);
      for (const [file, [first, ...others]] of groupedBy(writing, fileOf)) {
        const [second] = others;
        if (first === undefined || second === undefined) continue;
        const names = [first, ...others].map((option) => mainName(option).text);
        report.finding({
          command: path,
          subject: mainName(second).text,
          data: { file, names },
          place: second.place,
          related: [{ place: first.place, note: `writes to ${file} too` }],
        });
      }
    }
  },
  message: ({ file, names }: { file: string; names: readonly string[] }) =>
    `${listNames(names)} write to '${file}' by default`,
  fix: ({ names }) => `give ${names.at(-1)} a file of its own by default`,
});

/** The literal default of an option, where that names a file; standard output and devices can take both. */
function fileOf({ argument }: Option): string | undefined {
  const [word] = argument?.value.words ?? [];
  const name = word?.default?.value;
  return name !== undefined &&
    /^[\w./-]*\w\.\w+$|^\/?\w[\w.-]*\/[\w./-]*\w$/.test(name) &&
    !/^\/dev\//.test(name)
    ? name
    : undefined;
}

function writesFile(option: Option): boolean {
  return (
    fileOf(option) !== undefined &&
    /\b(?:write|writes|written|save|saves|store|output)\b/i.test(option.help?.value ?? '')
  );
}

import { instanceOf, type NameAt } from '../../conformance/name-instances.ts';
import { optionalArguments } from '../../conformance/posix/optional-arguments.ts';
import { listNames } from '../../messages/wording.ts';
import { argumentOf, type Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for an interface with option-arguments that may be left out. */
export const argumentOptional = defineCheck({
  name: 'posix/argument-optional',
  level: 'note',
  title: 'An option-argument may be left out',
  why: 'An optional value must be joined to the option. Written as a separate word, it is taken for an operand, and the option uses a value that nobody gave.',
  standard: 'POSIX XBD 12.2, Guideline 7',
  needs: ['the options that take a value'],
  since: 1,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  -c [WHEN]  use colours\n  -q        say nothing\n',
    right: 'Usage: tiffin [OPTION]...\n\n  -c WHEN  use colours\n  -q       say nothing\n',
    nearMiss:
      'Usage: tiffin [OPTION]... [BOX]\n\n  --colour[=WHEN]  use colours\n  --quiet          say nothing\n',
  },
  judge(view, report) {
    const { taking, optional: all } = optionalArguments(view);
    report.judged(taking.length);
    // Joined by '=' or to its letter, as `-c[WHEN]`, it leaves no doubt; POSIX has it mandatory all the same.
    const apart = all.filter(isShownApart);
    // With long names, a parser may take it as a word of its own; where others are shown joined, it does not.
    const isCustom = view.hasLongOptions && apart.length === all.length;
    const optional = view.claims('posix') ? all : isCustom ? [] : apart;
    const first = optional[0];
    if (first === undefined) return;
    const seen = new Set<Option>();
    const options = optional.filter(({ option }) => !seen.has(option) && seen.add(option));
    report.finding({
      command: first.at.path,
      subject: first.name.text,
      data: { names: options.map(({ name }) => name.text) },
      place: first.option.argument?.value.place ?? first.name.place,
      related: options.slice(1, 5).map((name) => ({ place: instanceOf(name).place, note: 'and here' })),
      level: view.claims('posix') ? 'warning' : 'note',
    });
  },
  message: ({ names }: { names: readonly string[] }) =>
    `the option-argument of ${listNames(names)} is optional`,
  fix: () => 'make it mandatory, and add a separate option for the case without it',
});

/** Whether an argument that may be left out is shown as a separate word, `-c [WHEN]`; in a document the names tell nothing of it. */
function isShownApart({ option, name }: NameAt): boolean {
  const place = argumentOf(option, name)?.value.place ?? null;
  if (place === null) return false;
  return /^\s/.test(place.source.text.slice(place.start, place.end));
}

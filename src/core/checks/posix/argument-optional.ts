import { instanceOf } from '../../conformance/name-instances.ts';
import { optionalArguments } from '../../conformance/posix/optional-arguments.ts';
import { listNames } from '../../messages/wording.ts';
import type { Option } from '../../model/option.ts';
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
    wrong: 'Usage: tiffin [OPTION]...\n\n  -c[WHEN]  use colours\n  -q        say nothing\n',
    right: 'Usage: tiffin [OPTION]...\n\n  -c WHEN  use colours\n  -q       say nothing\n',
    nearMiss:
      'Usage: tiffin [OPTION]... [BOX]\n\n  --colour[=WHEN]  use colours\n  --quiet          say nothing\n',
  },
  judge(view, report) {
    const { taking, optional } = optionalArguments(view);
    report.judged(taking.length);
    const first = optional[0];
    // Long options have theirs joined by '=', which is not POSIX's, and leaves no doubt.
    if (first === undefined || (view.hasLongOptions && !view.claims('posix'))) return;
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

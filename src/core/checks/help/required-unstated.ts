import { listNames } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import { defineCheck } from '../define-check.ts';
import { type FaultyOptions, reportFaultyOptions } from '../faulty-options.ts';

/** One finding for each command with options that must be given, of which nothing says so. */
export const requiredUnstated = defineCheck({
  name: 'help/required-unstated',
  level: 'warning',
  title: 'Neither usage nor text says that an option must be given, or only the text does',
  why: 'The first run of every caller fails, and only the error message says what was missing.',
  standard: 'GNU Coding Standards 4.8',
  needs: ['which options are mandatory', 'the usage line'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nusage: tiffin [OPTION]... BOX\noptions:\n  --quay=NAME: {help: the quay, required: true}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nusage: tiffin --quay=NAME [OPTION]... BOX\noptions:\n  --quay=NAME: {help: the quay, required: true}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nusage: tiffin [OPTION]... BOX\noptions:\n  --quay=NAME: {help: the quay; must be given, required: true}\n',
  },
  judge(view, report) {
    reportFaultyOptions(view, report, {
      among: ({ required }) => required?.value === true,
      isAtFault: (option, at) =>
        at.command.forms.length > 0 && !isSaid(option, at) && !view.isHelp(option.required?.place ?? null),
    });
    for (const { command, path } of view.described) {
      const told = command.options.items.filter(
        ({ required, help, place }) =>
          required?.value !== true && place !== null && !view.isHelp(place) && TOLD.test(help?.value ?? ''),
      );
      const [first] = told;
      if (first === undefined) continue;
      report.judged(told.length);
      report.finding({
        command: path,
        subject: mainName(first).text,
        data: { names: told.map((option) => mainName(option).text), isTold: true },
        place: first.help?.place ?? first.place,
        level: 'note',
      });
    }
  },
  message: ({ names, isTold }: Unstated) =>
    isTold
      ? `the ${names.length === 1 ? 'text' : 'texts'} of ${listNames(names)} ${names.length === 1 ? 'says' : 'say'} that ${names.length === 1 ? 'it' : 'they'} must be given, and nothing declares it`
      : `${listNames(names)} must be given, but neither the usage line nor the text says so`,
  fix: ({ names, isTold }) =>
    isTold
      ? "say 'required: true', or correct the text"
      : `show ${names.length === 1 ? 'it' : 'them'} without brackets in the usage line`,
});

type Unstated = FaultyOptions & {
  /** That the text says what nothing declares, and not the other way round. */
  readonly isTold?: true;
};

/** A mark in a text that says that the option must be given. */
const TOLD = /[([](?:required|mandatory)[)\]]|[;,] (?:required|mandatory)\.?$/i;

function isSaid(option: Option, { command }: CommandAt): boolean {
  const names = new Set(option.names.map(({ text }) => text));
  const isShown = command.forms.some((form) =>
    form.options.some(({ name, required }) => required && names.has(name)),
  );
  // What is stated in a document is not shown by it.
  const told = `${option.heading?.value ?? ''} ${option.help?.value ?? ''}`;
  return isShown || /\b(?:required|mandatory|must|needed|always)\b/i.test(told);
}

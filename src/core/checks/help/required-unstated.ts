import { listNames } from '../../messages/wording.ts';
import type { Option } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import { defineCheck } from '../define-check.ts';
import { type FaultyOptions, reportFaultyOptions } from '../faulty-options.ts';

/** One finding for each command with options that must be given, of which nothing says so. */
export const requiredUnstated = defineCheck({
  name: 'help/required-unstated',
  level: 'warning',
  title: 'An option must be given, and neither usage nor text says so',
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
  judge: (view, report) =>
    reportFaultyOptions(view, report, {
      among: ({ required }) => required?.value === true,
      isAtFault: (option, at) =>
        at.command.forms.length > 0 && !isSaid(option, at) && !view.isHelp(option.required?.place ?? null),
    }),
  message: ({ names }: FaultyOptions) =>
    `${listNames(names)} must be given, but neither the usage line nor the text says so`,
  fix: ({ names }) => `show ${names.length === 1 ? 'it' : 'them'} without brackets in the usage line`,
});

function isSaid(option: Option, { command }: CommandAt): boolean {
  const names = new Set(option.names.map(({ text }) => text));
  const isShown = command.forms.some((form) =>
    form.options.some(({ name, required }) => required && names.has(name)),
  );
  // What is stated in a document is not shown by it.
  const told = `${option.heading?.value ?? ''} ${option.help?.value ?? ''}`;
  return isShown || /\b(?:required|mandatory|must|needed|always)\b/i.test(told);
}

import { listNames } from '../../messages/wording.ts';
import type { Option } from '../../model/option.ts';
import type { Relation } from '../../model/relation.ts';
import { defineCheck } from '../define-check.ts';
import { type FaultyOptions, reportFaultyOptions } from '../faulty-options.ts';

/** One finding for each command with options that must always be given. */
export const requiredOption = defineCheck({
  name: 'arguments/required-option',
  level: 'note',
  title: 'An option must always be given',
  why: 'Something that must always be given is not an option: people expect to be able to leave options out.',
  standard: 'GNU Coding Standards 4.8',
  needs: ['which options are mandatory'],
  since: 4,
  examples: {
    wrong:
      'usage: tiffin --quay NAME [-q] BOX\n\noptions:\n  --quay NAME  the quay (required)\n  -q           say nothing\n',
    right:
      'usage: tiffin [--quay NAME] [-q] BOX\n\noptions:\n  --quay NAME  the quay\n  -q           say nothing\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --quay=NAME: {help: the quay, required: true}\n  --all: every quay\nrelations:\n  - exactly-one: [--quay, --all]\n',
  },
  judge: (view, report) =>
    reportFaultyOptions(view, report, {
      isAtFault: (option, { command }) =>
        option.required?.value === true && !isChoice(option, command.relations),
    }),
  message: ({ names }: FaultyOptions) => `${listNames(names)} must always be given`,
  fix: ({ names }) =>
    `make ${names.length === 1 ? 'it an operand' : 'the main ones operands'}, or choose a default`,
});

function isChoice(option: Option, relations: readonly Relation[]): boolean {
  const names = new Set(option.names.map(({ text }) => text));
  return relations.some(
    ({ kind, members }) =>
      (kind === 'exactly-one' || kind === 'at-least-one') && members.some(({ name }) => names.has(name)),
  );
}

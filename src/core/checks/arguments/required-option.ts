import { listNames } from '../../messages/wording.ts';
import type { Option } from '../../model/option.ts';
import type { Relation } from '../../model/relation.ts';
import { defineCheck } from '../define-check.ts';
import { type FaultyOptions, reportFaultyOptions } from '../faulty-options.ts';

/** One finding for each command with flags, or deprecated options, that must always be given; of a program that claims to follow GNU, with any. */
export const requiredOption = defineCheck({
  name: 'arguments/required-option',
  level: 'note',
  title: 'An option must always be given',
  why: 'A flag that must always be given says nothing, and one that is deprecated and must be given leaves no right way. GNU has options be optional at all.',
  standard: 'GNU Coding Standards 4.8',
  needs: ['which options are mandatory'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --all: {help: all lids, required: true}\n  -q: say nothing\n',
    right: 'dabbawala: 1\nprogram: tiffin\noptions:\n  --all: all lids\n  -q: say nothing\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --early: {help: the early ones, required: true}\n  --all: {help: all lids, required: true}\nrelations:\n  - exactly-one: [--early, --all]\n',
  },
  judge: (view, report) =>
    reportFaultyOptions(view, report, {
      isAtFault: (option, { command }) =>
        option.required?.value === true &&
        !isChoice(option, command.relations) &&
        (isContradictory(option) || option.argument?.value.presence === 'none' || view.claims('gnu')),
      // Who drops it because it is deprecated is refused.
      levelOf: (faulty) => (faulty.some(isContradictory) ? 'warning' : undefined),
    }),
  message: ({ names }: FaultyOptions) => `${listNames(names)} must always be given`,
  fix: ({ names }) =>
    `make ${names.length === 1 ? 'it an operand' : 'the main ones operands'}, or choose a default`,
});

/** What must be given and may not: an option that is deprecated. */
function isContradictory({ deprecated }: Option): boolean {
  return deprecated !== undefined;
}

function isChoice(option: Option, relations: readonly Relation[]): boolean {
  const names = new Set(option.names.map(({ text }) => text));
  return relations.some(
    ({ kind, members }) =>
      (kind === 'exactly-one' || kind === 'at-least-one') && members.some(({ name }) => names.has(name)),
  );
}

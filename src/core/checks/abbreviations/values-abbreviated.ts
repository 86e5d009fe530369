import { listSome, quoteName } from '../../messages/wording.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

/** How many options or operands, and values of each, a message names before it only counts. */
const SHOWN = 3;

type ShortValues = {
  readonly subject: string;
  readonly values: readonly { readonly value: string; readonly shortest: string }[];
};

/** One finding for each command: its options and operands whose values are accepted in abbreviated form. */
export const valuesAbbreviated = defineCheck({
  name: 'abbreviations/values-abbreviated',
  level: 'note',
  title: 'Allowed values are accepted in abbreviated form',
  why: 'Callers write the beginning of a value. A new value that begins the same way breaks them, although no option changed.',
  standard: 'practice',
  needs: ['whether the parser accepts abbreviated values', 'the allowed values'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nparsing: {value-abbreviations: true}\noptions:\n  --sort=KEY:\n    help: sort by KEY\n    argument: {values: [owner, quay]}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nparsing: {value-abbreviations: false}\noptions:\n  --sort=KEY:\n    help: sort by KEY\n    argument: {values: [owner, quay]}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {value-abbreviations: true}\noptions:\n  --map=WHEN:\n    help: draw a map\n    argument: {values: ["on", "off"]}\n',
  },
  judge(view, report) {
    const byCommand = new Map<readonly string[], { subject: ShortValues; place: Place }[]>();
    for (const { at, subject, accepted, index, names } of view.valueScopes) {
      if (accepted === undefined) continue;
      report.judged(names.length);
      if (!accepted.value) continue;
      const values = names
        .map(({ value }) => ({ value, shortest: index.shortest(value) }))
        .filter(({ value, shortest }) => value.length - shortest.length > MAX_SAVED);
      if (values.length === 0) continue;
      const known = byCommand.get(at.path) ?? [];
      byCommand.set(at.path, [...known, { subject: { subject, values }, place: names[0]?.place ?? null }]);
    }
    for (const [command, subjects] of byCommand) {
      report.finding({
        command,
        subject: subjects[0]?.subject.subject ?? '',
        data: { subjects: subjects.map(({ subject }) => subject) },
        place: subjects[0]?.place ?? null,
      });
    }
  },
  message: ({ subjects }: { subjects: readonly ShortValues[] }) =>
    `values are accepted in a shorter form: ${listSome(
      subjects.map(({ subject, values }) => {
        const shown = values.map(({ value, shortest }) => `${quoteName(shortest)} for ${quoteName(value)}`);
        return `${listSome(shown, subjects.length > 1 ? 1 : SHOWN)} of ${quoteName(subject)}`;
      }),
      subjects.length > SHOWN ? 1 : SHOWN,
    )}`,
  fix: () => 'accept only full values, or start new values differently',
});

/** Nobody shortens a value by a letter or two. */
const MAX_SAVED = 2;

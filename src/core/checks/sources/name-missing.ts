import { listNames, quoteName } from '../../messages/wording.ts';
import { mainName, type Option, type OptionName } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { groupedByCommand, optionsTwice } from '../source-views.ts';
import { ToldOnce } from '../told-once.ts';

/** One finding for each option of which a source shows a letter, or a long name, that another source leaves out. */
export const nameMissing = defineCheck({
  name: 'sources/name-missing',
  level: 'warning',
  title: 'A source leaves out a name of an option that another has',
  why: 'Who reads it types the long name for want of the letter, or does not know the letter in a script for what it is.',
  standard: 'practice',
  needs: ['two sources of one command that both show letters beside long names'],
  since: 9,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  -l, --late   late boxes only\n      --quiet  say nothing\n',
    right: 'Usage: tiffin [OPTION]...\n\n  -l, --late   late boxes only\n  -q, --quiet  say nothing\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  --late   late boxes only\n  --quiet  say nothing\n',
    beside:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  -l, --late: late boxes only\n  -q, --quiet: say nothing\n',
  },
  judge(view, report) {
    const told = new ToldOnce();
    for (const [at, pairs] of groupedByCommand(optionsTwice(view))) {
      const sides = [
        { known: allNames(at.first.options.items), lacking: at.called[0] },
        { known: allNames(at.second.options.items), lacking: at.called[1] },
      ] as const;
      for (const [i, { known, lacking }] of sides.entries()) {
        // A source that shows one name of each option leaves the others out on purpose.
        if (!pairs.some(({ first, second }) => showsBoth(i === 0 ? first : second))) continue;
        for (const { first, second } of pairs) {
          const [has, lacks] = i === 0 ? [second, first] : [first, second];
          report.judged();
          const names = missing(has, lacks, known).filter(({ text }) => told.isNew(lacking, at.path, text));
          if (names.length === 0) continue;
          const name = mainName(lacks).text;
          const having = at.called[1 - i] ?? '';
          report.finding({
            command: at.path,
            subject: name,
            data: { name, names: names.map(({ text }) => text), lacking, having },
            place: lacks.place,
            related: [{ place: names[0]?.place ?? has.place, note: `${having} has it here` }],
          });
        }
      }
    }
  },
  message: (data: { name: string; names: readonly string[]; lacking: string; having: string }) =>
    `${data.lacking} has ${quoteName(data.name)} without ${listNames(data.names)}, which ${data.having} shows with it`,
  fix: ({ names }) => `add ${listNames(names)}, or take it out where it stands`,
});

function allNames(options: readonly Option[]): ReadonlySet<string> {
  return new Set(
    options.flatMap(({ names, negatedNames }) => [...names, ...negatedNames].map(({ text }) => text)),
  );
}

function showsBoth({ names }: Option): boolean {
  return names.some(isLetter) && !names.every(isLetter);
}

function isLetter({ form }: OptionName): boolean {
  return form === 'short';
}

/** The letter, or the long name, that the other source has no name of that kind for; a name that it gives to something else is another matter. */
function missing(has: Option, lacks: Option, known: ReadonlySet<string>): OptionName[] {
  if (has.hidden?.value === true || HELP_AND_VERSION.test(mainName(has).text)) return [];
  const [letters, others] = [has.names.filter(isLetter), has.names.filter((name) => !isLetter(name))];
  const lacking = [
    ...(lacks.names.some(isLetter) ? [] : letters.slice(0, 1)),
    ...(lacks.names.every(isLetter) ? others.slice(0, 1) : []),
  ];
  return lacking.filter(({ text }) => !known.has(text));
}

const HELP_AND_VERSION = /^(?:-[hV?]|--help|--version)$/;

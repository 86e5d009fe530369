import { isSameList } from '../../collections/list-key.ts';
import { listNames } from '../../messages/wording.ts';
import type { Interface } from '../../model/interface.ts';
import { nearestRule } from '../../model/nearest-rule.ts';
import { mainName } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';
import { defineCheck } from '../define-check.ts';

/** A finding for each command whose parser refuses names that its help lists. */
export const shownOptionRefused = defineCheck({
  name: 'behaviour/shown-option-refused',
  level: 'error',
  title: 'The parser refuses an option that the help shows',
  why: 'Whoever types what the help says gets an error. The name is misspelled in one of the two, or the option was renamed or removed.',
  standard: 'practice',
  needs: ['names that the parser was seen to refuse, as a capture with --probe keeps them'],
  since: 6,
  examples: {
    wrong: exampleDocument('    refused: {value: --rooute, observed: [value]}\n'),
    right: exampleDocument(''),
    nearMiss: `${exampleDocument('    refused: {value: --rooute, observed: [value]}\n')}observations:
  - words: [--rooute]
    exit-status: 0
    standard-output: "left, then right"
`,
  },
  judge(view, report) {
    for (const at of view.described) {
      // Names are asked for only where the parser takes abbreviations: elsewhere it is not sure that it answers.
      if (nearestRule(at.line, 'optionAbbreviations')?.basis !== 'observed') continue;
      // What a text mentions without listing it may be another program's.
      const asked = at.command.options.items.filter((option) => option.listed);
      report.judged(asked.length);
      const refused = asked.flatMap((option) =>
        option.refusedNames
          .filter(({ value }) => !wasAccepted(view.interface, at, value))
          .map((fact) => ({ option, fact })),
      );
      const [first, ...others] = refused;
      if (first === undefined) continue;
      report.finding({
        command: at.path,
        subject: mainName(first.option).text,
        data: { names: refused.map(({ fact }) => fact.value) },
        place: first.option.names.find(({ text }) => text === first.fact.value)?.place ?? first.option.place,
        related: [
          { place: first.fact.place, note: 'the parser says so here' },
          ...others.slice(0, RELATED).map(({ option }) => ({ place: option.place, note: 'refused too' })),
        ],
      });
    }
  },
  message: ({ names }: { names: readonly string[] }) =>
    `the help shows ${listNames(names)}, and the parser refuses ${names.length === 1 ? 'it' : 'them'} as unknown`,
  fix: () => 'write the name as the parser has it, or declare the option',
});

const RELATED = 3;

/** Whether a run with nothing but the name ended well: some programs look for `--help` before their parser does. */
function wasAccepted({ observations }: Interface, { path }: CommandAt, name: string): boolean {
  const words = [...path.slice(1), name];
  return observations.some((one) => one.exitStatus === 0 && isSameList(one.words, words));
}

function exampleDocument(fact: string): string {
  return `dabbawala: 1
program: tiffin
parsing: {option-abbreviations: true, observed: [option-abbreviations]}
options:
  --rooute=PORT:
    help: the way to go
${fact}  -q, --quiet: print nothing but errors
`;
}

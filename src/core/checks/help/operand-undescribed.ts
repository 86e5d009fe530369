import { listNames } from '../../messages/wording.ts';
import type { Form } from '../../model/command.ts';
import type { Source } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

/** So many different names are looked for in the text: each costs a look at all of it. */
const MAX_NAMES = 200;

/** One finding for each command whose usage line has operands of which nothing else speaks. */
export const operandUndescribed = defineCheck({
  name: 'help/operand-undescribed',
  level: 'note',
  title: 'An operand appears only in the usage line',
  why: 'All the reader has is a name: not what it can be, nor what happens without it.',
  standard: 'practice',
  needs: ['the help of the command'],
  since: 4,
  examples: {
    wrong: 'Usage: tiffin [OPTION]... BOX\n\nOptions:\n  --map  draw a map\n',
    right: 'Usage: tiffin [OPTION]... BOX\n\nPrint the label of BOX.\n\nOptions:\n  --map  draw a map\n',
    nearMiss:
      'Usage: tiffin [OPTION]... BOX\n\nOperands:\n  BOX  number of the box\n\nOptions:\n  --map  draw a map\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const listed = new Set(command.operands.items.map(({ name }) => name.toLowerCase()));
      const forms = command.forms.filter(({ place }) => place !== null && view.isHelp(place));
      const text = textOutside(forms);
      const told = new Map<string, boolean>();
      const isTold = (word: string) => {
        const known = told.get(word) ?? (told.size >= MAX_NAMES || text.includes(word));
        told.set(word, known);
        return known;
      };
      const silent = forms.flatMap(({ operands }) =>
        operands.filter(({ name, kind }) => {
          // Up to the last letter or digit; greedy, so that it is looked for from the end only.
          const word = /^.*[\p{L}\d]/su.exec(name.toLowerCase())?.[0] ?? '';
          return (
            kind === 'word' && /^[\p{L}]/u.test(word) && !listed.has(name.toLowerCase()) && !isTold(word)
          );
        }),
      );
      report.judged(command.forms.reduce((sum, { operands }) => sum + operands.length, 0));
      const names = [...new Set(silent.map(({ name }) => name))];
      const [first] = silent;
      if (first === undefined) continue;
      report.finding({ command: path, subject: first.name, data: { names }, place: first.place });
    }
  },
  message: ({ names }: { names: readonly string[] }) =>
    `${names.length === 1 ? 'the operand' : 'the operands'} ${listNames(names)} ${names.length === 1 ? 'appears' : 'appear'} only in the usage line`,
  fix: ({ names }) =>
    `say what ${names.length === 1 ? 'it is' : 'they are'}, and what happens without ${names.length === 1 ? 'it' : 'them'}`,
});

/** The text, in small letters, of the sources of usage lines without these: what speaks of an operand stands outside them. */
function textOutside(forms: readonly Form[]): string {
  const usage = new Map<Source, { start: number; end: number }>();
  for (const { place } of forms) {
    if (place === null) continue;
    const { start, end } = usage.get(place.source) ?? place;
    usage.set(place.source, { start: Math.min(start, place.start), end: Math.max(end, place.end) });
  }
  return [...usage]
    .map(([{ text }, { start, end }]) => `${text.slice(0, start)}\n${text.slice(end)}`.toLowerCase())
    .join('\n');
}

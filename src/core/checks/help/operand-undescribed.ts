import { listNames } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';

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
      const silent = command.forms.flatMap(({ operands, place }) => {
        if (place === null || !view.isHelp(place)) return [];
        // The usage lines stand together: what speaks of an operand stands outside them.
        const start = Math.min(...command.forms.map((form) => form.place?.start ?? place.start));
        const end = Math.max(...command.forms.map((form) => form.place?.end ?? place.end));
        const { text } = place.source;
        const rest = `${text.slice(0, start)}\n${text.slice(end)}`.toLowerCase();
        return operands.filter(({ name, kind }) => {
          const word = name.toLowerCase().replace(/[^\p{L}\d]+$/u, '');
          return (
            kind === 'word' &&
            /^[\p{L}]/u.test(word) &&
            !listed.has(name.toLowerCase()) &&
            !rest.includes(word)
          );
        });
      });
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

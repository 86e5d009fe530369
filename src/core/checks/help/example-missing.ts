import { quoteName } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';

/** Commands with fewer options and operands explain themselves. */
const MAX_PARTS = 3;

/** A document of two commands with more options than explain themselves, and what else is said of each. */
function documentOf([first, second]: readonly [string, string]): string {
  const command = (name: string, extra: string) =>
    `  ${name}:\n    options: {-a: all, -b: one box, -c: carriers, -d: days}\n${extra === '' ? '' : `    ${extra}\n`}`;
  return `dabbawala: 1\nprogram: tiffin\ncommands:\n${command('box', first)}${command('round', second)}`;
}

/** One finding for an interface some of whose larger commands show no example, where others do. */
export const exampleMissing = defineCheck({
  name: 'help/example-missing',
  level: 'note',
  title: 'A command shows no example, and others of the program do',
  why: 'Most readers look for a command line close to theirs and change it. Who has found one for other commands misses it here.',
  standard: 'practice',
  needs: ['the help or the document of the command'],
  since: 4,
  examples: {
    wrong: documentOf(['examples: [tiffin box -a]', '']),
    right: documentOf(['examples: [tiffin box -a]', 'examples: [tiffin round -a]']),
    nearMiss: documentOf(['', '']),
  },
  judge(view, report) {
    let shown = 0;
    const lacking: {
      path: readonly string[];
      parts: number;
      place: (typeof view.commands)[number]['command']['place'];
    }[] = [];
    for (const { command, path } of view.described) {
      const operands = command.forms.reduce(
        (most, form) => Math.max(most, form.operands.length),
        command.operands.items.length,
      );
      const parts = command.options.items.length + operands;
      if (parts <= MAX_PARTS) continue;
      report.judged();
      const place = command.options.items[0]?.place ?? command.place;
      // Help is searched as a whole: an example may stand in any section.
      const isShown =
        command.examples.length > 0 ||
        (place !== null &&
          /\bexamples?\b|\be\.g\.|^[ \t]*[$%] /im.test(view.isHelp(place) ? place.source.text : ''));
      if (isShown) shown++;
      else lacking.push({ path, parts, place });
    }
    // A program that shows none anywhere shows them elsewhere, or is known without.
    if (shown < lacking.length) return;
    const [first, ...others] = lacking.sort((a, b) => b.parts - a.parts);
    if (first === undefined) return;
    report.finding({
      command: first.path,
      subject: first.path.at(-1) ?? '',
      data: { command: first.path.join(' '), count: first.parts, others: others.length },
      place: first.place,
    });
  },
  message: ({ command, count, others }: { command: string; count: number; others: number }) =>
    `${quoteName(command)} has ${count} options and operands but no example, as other commands have${others === 0 ? '' : `; neither ${others === 1 ? 'has 1 smaller command' : `have ${others} smaller commands`}`}`,
  fix: () => 'show the one or two command lines that most callers need',
});

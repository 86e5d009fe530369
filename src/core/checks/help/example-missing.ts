import { quoteName } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';

/** Commands with fewer options and operands explain themselves. */
const MAX_PARTS = 3;

/** One finding for an interface some of whose larger commands show no example. */
export const exampleMissing = defineCheck({
  name: 'help/example-missing',
  level: 'note',
  title: 'A command with many options shows no example',
  why: 'Most readers look for a command line close to theirs and change it. Without one they go by trial and error.',
  standard: 'practice',
  needs: ['the help or the document of the command'],
  since: 4,
  examples: {
    wrong: 'Usage: tiffin [OPTION]... BOX\n\n  -a  all\n  -b  one box\n  -c  carriers\n  -d  days\n',
    right:
      'Usage: tiffin [OPTION]... BOX\n\n  -a  all\n  -b  one box\n  -c  carriers\n  -d  days\n\nExamples:\n  tiffin -ab 12\n',
    nearMiss: 'Usage: tiffin [OPTION]... BOX\n\n  -a  all\n  -b  one box\n',
  },
  judge(view, report) {
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
      if (!isShown) lacking.push({ path, parts, place });
    }
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
    `${quoteName(command)} has ${count} options and operands but no example${others === 0 ? '' : `; neither ${others === 1 ? 'has 1 smaller command' : `have ${others} smaller commands`}`}`,
  fix: () => 'show the one or two command lines that most callers need',
});

import { listNames } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';

/** The longest name, without its hyphens, and the most hyphens in it. */
const MAX_CHARACTERS = 36;
const MAX_HYPHENS = 5;

/** One finding for each command with long names that nobody types. */
export const tooLong = defineCheck({
  name: 'names/too-long',
  level: 'note',
  title: 'A name is too long to type or remember',
  why: 'Nobody types such a name in full. Callers abbreviate it where they can, or copy it wrongly, and it pushes the texts in the help to the right.',
  standard: 'practice',
  needs: ['the long options'],
  since: 4,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --only-boxes-of-the-carriers-of-yesterday-and-today  some\n  --quiet  say nothing\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --new-only  leave out the boxes of the day before\n  --quiet     say nothing\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --leave-out-boxes-of-other-carriers  only own boxes\n  --quiet  say nothing\n',
  },
  judge(view, report) {
    const said = new Set<string>();
    for (const { at, names } of view.scopes) {
      const declared = new Set(at.command.options.items);
      const own = names.filter(({ option, generated }) => declared.has(option) && !generated);
      report.judged(own.length);
      const long = own.filter(({ name }) => {
        const word = name.text.replace(/^--?/, '');
        const isLong = word.length > MAX_CHARACTERS || word.split('-').length - 1 > MAX_HYPHENS;
        // Commands that share options share their names too: each is told once.
        return isLong && !said.has(name.text);
      });
      for (const { name } of long) said.add(name.text);
      const [first] = long;
      if (first === undefined) continue;
      report.finding({
        command: at.path,
        subject: first.name.text,
        data: { names: long.map(({ name }) => name.text) },
        place: first.name.place,
      });
    }
  },
  apart: true,
  message: ({ names }: { names: readonly string[] }) =>
    `${listNames(names)} ${names.length === 1 ? 'is' : 'are'} too long to type`,
  fix: () => 'find a name of two or three short words, and leave the rest to the help',
});

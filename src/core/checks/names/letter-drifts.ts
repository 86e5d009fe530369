import { quoteName } from '../../messages/wording.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each long name that has one letter in one command and another in the next, or in another program of the family. */
export const letterDrifts = defineCheck({
  name: 'names/letter-drifts',
  level: 'note',
  title: 'One long name has different letters in different commands',
  why: 'People learn the letter with the first command and use it with the next, where it is an error or means something else.',
  standard: 'practice',
  needs: ['the options of several commands'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {options: {"-q, --quay=NAME": the quay}}\n  route: {options: {"-k, --quay=NAME": the quay}}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {options: {"-q, --quay=NAME": the quay}}\n  route: {options: {"-q, --quay=NAME": the quay}}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {options: {"-q, --quay=NAME": the quay}}\n  route: {options: {"--quay=NAME": the quay}}\n',
  },
  judge(view, report) {
    const byName = new Map<string, Map<string, { path: readonly string[]; place: Place }>>();
    for (const { command, path } of [...view.siblingCommands, ...view.commands]) {
      for (const { names } of command.options.items) {
        const letters = names.filter(({ form }) => form === 'short');
        for (const { text, form } of names) {
          if (form !== 'long' || letters.length !== 1 || letters[0] === undefined) continue;
          const known = byName.get(text) ?? new Map();
          if (!known.has(letters[0].text)) known.set(letters[0].text, { path, place: letters[0].place });
          byName.set(text, known);
        }
      }
    }
    report.judged(byName.size);
    for (const [name, letters] of byName) {
      const [first, ...others] = letters;
      const second = others.find(([, { path }]) => view.isOwn(path));
      if (first === undefined || second === undefined) continue;
      report.finding({
        command: second[1].path,
        subject: name,
        data: {
          name,
          letters: [first, second].map(([letter]) => letter),
          commands: [first, second].map(([, { path }]) => path.join(' ')),
        },
        place: second[1].place,
        related: [
          { place: first[1].place, note: `${quoteName(first[0])} in ${quoteName(first[1].path.join(' '))}` },
        ],
      });
    }
  },
  message: ({
    name,
    letters,
    commands,
  }: {
    name: string;
    letters: readonly string[];
    commands: readonly string[];
  }) =>
    `${quoteName(name)} is ${quoteName(letters[1] ?? '')} here and ${quoteName(letters[0] ?? '')} in ${quoteName(commands[0] ?? '')}`,
  fix: ({ letters, name }) => `give ${quoteName(name)} the letter ${quoteName(letters[0] ?? '')} everywhere`,
});

import { listSome, quoteName } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';

/** How many commands a message names before it only counts. */
const COMMANDS_SHOWN = 3;

type ShortForm = { readonly name: string; readonly shortest: string };

/** One finding for each command whose subcommands are accepted in abbreviated form. */
export const commandsAbbreviated = defineCheck({
  name: 'abbreviations/commands-abbreviated',
  level: 'note',
  title: 'Commands are accepted in abbreviated form',
  why:
    'Callers write the shortest form that works. Every new command, and every one that an extension adds, can make such a form ' +
    'ambiguous or give it another meaning, in scripts that nobody touched.',
  standard: 'practice',
  needs: ['whether the parser accepts abbreviated commands'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nparsing: {command-abbreviations: true}\ncommands:\n  kitchen: list kitchens\n  route: plan routes\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nparsing: {command-abbreviations: false}\ncommands:\n  kitchen: list kitchens\n  route: plan routes\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {command-abbreviations: true}\ncommands:\n  go: open a round\n  goal: set how many\n',
  },
  judge(view, report) {
    for (const { at, accepted, index, names } of view.commandScopes) {
      if (accepted === undefined) continue;
      report.judged(names.length);
      if (!accepted.value) continue;
      const forms = names
        .map(({ name }) => ({ name: name.text, shortest: index.shortest(name.text), place: name.place }))
        .filter(({ name, shortest }) => name.length - shortest.length > MAX_SAVED);
      const [first] = forms;
      if (first === undefined) continue;
      report.finding({
        command: at.path,
        subject: first.name,
        data: { forms: forms.map(({ name, shortest }) => ({ name, shortest })) },
        place: first.place,
      });
    }
  },
  members: { list: 'forms', nameOf: ({ name }) => name },
  apart: true,
  message: ({ forms }: { forms: readonly ShortForm[] }) =>
    `${forms.length === 1 ? 'a command is' : `${forms.length} commands are`} accepted in a shorter form: ${listSome(
      forms.map(({ name, shortest }) => `${quoteName(shortest)} for ${quoteName(name)}`),
      COMMANDS_SHOWN,
    )}`,
  fix: () => 'accept only full names and declared aliases, or start the names of new commands differently',
});

/** Nobody shortens a name by a letter or two. */
const MAX_SAVED = 2;

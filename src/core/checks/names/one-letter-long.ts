import { listNames, quoteName } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';

/** `--v=LEVEL`: how much is logged, as a widespread library for flags has it in all its programs, which have no short options. */
const LEVEL_OF_LOG = '--v';

/** One finding for the long options of one letter of a command. */
export const oneLetterLong = defineCheck({
  name: 'names/one-letter-long',
  level: 'warning',
  title: 'A long option has one letter only',
  why: 'It says no more than a short option, takes one more keystroke, and looks like a misspelling of -x.',
  standard: 'GNU Coding Standards 4.8',
  needs: ['long options'],
  since: 1,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --n=COUNT     print this many boxes\n  --late-boxes  show late boxes\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  -n COUNT      print this many boxes\n  --late-boxes  show late boxes\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --no=COUNT    skip this many boxes\n  -n COUNT      print this many boxes\n',
  },
  judge(view, report) {
    for (const { at, names } of view.scopes) {
      report.judged(names.length);
      const isLogged = names.every(({ name }) => name.form === 'long');
      const short = names.filter(
        ({ name, option }) =>
          name.form === 'long' &&
          name.text.length === 3 &&
          !(isLogged && name.text === LEVEL_OF_LOG && option.argument?.value.presence === 'mandatory'),
      );
      const [first] = short;
      if (first === undefined) continue;
      report.finding({
        command: at.path,
        subject: first.name.text,
        data: { names: [...new Set(short.map(({ name }) => name.text))] },
        place: first.name.place,
        related: short.slice(1, 5).map(({ name }) => ({ place: name.place, note: 'and this one' })),
      });
    }
  },
  apart: true,
  message: ({ names }: { names: readonly string[] }) =>
    names.length === 1
      ? `${listNames(names)} is a long option of one letter`
      : `${listNames(names)} are long options of one letter`,
  fix: ({ names }) =>
    names.length === 1
      ? `name it with a word, and use ${quoteName(names[0]?.slice(1) ?? '')} as its short form if that is free`
      : 'name them with words, and use the letters as their short forms where they are free',
});

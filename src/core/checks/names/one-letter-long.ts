import { quoteName } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each long option of one letter. */
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
    for (const scope of view.scopes) {
      for (const { name } of scope.names) {
        report.judged();
        if (name.form !== 'long' || name.text.length !== 3) continue;
        report.finding({
          command: scope.at.path,
          subject: name.text,
          data: { name: name.text },
          place: name.place,
        });
      }
    }
  },
  message: ({ name }: { name: string }) => `${quoteName(name)} is a long option of one letter`,
  fix: ({ name }) =>
    `name it with a word, and use ${quoteName(name.slice(1))} as its short form if that is free`,
});

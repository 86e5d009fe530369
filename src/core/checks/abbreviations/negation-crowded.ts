import type { OptionScope, ScopeName } from '../../abbreviations/option-scope.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';

type Crowded = { readonly generated: string; readonly declared: string; readonly word: string | null };

/** One finding for each negated name that the parser makes and that meets a declared one. */
export const negationCrowded = defineCheck({
  name: 'abbreviations/negation-crowded',
  level: 'warning',
  title: 'A negated name that the parser generates clashes with a declared one',
  why: 'Nobody declared the negated name, so nobody sees that it exists. If it is also declared for another option, one of the two can never be given. If both only begin the same way, the short form of one becomes ambiguous.',
  standard: 'practice',
  needs: ['the long options of the command', 'whether the parser makes negated names'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nparsing: {generated-negation: true}\noptions:\n  --tea: pour tea\n  --no-teaspoons: leave out the spoons\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nparsing: {generated-negation: false}\noptions:\n  --tea: pour tea\n  --no-teaspoons: leave out the spoons\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {generated-negation: true}\noptions:\n  --tea: pour tea\n  --no-spoons: leave out the spoons\n' +
      '  --notes: print notes\n',
  },
  judge(view, report) {
    for (const scope of view.scopes) {
      const generated = scope.names.filter((name) => name.generated);
      if (generated.length === 0) continue;
      report.judged(generated.length);
      const declared = scope.names.filter((name) => !name.generated && name.name.text.startsWith('--no-'));
      for (const made of generated) {
        const met = declared.find((name) => name.option !== made.option && meets(made, name, scope));
        if (met === undefined) continue;
        const collides = met.name.text === made.name.text;
        // A help that lists `--no-map` beside `--map` shows what the parser generates.
        if (collides && view.isHelp(met.name.place) && takesNothing(met.option)) continue;
        report.finding({
          command: scope.at.path,
          subject: made.name.text,
          data: {
            generated: made.name.text,
            declared: met.name.text,
            word: collides ? null : sharedPrefix(made.name.text, met.name.text),
          },
          level: collides ? 'error' : 'warning',
          place: met.name.place,
          related: [
            { place: made.name.place, note: `the parser makes ${quoteName(made.name.text)} of this` },
          ],
        });
      }
    }
  },
  message: ({ generated, declared, word }: Crowded) =>
    word === null
      ? `the parser generates ${quoteName(generated)}, which another option is called too`
      : `the parser generates ${quoteName(generated)}, so ${quoteName(word)} could mean that or ${quoteName(declared)}`,
  fix: ({ declared }) =>
    `rename ${quoteName(declared)}, or declare the negated names yourself and switch their generation off`,
});

/** How much more than `--no-` two names must share. */
const MIN_SHARED = '--no-'.length + 2;

/** Whether two names are the same, or begin alike for longer than one letter of a name and are abbreviated. */
function meets(made: ScopeName, declared: ScopeName, scope: OptionScope): boolean {
  if (made.name.text === declared.name.text) return true;
  return (
    scope.accepted?.value !== false && sharedPrefix(made.name.text, declared.name.text).length >= MIN_SHARED
  );
}

function sharedPrefix(a: string, b: string): string {
  let length = 0;
  while (length < a.length && a[length] === b[length]) length++;
  return a.slice(0, length);
}

function takesNothing({ argument }: Option): boolean {
  return argument === undefined || argument.value.presence === 'none';
}

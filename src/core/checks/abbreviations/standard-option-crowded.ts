import type { OptionScope, ScopeName } from '../../abbreviations/option-scope.ts';
import { listNames, quoteName } from '../../messages/wording.ts';
import { isAccepting } from '../accepting-scope.ts';
import { defineCheck } from '../define-check.ts';

/** How much of `--help` and `--version` people type: less is not taken for them. */
const TYPED: ReadonlyMap<string, string> = new Map([
  ['--help', '--hel'],
  ['--version', '--vers'],
]);

type Crowded = { readonly standard: string; readonly typed: string; readonly others: readonly string[] };

/** One finding for each standard option that others crowd. */
export const standardOptionCrowded = defineCheck({
  name: 'abbreviations/standard-option-crowded',
  level: 'note',
  title: 'Other names begin as a standard option does',
  why: 'Every program has --help and --version, and people type only as much of them as they must. A name that begins the same way breaks that habit just when they look for help.',
  standard: 'GNU Coding Standards 4.8.2; GNU conventions, abbreviations of long options',
  needs: ['the long options of the command'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nparsing: {option-abbreviations: true}\noptions:\n  --help: print this help\n  --help-day: name the day on which helpers come\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nparsing: {option-abbreviations: true}\noptions:\n  --help: print this help\n  --day-of-help: name the day on which helpers come\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\nparsing: {option-abbreviations: true}\noptions:\n  --verbose: say more\n  --version: print the version\n  --height=N: boxes in a pile\n  --help: print this help\n',
  },
  judge(view, report) {
    for (const scope of view.scopes) {
      report.judged();
      if (!isAccepting(scope, report)) continue;
      for (const [standard, typed] of TYPED) {
        const others = crowding(scope, standard, typed);
        const [first] = others;
        if (first === undefined) continue;
        report.finding({
          command: scope.at.path,
          subject: first.name.text,
          data: { standard, typed, others: others.map(({ name }) => name.text) },
          place: first.name.place,
          related: [
            {
              place: scope.names.find(({ name }) => name.text === standard)?.name.place ?? null,
              note: `${quoteName(typed)} stood for this`,
            },
          ],
        });
      }
    }
  },
  message: ({ standard, typed, others }: Crowded) =>
    `${quoteName(typed)} does not stand for ${quoteName(standard)}: ${listNames(others)} ${others.length === 1 ? 'begins' : 'begin'} the same way`,
  fix: ({ others }) => `start ${others.length === 1 ? 'the name' : 'the names'} with another word`,
});

/** The names of the command's own options that begin as a standard option does, where it has that option and no other of its names. */
function crowding(scope: OptionScope, standard: string, typed: string): ScopeName[] {
  const target = scope.names.find(({ name }) => name.text === standard)?.option;
  const declared = new Set(scope.at.command.options.items);
  if (target === undefined) return [];
  return scope.names.filter(
    ({ name, option }) =>
      option !== target && name.text !== standard && name.text.startsWith(typed) && declared.has(option),
  );
}

import { optionsInReach } from '../../abbreviations/option-scope.ts';
import { quoteName } from '../../messages/wording.ts';
import { type Command, commandName } from '../../model/command.ts';
import { longNames } from '../../model/option.ts';
import type { Place } from '../../source/source.ts';
import { letterTimesInSource, timesInSource } from '../../source/word-counts.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for a program with texts for its help and no way to them. */
export const noWayToHelp = defineCheck({
  name: 'help/no-way-to-help',
  level: 'error',
  title: 'There is help, but no way to reach it',
  why: 'The texts exist, but no caller can read them: neither --help, nor -h, nor a help command is declared.',
  standard: 'GNU Coding Standards 4.8.2',
  needs: ['a complete list of options'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  --map: draw a map\n  --late: list late boxes\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  --map: draw a map\n  -h, --help: print this help\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  --map: draw a map\ncommands:\n  help: print this help\n',
  },
  judge(view, report) {
    const [root] = view.commands;
    if (root === undefined || !root.command.described) return;
    const { command, path } = root;
    // Whoever gave help output found a way to it, and the next reader looks for it there.
    if (view.isHelp(command.options.items[0]?.place ?? null)) {
      const place = unspoken(command);
      if (place === undefined) return;
      report.judged();
      if (place !== null)
        report.finding({
          command: path,
          subject: path[0] ?? '',
          data: { program: path[0] ?? '', isListed: false },
          place,
          level: 'note',
        });
      return;
    }
    const hasTexts = command.options.items.some(({ help }) => help !== undefined);
    if (!hasTexts) return;
    // A script that explains itself wherever an option is unknown does so at '--help' too.
    if (view.interface.optionLoops.some(({ unknown }) => (unknown?.prints.length ?? 0) > 0)) return;
    const names = new Set(
      optionsInReach(root).flatMap((option) => option.names.map(({ text }) => text.replace(/^-+/, ''))),
    );
    const leads =
      [...names].some((name) => /^(?:h|help|help-.+|usage|\?)$/.test(name)) ||
      command.commands.items.some((sub) => commandName(sub) === 'help');
    if (leads || command.options.complete?.value !== true || command.options.complete.basis === 'inferred') {
      if (leads) report.judged();
      else
        report.notJudged({
          command: path,
          count: 1,
          reason: 'whether the list of options is complete',
          remedy: "if it is, say 'complete: true' in an interface document",
          place: command.options.items[0]?.place ?? null,
        });
      return;
    }
    report.judged();
    report.finding({
      command: path,
      subject: path[0] ?? '',
      data: { program: path[0] ?? '', isListed: true },
      place: command.options.items[0]?.place ?? null,
    });
  },
  message: ({ program, isListed }: { program: string; isListed: boolean }) =>
    !isListed
      ? `the help of ${quoteName(program)} lists no option that shows it`
      : `${quoteName(program)} has help texts, but neither '--help', '-h' nor 'help' to reach them`,
  fix: ({ isListed }) =>
    !isListed
      ? "list '-h, --help' with the other options"
      : "declare '-h, --help', which prints the help to standard output and exits with 0",
});

/** Fewer long options are no list in which one is missed. */
const LEAST_LISTED = 3;

/** Where the list of options begins in a help that has not one word about help; null where it has one, undefined where its list is too short to tell. */
function unspoken({ options, forms }: Command): Place | undefined {
  const listed = options.items.filter((option) => option.listed && longNames(option).length > 0);
  const place = listed[0]?.place;
  // A synopsis with an option that must be given is of one mode of the program.
  const isOfMode = forms.some((form) => form.options.some(({ required }) => required));
  if (place == null || listed.length < LEAST_LISTED || isOfMode) return undefined;
  const isTold =
    timesInSource('help', place.source) > 0 ||
    letterTimesInSource('h', place.source) > 0 ||
    /-\?|--usage/.test(place.source.text);
  return isTold ? null : place;
}

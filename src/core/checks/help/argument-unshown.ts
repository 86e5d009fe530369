import { listNames } from '../../messages/wording.ts';
import type { Command } from '../../model/command.ts';
import type { Option } from '../../model/option.ts';
import { speaksOfValue } from '../../notation/speaks-of-value.ts';
import { withoutNotes } from '../../notation/without-notes.ts';
import { defineCheck } from '../define-check.ts';
import { type FaultyOptions, reportFaultyOptions } from '../faulty-options.ts';

/** One finding for each command with options that take an argument by what their texts say, and are listed without one. */
export const argumentUnshown = defineCheck({
  name: 'help/argument-unshown',
  level: 'note',
  title: 'An option takes an argument that its list does not show',
  why: 'Callers give the option alone, and the next word of the command line becomes its argument, or the program complains of one that nobody told them of.',
  standard: 'POSIX XBD 12.1',
  needs: ['the texts of the options, in help that no parser library prints'],
  since: 12,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --boxes   maximum number of boxes\n  --map     draw a map\n  --day     the day before today\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --boxes=NUM  maximum number of boxes\n  --map        draw a map\n  --day        the day before today\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --boxes    list of all boxes\n  --large    set the size to 8\n  --local    stay on this file system\n',
  },
  judge(view, report) {
    // Most parser libraries show arguments in a way of their own, or in the texts, and know which options take one.
    const { parser } = view.interface;
    if (parser?.value.some((name) => !name.startsWith('getopt') && !LEAVES_OUT.has(name))) return;
    reportFaultyOptions(view, report, {
      among: ({ help, listed, argument, place }) =>
        help !== undefined && listed && view.isHelp(place) && argument?.basis !== 'stated',
      isAtFault: (option, { command }) =>
        isWithoutPlaceholder(option) && isTold(option) && !isShownBare(option, command),
    });
  },
  apart: true,
  message: ({ names }: FaultyOptions) =>
    `${listNames(names)} ${names.length === 1 ? 'shows no argument, and its text speaks' : 'show no argument, and their texts speak'} of one`,
  fix: ({ names }) =>
    `show what ${names.length === 1 ? 'the option takes' : 'each takes'}, as in '${names[0] ?? ''}${names[0]?.startsWith('--') === true ? '=' : ' '}WORD'`,
});

/** Parsers that show an argument only where the program gives a placeholder. */
const LEAVES_OUT: ReadonlySet<string> = new Set(['glib', 'popt']);

/** Whether nothing shows the argument, if there is one: neither a placeholder nor values, nor a mark such as `[number]`, where it is known from that. */
function isWithoutPlaceholder({ argument, help }: Option): boolean {
  const isMarked = argument?.place != null && argument.place.start !== help?.place?.start;
  if (isMarked) return false;
  return (argument?.value.words ?? []).every(
    ({ placeholder, values }) => placeholder === undefined && values === undefined,
  );
}

/** `[-d DAY] [-f|-u]`: whether a synopsis shows the option as one of a choice, with nothing behind it, and others with their arguments. */
function isShownBare({ names }: Option, { forms }: Command): boolean {
  const own = new Set(names.map(({ text }) => text));
  return forms.some(({ options }) => {
    const shown = options.flatMap(({ name, place }) => {
      if (place === null) return [];
      const { text } = place.source;
      return [
        {
          name,
          isChosen: text[place.end] === '|' || text[place.start - 1] === '|',
          behind: text.slice(place.end, place.end + 3),
        },
      ];
    });
    return (
      shown.some(({ name, isChosen, behind }) => isChosen && own.has(name) && /^[\])|]/.test(behind)) &&
      shown.some(({ behind }) => /^[ =][\w<]/.test(behind))
    );
  });
}

/** What a switch says of itself, which reads like what sets a value: `set the verbose level`, `from this file`, `provide a map`; and a list, which is as often what the option prints. */
const OF_SWITCH = /^(?:an? |the )?lists?\b|^provides?\b|\bthis\b|\bno[ -]/i;

/** Levels that are raised by giving the option again, what is switched off, and how to get help: `provide help on tiffin`. */
const SWITCHES = /^--(?:verbose|quiet|debug|no-)|^-{1,2}(?:help|version)$/;

/** Whether the text of an option speaks of its argument; in a list that shows the arguments of others, it has to say so more surely. */
function isTold({ help, argument, names }: Option): boolean {
  const text = withoutNotes(help?.value ?? '');
  if (!speaksOfValue(text) || names.some((name) => SWITCHES.test(name.text) || /^-\d/.test(name.text)))
    return false;
  return argument?.value.presence === 'mandatory' || !OF_SWITCH.test(text);
}

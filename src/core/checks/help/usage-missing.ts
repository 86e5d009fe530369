import { quoteName } from '../../messages/wording.ts';
import type { Command } from '../../model/command.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each command that is described and shows no usage. */
export const usageMissing = defineCheck({
  name: 'help/usage-missing',
  level: 'warning',
  title: 'There is no usage line',
  why: 'A list of options does not say which operands the command takes, how many, and which are required.',
  standard: 'GNU Coding Standards 4.8.2',
  needs: ['the help or the document of the command'],
  since: 4,
  examples: {
    wrong:
      'tiffin prints the boxes of a day.\n\nOptions:\n  -q, --quiet  say nothing\n  --map        draw a map\n',
    right:
      'Usage: tiffin [OPTION]... DAY\n\nOptions:\n  -q, --quiet  say nothing\n  --map        draw a map\n',
    nearMiss: 'tiffin [OPTION]... DAY\n\nOptions:\n  -q, --quiet  say nothing\n  --map        draw a map\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const [option] = command.options.items;
      const isHelp = option !== undefined && view.isHelp(option.place);
      // A document without a usage line has one made for it; help shows what there is.
      if (!isHelp) continue;
      report.judged();
      // A first line that is the command itself is a usage line without operands.
      const isShown =
        command.forms.length > 0 ||
        beginsWith(path, option.place) ||
        hasHeading(option.place) ||
        listsForms(command) ||
        isErrorMessage(option.place) ||
        hasSynopsis(path, option.place);
      const isNameless =
        command.forms.length === 0 && path.length === 1 && NAMELESS.test(textOf(option.place));
      if (isShown && !isNameless) continue;
      report.finding({
        command: path,
        subject: path.at(-1) ?? '',
        data: { command: path.join(' '), isNameless },
        place: option.place,
        ...(isNameless ? { level: 'note' } : {}),
      });
    }
  },
  message: ({ command, isNameless }: { command: string; isNameless: boolean }) =>
    isNameless
      ? `the usage line of ${quoteName(command)} does not name the program`
      : `${quoteName(command)} shows no usage line`,
  fix: ({ command }) => `start the help with a line such as 'Usage: ${command} [OPTION]... FILE'`,
});

function beginsWith(path: readonly string[], place: Place): boolean {
  const [first = ''] = (place?.source.text ?? '').trimStart().split('\n', 1);
  return first.trim() === path.join(' ') || first.trim() === path.at(-1);
}

/** A usage line that begins with options. */
const NAMELESS = /^\s{0,8}usage: *\[(?:-|options?\b|flags?\b)/im;

function textOf(place: Place): string {
  return (place?.source.text ?? '').slice(0, TEXT_LIMIT);
}

/** A usage line stands so near to the beginning. */
const TEXT_LIMIT = 2000;

/** A text that begins with what went wrong is no help, whatever options it lists below. */
function isErrorMessage(place: Place): boolean {
  const [first = ''] = (place?.source.text ?? '').trimStart().split('\n', 1);
  return /^(?:error|fatal|exception)\b|\b(?:failed|could not|cannot|unable to|not found|no such)\b/i.test(
    first.slice(0, LINE_LIMIT),
  );
}

/** So much of a line is looked at. */
const LINE_LIMIT = 200;

/** A list that shows most commands with their operands says how the program is called. */
function listsForms({ commands: { items } }: Command): boolean {
  return items.filter(({ forms }) => forms.length > 0).length * 2 > items.length;
}

/** A heading with `usage` in it stands over usage lines that could not be read as such. */
function hasHeading(place: Place): boolean {
  const text = place?.source.text ?? '';
  // An error message may stand in the same line: `tiffin: no such quayUsage: tiffin BOX`.
  return /^\s{0,8}(?:\w{1,20} ){0,2}usage\b/im.test(text) || /[Uu]sage: ?\S/.test(text);
}

/** A word and an option in brackets: the synopsis of a program, wherever a log puts it in the line. */
const WORD_AND_OPTION = /(?:^|\s)[a-z][\w.-]{0,40} \[--?\w[^[\]]{0,60}\] [[<a-zA-Z]/;

/** `[-b SIZE] [-q]`: a synopsis without the program. */
const BRACKETS_ALONE = /^\[-{1,2}\w[^[\]]{0,60}\] \[-/;

/** A name may stand in the title in capitals, and in small letters where it is called. */
function startsWithName(line: string, name: string): boolean {
  return line.slice(0, name.length).toLowerCase() === name.toLowerCase();
}

/** A line may be a synopsis without being called so: ` tiffin [options] <box>`. */
function hasSynopsis(path: readonly string[], place: Place): boolean {
  const plain = (place?.source.text ?? '').replace(/\x1b\[[\d;]{0,20}m/g, '');
  const lines = plain.split('\n', 400).map((line) => line.trim().replace(/^[\w./-]*\//, ''));
  return lines.some(
    (line) =>
      /^[\w.-]{1,40}:? (?:[\w-]{1,20} ){0,3}\[(?:options?\b|--?\w)|^[\w.-]{1,40} <options?\b/i.test(line) ||
      BRACKETS_ALONE.test(line) ||
      WORD_AND_OPTION.test(line) ||
      path.some((name) => startsWithName(line, name) && /^ [[<{-]/.test(line.slice(name.length))),
  );
}

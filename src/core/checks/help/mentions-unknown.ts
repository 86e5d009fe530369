import { quoteName } from '../../messages/wording.ts';
import { mainName } from '../../model/option.ts';
import { walkCommands } from '../../model/walk.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each option that a text speaks of and that is in no list. */
export const mentionsUnknown = defineCheck({
  name: 'help/mentions-unknown',
  level: 'warning',
  title: 'A text mentions an option that does not exist',
  why: 'The option was renamed or removed, and other texts still send the reader to it.',
  standard: 'practice',
  needs: ['a complete list of options', 'the texts'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  --late: what came after noon, see --after-noon\n  --map: draw a map\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  --late: what came after noon, see --map\n  --map: draw a map\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  --late: what came after noon, as rounds --after-noon does\n  --map: draw a map\n',
  },
  judge(view, report) {
    // A text may speak of any command of the program.
    const known = new Set<string>();
    let isComplete = true;
    for (const { command } of walkCommands(view.interface)) {
      isComplete &&= command.options.complete?.value === true || !command.described;
      for (const { names, negatedNames } of command.options.items)
        for (const { text } of [...names, ...negatedNames]) known.add(text);
    }
    for (const { command, path } of view.described) {
      for (const option of command.options.items) {
        if (option.help === undefined) continue;
        const mentioned = [...option.help.value.matchAll(MENTION)].find(
          ([, before = '', name = '']) => !known.has(name) && !isOfAnotherProgram(before),
        );
        const name = mentioned?.[2];
        if (name === undefined) {
          report.judged();
        } else if (!isComplete) {
          report.notJudged({
            command: path,
            count: 1,
            reason: 'whether the list of options is complete',
            remedy: "if it is, say 'complete: true' in an interface document",
            place: option.help.place,
          });
        } else {
          report.judged();
          report.finding({
            command: path,
            subject: name,
            data: { name: mainName(option).text, option: name },
            place: option.help.place,
          });
        }
      }
    }
  },
  message: ({ name, option }: { name: string; option: string }) =>
    `the text of ${quoteName(name)} mentions ${quoteName(option)}, which does not exist`,
  fix: ({ option }) => `name the right option, or remove ${quoteName(option)}`,
});

/** A long name in a text, with the word before it. */
const MENTION = /(\S{0,60})(?:^|[\s('"`,])(--[a-z][\w-]{0,60}[a-z\d])(?![\w-])/g;

/** Behind the name of a program, an option is that program's. */
function isOfAnotherProgram(before: string): boolean {
  return /^[a-z][\w.-]*$/.test(before) && !WORDS.has(before);
}

/** Words that stand before an option of the same program. */
const WORDS: ReadonlySet<string> = new Set(
  'see use with without and or if of the by to as for like unless when than from not also option options is are implies overrides requires give given using via in on alias'.split(
    ' ',
  ),
);

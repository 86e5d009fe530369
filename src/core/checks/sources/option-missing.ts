import { listNames } from '../../messages/wording.ts';
import type { Command } from '../../model/command.ts';
import { mainName, type Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { type CommandTwice, commandsTwice, USAGE_TEXT } from '../source-views.ts';
import { ToldOnce } from '../told-once.ts';

/** One finding for each source of a command that lacks options which another source of it has. */
export const optionMissing = defineCheck({
  name: 'sources/option-missing',
  level: 'warning',
  title: 'A source lacks an option that another has',
  why: 'People read one of the two. What it lacks, they never find, or they give what the other says does not exist.',
  standard: 'practice',
  needs: [
    'two sources of one command, the list of one of them known to be complete, or holding nearly all that the other has',
  ],
  since: 8,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --late   late boxes only\n  --quiet  say nothing\n',
    right: 'Usage: tiffin [OPTION]...\n\n  --late   late boxes only\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  --late   late boxes only\n  --help   show this help\n',
    beside: 'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  --late: late boxes only\n',
  },
  judge(view, report) {
    const told = new ToldOnce();
    for (const at of commandsTwice(view)) {
      // The usage text of a script is held against its code by a check of scripts, and the code is what others are held against.
      if (at.called.includes(USAGE_TEXT)) continue;
      report.judged();
      for (const { lacking, having, options: all, other } of missing(at)) {
        const options = all.filter((option) => told.isNew(lacking, at.path, mainName(option).text));
        const [first] = options;
        if (first === undefined) continue;
        report.finding({
          command: at.path,
          subject: mainName(first).text,
          data: { lacking, having, names: options.map((option) => mainName(option).text) },
          place: first.place,
          related: [{ place: other.options.complete?.place ?? other.place, note: `${lacking} lacks it` }],
        });
      }
    }
  },
  message: (data: { lacking: string; having: string; names: readonly string[] }) =>
    `${data.lacking} lacks ${listNames(data.names)}, which ${data.having} has`,
  fix: () => 'add it, or take it out of the other; where the list is only a part, do not call it complete',
});

/** An option that is a number, or any number. */
const NUMBER = /^-(?:\d+|NUM)$/;

/** What parsers add by themselves. */
const ADDED = /^(?:-h|-\?|--help|-V|--version)$/;

/** So many options that two sources share, of so large a share of those of one, show that the other means to list all. */
const SHARED_AT_LEAST = 3;
const SHARE_OF_WHOLE = 0.75;

/** The options of each of two sources that the other lacks, though its list is said to be complete, or has nearly all of them. */
function missing({ first, second, called }: CommandTwice) {
  const lackedBy = (has: Command, lacks: Command, lacking: string, having: string) => {
    const known = new Set(
      lacks.options.items.flatMap(({ names, negatedNames }) =>
        [...names, ...negatedNames].map(({ text }) => text),
      ),
    );
    // `-1` and `-9` are what an option for any number stands for.
    const hasNumbers = [...known].some((text) => NUMBER.test(text));
    const isKnown = (text: string) => known.has(text) || (hasNumbers && NUMBER.test(text));
    const isMissing = ({ names, hidden }: Option) =>
      hidden?.value !== true && !names.some(({ text }) => isKnown(text) || ADDED.test(text));
    const options = has.options.items.filter(isMissing);
    const shared = has.options.items.filter(({ names }) => names.some(({ text }) => known.has(text))).length;
    const meansAll = shared >= SHARED_AT_LEAST && shared >= has.options.items.length * SHARE_OF_WHOLE;
    const isWhole = lacks.options.complete?.value ?? meansAll;
    return { lacking, having, options: isWhole ? options : [], other: lacks };
  };
  const [one, two] = called;
  return [lackedBy(first, second, two, one), lackedBy(second, first, one, two)];
}

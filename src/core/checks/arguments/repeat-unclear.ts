import { listNames } from '../../messages/wording.ts';
import type { Option } from '../../model/option.ts';
import { defineCheck } from '../define-check.ts';
import { type FaultyOptions, reportFaultyOptions } from '../faulty-options.ts';

/** One finding for each command with options that may be repeated, to an end that is not said. */
export const repeatUnclear = defineCheck({
  name: 'arguments/repeat-unclear',
  level: 'note',
  title: 'An option can be given several times, and nothing says what that does',
  why: 'Whether the last one wins or all of them count depends on the parser. Wrappers that add the option themselves need to know.',
  standard: 'POSIX XBD 12.2, Guideline 11',
  needs: ['which options may be repeated'],
  since: 4,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --skip=DAY  leave out DAY, may be repeated (default: sunday)\n  --quiet     say nothing\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --skip=DAY  leave out DAY, may be repeated, and leaves out all (default: sunday)\n  --quiet     say nothing\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --skip=DAY  leave out DAY (may be repeated)\n  --quiet     say nothing\n',
  },
  judge: (view, report) =>
    reportFaultyOptions(view, report, { isAtFault: (option) => mayRepeat(option) && !saysWhatFor(option) }),
  message: ({ names }: FaultyOptions) =>
    `${listNames(names)} can be given several times, and nothing says whether the last one wins or all of them count`,
  fix: () => 'say in the help whether the last one wins or all of them count',
});

const REPEATED =
  /\b(?:may|can) be (?:repeated|(?:given|specified|used|passed) (?:several|multiple|many|more than one) times?|(?:given|specified|used) more than once)\b/i;
const PURPOSE =
  /\b(?:all|each|every|last|first|add(?:s|ed|itional)?|append(?:s|ed)?|combine[sd]?|override[sn]?|cumulative|accumulate[sd]?|more|increase[sd]?|several|list|both|together|multiple [a-z]+s\b(?! times))\b/i;

function mayRepeat({ help, argument }: Option): boolean {
  // Without a default, what may be repeated plainly counts each time; with one, it may replace it, add to it, or each other.
  const hasDefault = argument?.value.words.some((word) => word.default !== undefined) === true;
  return hasDefault && REPEATED.test(help?.value ?? '');
}

function saysWhatFor({ help, repetition }: Option): boolean {
  return repetition?.basis === 'stated' || PURPOSE.test((help?.value ?? '').replace(REPEATED, ''));
}

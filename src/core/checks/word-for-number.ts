import { quoteName } from '../messages/wording.ts';
import type { ValueWord } from '../model/argument.ts';
import type { CommandAt } from '../model/walk.ts';
import type { Trace } from '../parsing/trace.ts';

/** Words that many programs take beside numbers. */
const BESIDE_NUMBERS =
  /^(?:all|any|auto|default|fast|full|half|inf|infinity|infinite|max|maximum|min|minimum|never|no|none|off|on|unlimited)$/i;

/**
 * What is wrong with a command line that gives a word where the help tells a range of numbers, or calls the argument one; undefined where there is none. What the text of the option
 * speaks of may be given all the same.
 */
export function wordForNumber({ command }: CommandAt, { options }: Trace): string | undefined {
  for (const { name, values } of options) {
    const [given, ...others] = values;
    if (given === undefined || others.length > 0) continue;
    if (!/^[a-z]{3,}$/i.test(given) || BESIDE_NUMBERS.test(given)) continue;
    const option = command.options.items.find(({ names }) => names.some(({ text }) => text === name));
    const [word, ...more] = option?.argument?.value.words ?? [];
    if (option === undefined || word === undefined || more.length > 0 || word.values !== undefined) continue;
    if (word.range === undefined && !isCounted(word)) continue;
    if (mayBeGiven(given.toLowerCase(), option.help?.value.toLowerCase() ?? '')) continue;
    return `${quoteName(name)} takes a number, and ${quoteName(given)} is none`;
  }
  return undefined;
}

/** Whether an argument is called a number, and no more. */
function isCounted({ type, placeholder }: ValueWord): boolean {
  return (
    type?.value === 'integer' ||
    type?.value === 'number' ||
    /^[<[]?(?:num|number|int|integer|count)[>\]]?$/i.test(placeholder?.value ?? '')
  );
}

/** Whether a text has a word as one that may be given: in quotation marks, behind `or`, between bars, or with what it means. */
export function mayBeGiven(word: string, text: string): boolean {
  return (
    /^\w+$/.test(word) &&
    new RegExp(`["'\`]${word}["'\`]|\\bor ${word}\\b|\\b${word} ?[=:|]|\\|${word}\\b`).test(text)
  );
}

import { quoteName } from '../messages/wording.ts';
import type { Command } from '../model/command.ts';
import { rangeInProse } from '../notation/prose-range.ts';
import type { ShellWord } from '../shells/shell-words.ts';
import { isWithin } from './within-range.ts';

/** A value that an option of some commands does not take, by its list of values or by a range that only its text tells. */
export function wrongValue(line: readonly Command[], words: readonly ShellWord[]): string | undefined {
  const options = line.flatMap((command) => command.options.items);
  for (const [i, { text, literal }] of words.entries()) {
    const [name = '', joined] = /^(--[^=]+)=(.*)$/s.exec(text)?.slice(1) ?? [text];
    const option = options.find(({ names }) => literal && names.some((one) => one.text === name));
    const [word, ...more] = option?.argument?.value.words ?? [];
    const given = joined ?? words[i + 1]?.text;
    const values = word?.values?.value.map(({ value }) => value) ?? [];
    if (word === undefined || more.length > 0 || given === undefined || word.separator !== undefined)
      continue;
    const range = word.range?.value ?? rangeInProse(option?.help?.value ?? '');
    const isOut = range !== undefined && /^-?\d+(?:\.\d+)?$/.test(given) && !isWithin(Number(given), range);
    const isOther = values.length > 1 && !values.includes(given) && /^[a-z][\w-]*$/.test(given);
    if (isOut || isOther) return `${quoteName(given)} is not a valid argument of ${quoteName(name)}`;
  }
  return undefined;
}

import type { ValueWord } from '../model/argument.ts';
import { mainName } from '../model/option.ts';
import type { CommandAt } from '../model/walk.ts';
import type { Place } from '../source/source.ts';

/** What may stand for the one word of an option-argument or an operand, and the text that tells of it. */
export interface DescribedWord {
  /** The main name of the option, or the name of the operand. */
  readonly name: string;
  readonly word: ValueWord;
  readonly text: string;
  /** Where the text stands. */
  readonly place: Place;
}

/** The words of a command that have a text. */
export function describedWords({ command }: CommandAt): DescribedWord[] {
  const options = command.options.items.flatMap((option): DescribedWord[] => {
    const [word, ...others] = option.argument?.value.words ?? [];
    if (word === undefined || others.length > 0 || option.help === undefined) return [];
    return [{ name: mainName(option).text, word, text: option.help.value, place: option.help.place }];
  });
  const operands = command.operands.items.flatMap(({ name, word, help }): DescribedWord[] =>
    help === undefined ? [] : [{ name, word, text: help.value, place: help.place }],
  );
  return [...options, ...operands];
}

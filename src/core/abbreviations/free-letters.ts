import { mainName, type Option } from '../model/option.ts';
import type { CommandAt } from '../model/walk.ts';
import { GNU_LONG_OPTIONS } from '../standards/gnu-long-options.ts';
import { nameWords } from '../words/name-words.ts';
import { optionsInReach } from './option-scope.ts';

/** An option without a letter, and the letters that it could have. */
export interface FreeLetters {
  /** The option that has no letter. */
  readonly option: Option;
  /** Its long name, hyphens included. */
  readonly name: string;
  /** The letters that GNU programs pair with the name, whether they are free here or not. */
  readonly customary: readonly string[];
  /** Letters that are free: the customary ones first, then those that begin its words, in lower and upper case. */
  readonly free: readonly string[];
}

const CUSTOMARY: ReadonlyMap<string, readonly string[]> = new Map(
  GNU_LONG_OPTIONS.map(({ name, letters }) => [name, letters]),
);

/** The letters and digits that no option of a command uses, in the order a to z, A to Z, 0 to 9. */
export function unusedLetters(at: CommandAt): string[] {
  const used = usedLetters(at);
  return [...'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789'].filter(
    (letter) => !used.has(letter),
  );
}

/** The options of a command that have a long name and no letter, each with the letters that suit it and are free. */
export function freeLetters(at: CommandAt): FreeLetters[] {
  const used = usedLetters(at);
  return at.command.options.items
    .filter((option) => !option.names.some(({ form }) => form === 'short'))
    .filter((option) => option.names.some(({ form }) => form === 'long'))
    .map((option) => {
      const name = mainName(option).text;
      const customary = CUSTOMARY.get(name.slice(2)) ?? [];
      const initials = nameWords(name).map((word) => word.charAt(0));
      const suiting = [
        ...customary,
        ...initials.map((letter) => letter.toLowerCase()),
        ...initials.map((letter) => letter.toUpperCase()),
      ];
      const free = [...new Set(suiting)].filter(
        (letter) => /^[A-Za-z0-9]$/.test(letter) && !used.has(letter),
      );
      return { option, name, customary, free };
    });
}

function usedLetters(at: CommandAt): ReadonlySet<string> {
  const letters = new Set<string>();
  for (const { names, negatedNames } of optionsInReach(at)) {
    for (const { form, text } of [...names, ...negatedNames])
      if (form === 'short') letters.add(text.slice(1));
  }
  return letters;
}

import { makeValueWord, NO_ARGUMENT } from '../../model/argument.ts';
import { stated } from '../../model/fact.ts';
import type { Option } from '../../model/option.ts';

/** `-Idirectory`: a letter, and a word that may be the placeholder behind it. */
const LETTER_AND_WORD = /^(-[A-Za-z])([a-z]{4,30})$/;

/**
 * Options whose only name is a letter with its placeholder behind it, `-Idirectory   add a directory`, as the text shows that has the word too; all
 * others as they are. Where the list has names of several letters behind one hyphen that are nothing else, these may be such names.
 */
export function withJoinedPlaceholders(options: readonly Option[]): readonly Option[] {
  const words = options.filter(({ names }) => names.some(({ form }) => form === 'single-hyphen-long'));
  if (words.length === 0 || !words.every(isJoined)) return options;
  return options.map((option) => (words.includes(option) ? withLetter(option) : option));
}

function isJoined({ names, argument, help }: Option): boolean {
  const [name, ...others] = names;
  const [, , word] = LETTER_AND_WORD.exec(name?.text ?? '') ?? [];
  if (word === undefined || others.length > 0 || argument?.value.presence !== NO_ARGUMENT.presence)
    return false;
  return new Set(help?.value.toLowerCase().match(/[a-z]+/g)).has(word);
}

function withLetter(option: Option): Option {
  const [name] = option.names;
  const [, letter, word] = LETTER_AND_WORD.exec(name?.text ?? '') ?? [];
  if (name === undefined || letter === undefined || word === undefined) return option;
  const placeholder = stated(word, name.place);
  return {
    ...option,
    names: [{ ...name, text: letter, form: 'short' }],
    argument: stated(
      { ...NO_ARGUMENT, presence: 'mandatory', words: [makeValueWord({ placeholder })] },
      name.place,
    ),
  };
}

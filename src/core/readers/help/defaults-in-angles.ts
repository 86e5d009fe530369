import { stated } from '../../model/fact.ts';
import type { Option } from '../../model/option.ts';
import { angleNotes } from '../../notation/angle-notes.ts';
import { placeholdersOf } from './value-lists.ts';

/** What stands at the end of a text: `the day <monday>`, and `the day <>` where there is none. */
const IN_ANGLES = /(?:^|\s)<([^<>]*)>$/;

/**
 * Gives options the defaults that the texts of a list have in angle brackets at their ends, where those of all options with an argument do: an
 * empty bracket tells that there is none, and one with a placeholder is that.
 */
export function withDefaultsInAngles(options: readonly Option[]): readonly Option[] {
  const takers = options.filter(
    ({ argument }) => argument !== undefined && argument.value.presence !== 'none',
  );
  const placeholders = new Set([...placeholdersOf(takers)].map((name) => name.toLowerCase()));
  const isShown = ({ help }: Option) => {
    const value = IN_ANGLES.exec(help?.value ?? '')?.[1];
    return (
      value !== undefined &&
      !placeholders.has(value.toLowerCase()) &&
      angleNotes(help?.value ?? '').length === 0
    );
  };
  // An angle bracket alone may be the text.
  const isBehindText = ({ help }: Option) => !(help?.value ?? '<').startsWith('<');
  if (!takers.every(isShown) || !takers.some(isBehindText)) return options;
  return options.map((option) => {
    const { argument, help } = option;
    const word = argument?.value.words.at(-1);
    const value = IN_ANGLES.exec(help?.value ?? '')?.[1];
    const isGiven = value !== undefined && value !== '' && argument?.value.presence !== 'none';
    if (!isGiven || argument === undefined || word === undefined || word.default !== undefined) return option;
    const words = [
      ...argument.value.words.slice(0, -1),
      { ...word, default: stated(value, help?.place ?? null) },
    ];
    return { ...option, argument: { ...argument, value: { ...argument.value, words } } };
  });
}

import { flatMapped } from '../../collections/flat-mapped.ts';
import { type Fact, stated } from '../../model/fact.ts';
import type { Option } from '../../model/option.ts';

/** How the model calls an option that is any number. */
const NUMBER_OPTION = '-NUM';

const IN_CAPITALS = /^-(?:NUM|NUMBER|DIGITS?|0?123456789)$/;
const IN_LOWER_CASE = /^-(?:num|number|digits?)$/;

/**
 * Gives entries that stand for any number (`-NUM`, `-number`, `-#`, `-0123456789`) the one name that they have in the model. In lower case they are
 * names like others where the list has more names of that kind.
 */
export function withNumberOption(options: readonly Option[]): readonly Option[] {
  const words = flatMapped(options, ({ names }) => names.filter(({ form }) => form === 'single-hyphen-long'));
  const isNumber = (text: string) =>
    IN_CAPITALS.test(text) ||
    (IN_LOWER_CASE.test(text) && words.every((name) => IN_LOWER_CASE.test(name.text)));
  if (!words.some(({ text }) => isNumber(text)) && !options.some(isSign)) return options;
  return options.map((option) => ({
    ...option,
    names: option.names.map((name) =>
      isNumber(name.text) || isSign(option)
        ? { ...name, text: NUMBER_OPTION, form: 'single-hyphen-long' as const }
        : name,
    ),
  }));
}

/** `-#`, which stands for a number where its text tells of one; elsewhere it is a letter like others. */
function isSign({ names: [name, ...others], help }: Option): boolean {
  return name?.text === '-#' && others.length === 0 && /#|\b\d+\b/.test(help?.value ?? '');
}

/** That any number is an option, where the list has an entry for it. */
export function findNumberOption(options: readonly Option[]): Fact<true> | undefined {
  const name = flatMapped(options, ({ names }) => names).find(({ text }) => text === NUMBER_OPTION);
  return name === undefined ? undefined : stated(true as const, name.place);
}

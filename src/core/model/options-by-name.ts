import type { Option, OptionName } from './option.ts';

/** The first option that has each name, as parsers look names up; `namesOf` tells which names count: its own, where not given. */
export function optionsByName(
  options: readonly Option[],
  namesOf: (option: Option) => readonly OptionName[] = ({ names }) => names,
): Map<string, Option> {
  const byName = new Map<string, Option>();
  for (const option of options)
    for (const { text } of namesOf(option)) if (!byName.has(text)) byName.set(text, option);
  return byName;
}

/** The names of an option, and those that take it back. */
export function allNames({ names, negatedNames }: Option): OptionName[] {
  return [...names, ...negatedNames];
}

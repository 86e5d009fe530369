import { addTo } from '../../collections/grouped.ts';
import type { Option, OptionName } from '../../model/option.ts';
import type { UsageReading } from '../../notation/usage-reading.ts';

/** Options with the names that only a synopsis has: `-l` of a list, where the synopsis shows `[-l <n> | --length=<n>]`. */
export function withNamesShown(
  options: readonly Option[],
  readings: readonly UsageReading[],
): readonly Option[] {
  const known = new Set(
    options.flatMap(({ names, negatedNames }) => [...names, ...negatedNames].map(({ text }) => text)),
  );
  const shown = new Map<string, OptionName>();
  for (const { declared, place } of readings.flatMap((reading) => reading.options))
    shown.set(declared.text, { text: declared.text, form: declared.form, argument: undefined, place });
  const further = new Map<string, string[]>();
  const owners = new Map<string, Set<string>>();
  for (const pair of readings.flatMap(({ spellings }) => spellings)) {
    for (const [own, other] of [pair, [pair[1], pair[0]] as const]) {
      if (!known.has(own) || known.has(other)) continue;
      addTo(further, own, other);
      owners.set(other, (owners.get(other) ?? new Set()).add(own));
    }
  }
  if (further.size === 0) return options;
  return options.map((option) => {
    const own = option.names.flatMap(({ text }) => further.get(text) ?? []);
    // What two options are shown with belongs to neither.
    const names = [...new Set(own)].flatMap((text) =>
      owners.get(text)?.size === 1 ? (shown.get(text) ?? []) : [],
    );
    return names.length === 0 ? option : { ...option, names: [...option.names, ...names] };
  });
}

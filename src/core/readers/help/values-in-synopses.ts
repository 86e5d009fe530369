import type { AllowedValue } from '../../model/argument.ts';
import type { Option } from '../../model/option.ts';
import type { UsageReading } from '../../notation/usage-reading.ts';
import { withValues } from './value-lists.ts';

/** Options with the values that a synopsis shows for them, `[--mode early|late]`, where their list names but a placeholder. */
export function withValuesShown(
  options: readonly Option[],
  readings: readonly UsageReading[],
): readonly Option[] {
  const shown = new Map<string, readonly AllowedValue[]>();
  // Two synopses may show a part of the values each.
  const several = new Set<string>();
  for (const { declared, argument } of readings.flatMap((reading) => reading.options)) {
    const [word, ...others] = argument?.words ?? [];
    if (word?.values === undefined || others.length > 0) continue;
    if (shown.has(declared.text)) several.add(declared.text);
    shown.set(declared.text, word.values.value);
  }
  if (shown.size === 0) return options;
  return options.map((option) => {
    const name = option.names.find(({ text }) => shown.has(text) && !several.has(text));
    const values = name && shown.get(name.text);
    return values === undefined ? option : withValues(option, values);
  });
}

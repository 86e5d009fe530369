import type { AllowedValue, ValueWord } from '../../model/argument.ts';
import type { Option } from '../../model/option.ts';
import type { UsageReading } from '../../notation/usage-reading.ts';
import { withValues } from './value-lists.ts';

/**
 * Options with what only a synopsis shows of their arguments: the values, `[--mode early|late]`, where their list names but a placeholder; and the
 * placeholder, `[--box=NAME]`, where their list has none, `--box=`.
 */
export function withWordsShown(
  options: readonly Option[],
  readings: readonly UsageReading[],
): readonly Option[] {
  const shown = wordsShown(readings);
  if (shown.size === 0) return options;
  return options.map((option) => {
    const word = option.names.map(({ text }) => shown.get(text)).find((one) => one !== undefined);
    if (word === undefined) return option;
    const values = word.values?.value;
    return values === undefined ? withPlaceholder(option, word) : withValues(option, values);
  });
}

/** The word that the synopses show as the argument of each name; none where two of them show different ones, of which each may be a part. */
function wordsShown(readings: readonly UsageReading[]): ReadonlyMap<string, ValueWord> {
  const shown = new Map<string, ValueWord>();
  const several = new Set<string>();
  for (const { declared, argument } of readings.flatMap((reading) => reading.options)) {
    const [word, ...others] = argument?.words ?? [];
    if (word === undefined || others.length > 0) continue;
    const before = shown.get(declared.text);
    if (before !== undefined && !areAlike(before, word)) several.add(declared.text);
    shown.set(declared.text, word);
  }
  for (const name of several) shown.delete(name);
  return shown;
}

function areAlike(a: ValueWord, b: ValueWord): boolean {
  const listed = (values: readonly AllowedValue[] = []) => values.map(({ value }) => value).join('\0');
  return a.placeholder?.value === b.placeholder?.value && listed(a.values?.value) === listed(b.values?.value);
}

/** An option whose list shows that there is a value, and not what it is called, with the placeholder of the synopsis. */
function withPlaceholder(option: Option, { placeholder }: ValueWord): Option {
  const { argument } = option;
  const [word, ...others] = argument?.value.words ?? [];
  if (argument?.basis !== 'stated' || word === undefined || others.length > 0 || !isUnnamed(word))
    return option;
  return {
    ...option,
    argument: { ...argument, value: { ...argument.value, words: [{ ...word, placeholder }] } },
  };
}

function isUnnamed({ placeholder, values, default: byDefault }: ValueWord): boolean {
  return placeholder === undefined && values === undefined && byDefault === undefined;
}

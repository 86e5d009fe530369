import { inferred } from '../../model/fact.ts';
import type { Option } from '../../model/option.ts';
import type { Relation } from '../../model/relation.ts';
import type { UsageReading } from '../../notation/usage-reading.ts';

/** Parsers tell the lack of a default too: `(default: None)`. */
function isValue(byDefault: string | undefined): boolean {
  return byDefault !== undefined && !/^(?:none|null|nil|undefined)$/i.test(byDefault);
}

/** Whether a synopsis has the placeholder of an option behind one of its names: then it is in notation, and no example. */
function showsPlaceholder({ form }: UsageReading, { names, argument }: Option): boolean {
  const placeholder = argument?.value.words[0]?.placeholder?.value;
  return (
    placeholder !== undefined &&
    names.some(({ text }) => [' ', '='].some((mark) => form.text.includes(`${text}${mark}${placeholder}`)))
  );
}

/** `tiffin --help` */
function asksForHelpOnly({ form }: UsageReading): boolean {
  return (
    form.operands.length === 0 &&
    form.options.length > 0 &&
    form.options.every(({ name }) => /^(?:-h|--help|-v|-V|--version)$/.test(name))
  );
}

/**
 * Options with a mandatory argument that the only synopsis shows outside of brackets must be given: inferred, since a synopsis may
 * leave brackets out.
 */
export function withRequiredInUsage(
  options: readonly Option[],
  readings: readonly UsageReading[],
): readonly Option[] {
  const [reading, ...others] = readings.filter((one) => !asksForHelpOnly(one));
  if (reading === undefined || others.length > 0) return options;
  // Without a bracket anywhere, the synopsis is more likely an example.
  const isNotation =
    reading.optionsFollow ||
    /[[<{(]/.test(reading.form.text) ||
    options.some((option) => showsPlaceholder(reading, option));
  const required = new Map(
    reading.form.options.filter((option) => option.required).map(({ name, place }) => [name, place]),
  );
  if (!isNotation || required.size === 0) return options;
  return options.map((option) => {
    const shown = option.names.find(({ text }) => required.has(text));
    const isTaker = option.argument !== undefined && option.argument.value.presence !== 'none';
    // What has a default can be left out, whatever stands around it.
    const hasDefault = option.argument?.value.words.some((word) => isValue(word.default?.value)) === true;
    if (shown === undefined || !isTaker || hasDefault || option.required !== undefined) return option;
    return { ...option, required: inferred(true, required.get(shown.text) ?? null) };
  });
}

/**
 * Options of which the synopsis shows that one of several is to be given: a heading such as `Mandatory` above them says so of all together, and of none alone.
 */
export function withoutRequiredChoices(
  options: readonly Option[],
  relations: readonly Relation[],
): readonly Option[] {
  const chosen = new Set(
    relations
      .filter(({ kind }) => kind === 'exactly-one' || kind === 'at-least-one')
      .flatMap(({ members }) => members.map(({ name }) => name)),
  );
  if (chosen.size === 0) return options;
  return options.map((option) =>
    option.required?.value === true && option.names.some(({ text }) => chosen.has(text))
      ? { ...option, required: undefined }
      : option,
  );
}

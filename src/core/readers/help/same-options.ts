import { inferred } from '../../model/fact.ts';
import type { Option } from '../../model/option.ts';

/**
 * Gives options whose texts call them the same as another (`-d  alias for --printer`), and that show no argument of their
 * own, the argument of that one.
 */
export function withArgumentsOfSame(options: readonly Option[]): readonly Option[] {
  if (!options.some(isBareAlias)) return options;
  const byName = new Map(
    options.flatMap((option) => option.names.map(({ text }) => [text, option] as const)),
  );
  return options.map((option) => {
    const same = isBareAlias(option) ? byName.get(option.sameAs?.value.option ?? '') : undefined;
    return same?.argument === undefined
      ? option
      : { ...option, argument: inferred(same.argument.value, option.sameAs?.place ?? null) };
  });
}

function isBareAlias({ sameAs, argument }: Option): boolean {
  return sameAs !== undefined && sameAs.value.value === undefined && argument?.basis !== 'stated';
}

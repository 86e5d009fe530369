import { NO_ARGUMENT, type OptionArgument } from '../model/argument.ts';
import { type Basis, type Knowable, stated } from '../model/fact.ts';
import type { Option, OptionName } from '../model/option.ts';
import type { DeclaredName } from './declaration.ts';
import { makeArgument, type ToSpan } from './option-argument.ts';

/** A declared name with the way from its indexes to the source. */
export interface ShownName {
  readonly declared: DeclaredName;
  readonly toSpan: ToSpan;
}

/** The name whose argument is that of the option: the last one shown with an argument. */
export function shownArgument(names: readonly ShownName[]): ShownName | undefined {
  return names.findLast(({ declared }) => declared.argument !== undefined);
}

/**
 * The names of one option, those that take it back apart, each with the argument it takes where that is not the
 * option's. `bareBasis` is how sure it is that a letter drawn bare beside `--long[=VALUE]` takes nothing.
 */
export function optionNames(
  names: readonly ShownName[],
  shown: ShownName | undefined,
  argument: Knowable<OptionArgument>,
  bareBasis: Basis,
): Pick<Option, 'names' | 'negatedNames'> {
  const { kept, negated } = partNegations(names);
  return {
    names: kept.map(({ name, shownAs }) => ({
      ...name,
      argument: ownArgument(shownAs, shown, argument, bareBasis),
    })),
    negatedNames: negated,
  };
}

/**
 * What one name takes where it differs from the option: a short name shown bare beside `--long[=VALUE]` takes nothing,
 * while a mandatory argument shown once is every name's.
 */
function ownArgument(
  { declared, toSpan }: ShownName,
  shown: ShownName | undefined,
  argument: Knowable<OptionArgument>,
  bareBasis: Basis,
): Knowable<OptionArgument> {
  if (argument === undefined || shown === undefined || declared === shown.declared) return undefined;
  if (declared.argument === undefined) {
    const isBareBesideOptional =
      argument.value.presence === 'optional' &&
      declared.form === 'short' &&
      shown.declared.form === 'long' &&
      !shown.declared.argument?.separate;
    return isBareBesideOptional ? { value: NO_ARGUMENT, basis: bareBasis, place: null } : undefined;
  }
  if (declared.argument.presence === argument.value.presence) return undefined;
  const own = makeArgument(declared.argument, toSpan);
  return stated(own, own.place);
}

interface KeptName {
  readonly name: OptionName;
  readonly shownAs: ShownName;
}

/** Parts the names that take the option back (`--[no-]colour`, `--colour / --no-colour`) from the others. */
function partNegations(names: readonly ShownName[]): { kept: KeptName[]; negated: OptionName[] } {
  const shown = new Set(names.map(({ declared }) => declared.text));
  const kept = new Map<string, KeptName>();
  const negated: OptionName[] = [];
  for (const shownAs of names) {
    const { declared } = shownAs;
    const place = shownAs.toSpan(declared.start, declared.end);
    const name: OptionName = {
      text: declared.text,
      form: declared.form,
      argument: undefined,
      place,
    };
    const plain = /^--no-?(.+)$/.exec(declared.text)?.[1];
    // `--noQuiet` takes `--quiet` back.
    const isTakingBack =
      plain !== undefined &&
      (shown.has(`--${plain}`) || shown.has(`--${plain.charAt(0).toLowerCase()}${plain.slice(1)}`));
    if (isTakingBack) negated.push(name);
    else if (!kept.has(name.text)) kept.set(name.text, { name, shownAs });
    if (declared.negated !== undefined) {
      negated.push({
        text: declared.negated,
        form: 'long',
        argument: undefined,
        place,
      });
    }
  }
  return { kept: [...kept.values()], negated };
}

import type { Assignment } from 'unbash';
import {
  type AllowedValue,
  bareValue,
  makeValueWord,
  NO_ARGUMENT,
  type OptionArgument,
  type Range,
} from '../../model/argument.ts';
import { type Knowable, stated } from '../../model/fact.ts';
import { makeOption, type Option } from '../../model/option.ts';
import { nameFormOf } from '../../notation/option-name.ts';
import type { Span } from '../../source/source.ts';

/** What a script shows of an option. */
export interface OptionDraft {
  readonly names: readonly { readonly name: string; readonly place: Span }[];
  readonly presence: OptionArgument['presence'] | undefined;
  /** How many words its argument has at least and at most; one where it says nothing. */
  readonly words?: { readonly least: number; readonly most: number | null };
  /** The variable that keeps its argument, or that tells that it was given. */
  readonly variable: string | undefined;
  /** The words that the script lets through as its argument. */
  readonly values: readonly { readonly text: string; readonly place: Span }[] | undefined;
  /** The whole numbers that it lets through. */
  readonly range?: Range | undefined;
  /** Whether each argument counts where the option is given several times. */
  readonly collects?: boolean;
  readonly default: { readonly text: string; readonly place: Span } | undefined;
  /** The check that ends the script where it is not given. */
  readonly requiredBy: Span | undefined;
  readonly place: Span;
}

/** The option that a draft comes to. */
export function optionOf(draft: OptionDraft): Option {
  const { names, variable, requiredBy, collects, place } = draft;
  return makeOption({
    names: names.map(({ name, place: own }) => ({
      text: name,
      form: nameFormOf(name) ?? 'long',
      argument: undefined,
      place: own,
    })),
    argument: argumentOf(draft),
    key: variable === undefined ? undefined : stated(variable, place),
    repetition: collects === true ? stated('all-count', place) : undefined,
    required: requiredBy === undefined ? undefined : stated(true, requiredBy),
    place,
  });
}

function argumentOf(draft: OptionDraft): Knowable<OptionArgument> {
  const { presence, place, values, range, words } = draft;
  if (presence === undefined) return undefined;
  if (presence === 'none') return stated(NO_ARGUMENT, place);
  const word = makeValueWord({
    type: range === undefined ? undefined : stated('integer', place),
    range: range === undefined ? undefined : stated(range, place),
    values: values === undefined ? undefined : stated(values.map(allowed), values[0]?.place ?? place),
    default: draft.default === undefined ? undefined : stated(draft.default.text, draft.default.place),
  });
  const count = words === undefined ? undefined : stated(words, place);
  return stated({ presence, words: [word], count, place }, place);
}

function allowed({ text, place }: { readonly text: string; readonly place: Span }): AllowedValue {
  return bareValue(text, place);
}

/** The first variable of some assignments whose word `isWanted`; the only one, where all are for one variable. */
export function keptIn(
  assignments: readonly Assignment[],
  isWanted: (assignment: Assignment) => boolean,
): string | undefined {
  const wanted = assignments.find(isWanted);
  if (wanted !== undefined) return wanted.name;
  const names = new Set(assignments.map(({ name }) => name));
  return names.size === 1 ? [...names][0] : undefined;
}

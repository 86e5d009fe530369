import type { OptionArgument, ValueWord } from './argument.ts';
import type { Knowable } from './fact.ts';
import type { Option, OptionName } from './option.ts';
import { prefer, unite } from './prefer.ts';

/** So many options of one name are told apart by their other names, and so many of one view joined with one of the other. */
const MAX_ALIKE = 50;

/** Joins the options of two views of one command: an option of the second belongs to that of the first with most names in common. */
export function joinOptions(first: readonly Option[], second: readonly Option[]): Option[] {
  const byName = new Map<string, number[]>();
  for (const [i, option] of first.entries()) {
    for (const { text } of option.names) {
      const alike = byName.get(text) ?? [];
      if (alike.length < MAX_ALIKE) byName.set(text, [...alike, i]);
    }
  }
  const result = [...first];
  const joined = new Map<number, number>();
  for (const option of second) {
    const shared = new Map<number, number>();
    for (const { text } of option.names) {
      for (const i of byName.get(text) ?? []) shared.set(i, (shared.get(i) ?? 0) + 1);
    }
    const [best] = [...shared].sort(([i, a], [j, b]) => b - a || i - j);
    const at = best?.[0] ?? result.length;
    const known = result[at];
    const times = joined.get(at) ?? 0;
    joined.set(at, times + 1);
    if (known === undefined || times >= MAX_ALIKE) result.push(option);
    else result[at] = joinOption(known, withoutNamesOfOthers(option, at, byName));
  }
  return result;
}

/** An option of the second view without the names that the first view gives to other options than the one at an index. */
function withoutNamesOfOthers(
  option: Option,
  at: number,
  byName: ReadonlyMap<string, readonly number[]>,
): Option {
  const isOwn = ({ text }: OptionName) => byName.get(text)?.includes(at) ?? true;
  return option.names.every(isOwn) ? option : { ...option, names: option.names.filter(isOwn) };
}

function joinOption(a: Option, b: Option): Option {
  return {
    names: joinNames(a.names, b.names, isSure(a.argument)),
    argument: joinArguments(a.argument, b.argument),
    negatedNames: joinNames(a.negatedNames, b.negatedNames, false),
    refusedNames: unite(a.refusedNames, b.refusedNames, (fact) => fact.value),
    hiddenNames: unite(a.hiddenNames, b.hiddenNames, (fact) => fact.value),
    required: prefer(a.required, b.required),
    key: prefer(a.key, b.key),
    declaredAt: prefer(a.declaredAt, b.declaredAt),
    repetition: prefer(a.repetition, b.repetition),
    inheritance: prefer(a.inheritance, b.inheritance),
    appliesToNextOperand: prefer(a.appliesToNextOperand, b.appliesToNextOperand),
    sameAs: prefer(a.sameAs, b.sameAs),
    environment: unite(a.environment, b.environment, (fact) => fact.value),
    help: prefer(a.help, b.help),
    listed: a.listed || b.listed,
    heading: prefer(a.heading, b.heading),
    hidden: prefer(a.hidden, b.hidden),
    deprecated: prefer(a.deprecated, b.deprecated),
    accepted: unite(a.accepted, b.accepted, ({ check }) => check),
    place: a.place ?? b.place,
  };
}

/** Names as one list. `isSame` says that those of the first view without an argument of their own take that of the option for certain. */
function joinNames(a: readonly OptionName[], b: readonly OptionName[], isSame: boolean): OptionName[] {
  return unite(
    a,
    b,
    (name) => name.text,
    (known, other) => ({
      ...known,
      argument: isSame ? known.argument : prefer(known.argument, other.argument),
      place: known.place ?? other.place,
    }),
  );
}

function isSure(fact: Knowable<unknown>): boolean {
  return fact !== undefined && fact.basis !== 'inferred';
}

/** The argument to go by, its words completed by what the other view says of them. */
function joinArguments(a: Knowable<OptionArgument>, b: Knowable<OptionArgument>): Knowable<OptionArgument> {
  const main = prefer(a, b);
  const other = main === a ? b : a;
  if (main === undefined || other === undefined || other.value.words.length !== main.value.words.length)
    return main;
  const words = main.value.words.map((word, i) => joinWords(word, other.value.words[i] ?? word));
  return { ...main, value: { ...main.value, words, count: prefer(main.value.count, other.value.count) } };
}

/** What two views say of one word. */
export function joinWords(a: ValueWord, b: ValueWord): ValueWord {
  return {
    placeholder: prefer(a.placeholder, b.placeholder),
    type: prefer(a.type, b.type),
    values: prefer(a.values, b.values),
    keys: prefer(a.keys, b.keys),
    range: prefer(a.range, b.range),
    default: prefer(a.default, b.default),
    separator: prefer(a.separator, b.separator),
    offers: prefer(a.offers, b.offers),
  };
}

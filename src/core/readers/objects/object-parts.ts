import { addTo } from '../../collections/grouped.ts';
import {
  bareValue,
  makeValueWord,
  NO_ARGUMENT,
  type OptionArgument,
  type ValueType,
  type ValueWord,
} from '../../model/argument.ts';
import type { Command } from '../../model/command.ts';
import { type Fact, type Knowable, stated } from '../../model/fact.ts';
import { type Interface, makeInterface } from '../../model/interface.ts';
import type { Operand } from '../../model/operand.ts';
import { makeOption, type NameForm, type Option, type OptionName } from '../../model/option.ts';
import { type ParsingRules, UNKNOWN_RULES } from '../../model/parsing-rules.ts';
import type { Relation } from '../../model/relation.ts';
import { nameFormOf } from '../../notation/option-name.ts';
import { readOptionNotation } from '../../notation/option-notation.ts';
import { unplaced } from '../../notation/placed-text.ts';
import { commonRules } from '../../parsers/common-rules.ts';
import { defaultWord, textOf, textsOf } from './object-access.ts';

/** A fact that an object states: it has no place in a text. */
export function fact<T>(value: T): Fact<T> {
  return stated(value, null);
}

export function textFact(value: unknown): Knowable<string> {
  const text = textOf(value);
  return text === undefined ? undefined : fact(text);
}

/** The rules of a parser, by the name of its profile, with those that a program sets for itself. */
export function rulesOfParser(name: string, own: Partial<ParsingRules>): ParsingRules {
  return { ...UNKNOWN_RULES, ...commonRules(fact([name])), ...own };
}

/** What an object says of a word. */
export interface WordParts {
  readonly placeholder?: string | undefined;
  readonly type?: ValueType | undefined;
  readonly values?: unknown;
  readonly default?: unknown;
}

export function wordOf({ placeholder, type, values, default: given }: WordParts): ValueWord {
  const allowed = textsOf(Array.isArray(values) ? values.map(String) : undefined);
  const word = defaultWord(given);
  return makeValueWord({
    placeholder: placeholder === undefined ? undefined : fact(placeholder),
    type: type === undefined ? undefined : fact(type),
    values: allowed.length === 0 ? undefined : fact(allowed.map((value) => bareValue(value, null))),
    default: word === undefined ? undefined : fact(word),
  });
}

export function argumentOf(
  presence: 'optional' | 'mandatory',
  isRepeated: boolean,
  word: ValueWord,
): OptionArgument {
  return {
    presence,
    words: [word],
    count: isRepeated ? fact({ least: presence === 'optional' ? 0 : 1, most: null }) : undefined,
    place: null,
  };
}

export const NONE = fact(NO_ARGUMENT);

export function nameOf(text: string): OptionName {
  const form: NameForm = nameFormOf(text) ?? 'long';
  return { text, form, argument: undefined, place: null };
}

/** Names and option-argument of flags such as `-s, --sort <key>`; places within them mean nothing. */
export function flagsOf(
  flags: string,
): Pick<Option, 'names' | 'negatedNames'> & { readonly placeholder: string | undefined } {
  const drawn = readOptionNotation(unplaced(flags));
  const plain = (names: readonly OptionName[]) => names.map(({ text }) => nameOf(text));
  if (drawn === undefined) return { names: [nameOf(flags)], negatedNames: [], placeholder: undefined };
  const [word] = drawn.argument.words;
  return {
    names: plain(drawn.names),
    negatedNames: plain(drawn.negatedNames),
    // Several words are told apart, and not by the placeholder.
    placeholder: word?.placeholder?.value.replace(/\.{3}/g, ''),
  };
}

/** An option that an object lists: the program prints its own help from the same object. */
export function optionOf(facts: Pick<Option, 'names'> & Partial<Option>): Option {
  return makeOption({ listed: true, place: null, ...facts });
}

/** Joins `--no-x` with `--x`, where both are declared, as the name that takes it back. */
export function withNegations(options: readonly Option[]): Option[] {
  const byName = new Map(
    options.flatMap((option) => option.names.map((name) => [name.text, option] as const)),
  );
  const negations = new Map<Option, OptionName[]>();
  const taken = new Set<Option>();
  for (const option of options) {
    const [name, ...others] = option.names;
    const plain = /^--no-(.+)$/.exec(name?.text ?? '')?.[1];
    const positive = plain === undefined ? undefined : byName.get(`--${plain}`);
    if (name === undefined || others.length > 0 || positive === undefined || positive === option) continue;
    addTo(negations, positive, name);
    taken.add(option);
  }
  return options
    .filter((option) => !taken.has(option))
    .map((option) => ({
      ...option,
      negatedNames: [...option.negatedNames, ...(negations.get(option) ?? [])],
    }));
}

/** An operand by its name, required or not, once or any number of times. */
export function operandOf(
  name: string,
  isRequired: boolean,
  isRepeated: boolean,
  facts: Partial<Operand> & { readonly word: ValueWord },
): Operand {
  return {
    kind: 'word',
    name,
    vocabulary: [],
    count: fact({ least: isRequired ? 1 : 0, most: isRepeated ? null : 1 }),
    help: undefined,
    place: null,
    ...facts,
  };
}

export function relationOf(
  kind: 'requires' | 'excludes',
  subject: string,
  others: readonly string[],
): Relation {
  const member = (name: string) => ({ kind: 'option' as const, name, value: undefined, place: null });
  return { kind, subject: member(subject), members: others.map(member), basis: 'stated', place: null };
}

/** All that an object declares is all there is. */
export const COMPLETE = fact(true);

export function interfaceOf(program: Fact<string>, root: Command, facts: Partial<Interface> = {}): Interface {
  const source = { name: `${program.value} (parser object)`, text: '' };
  return makeInterface({
    program,
    root,
    sources: [
      { source, kind: 'objects', command: [program.value], width: undefined, doubts: [], lines: undefined },
    ],
    ...facts,
  });
}

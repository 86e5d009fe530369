import type { Place } from '../source/source.ts';
import type { AcceptedHere } from './accepted-here.ts';
import type { Deprecation, OptionArgument } from './argument.ts';
import type { Fact, Knowable } from './fact.ts';

/** How a name is written: `-n`, `--dry-run`, `-sort`, `+x`. */
export type NameForm = 'short' | 'long' | 'single-hyphen-long' | 'plus';

/** One name of an option, as it is typed, hyphens included. */
export interface OptionName {
  /** The name as it is typed, hyphens included. */
  readonly text: string;
  /** How it is written. */
  readonly form: NameForm;
  /** The argument that this name takes where it differs from the option's (`-b`, `--backup[=CONTROL]`). */
  readonly argument: Knowable<OptionArgument>;
  /** Where the name stands. */
  readonly place: Place;
}

/** What happens when an option is given twice. */
export type Repetition = 'refused' | 'last-wins' | 'all-count' | 'counted';

/** Where else an option may stand than on its own command. */
export type Inheritance = 'before-subcommand' | 'anywhere-below' | 'not-inherited';

/** An option: all names are spellings of one thing. */
export interface Option {
  /** Its names, in the order of the source. */
  readonly names: readonly OptionName[];
  /** The argument that it takes; undefined where that is not known. */
  readonly argument: Knowable<OptionArgument>;
  /** Names that negate the option, such as `--no-colour`. */
  readonly negatedNames: readonly OptionName[];
  /** Those of its names that the parser was seen to refuse, though a source shows them: they compete with no other name. */
  readonly refusedNames: readonly Fact<string>[];
  /** Those of its names that help leaves out on purpose, such as the old ones of a renamed option. */
  readonly hiddenNames: readonly Fact<string>[];
  /** Whether it must be given. */
  readonly required: Knowable<boolean>;
  /** The variable in which the program keeps what it was given, where that is not named after the option. */
  readonly key: Knowable<string>;
  /** Where the program's source declares it, as `FILE:LINE`; known where its parser was read. */
  readonly declaredAt: Knowable<string>;
  /** What happens when it is given twice. */
  readonly repetition: Knowable<Repetition>;
  /** Where else it may stand than on its own command. */
  readonly inheritance: Knowable<Inheritance>;
  /** Applies to the operand that follows it, not to the whole command line. */
  readonly appliesToNextOperand: Knowable<boolean>;
  /** Short for another option with a given value. */
  readonly sameAs: Knowable<{
    /** A name of the other option. */
    readonly option: string;
    /** The value with which it counts; undefined where it takes none. */
    readonly value: string | undefined;
  }>;
  /** The environment variables that hold its value where it is not given. */
  readonly environment: readonly Fact<string>[];
  /** The help text, unwrapped; undefined where the source lists the option with none or cannot say. */
  readonly help: Knowable<string>;
  /** Whether the source has a list of options with texts in which this option stands. */
  readonly listed: boolean;
  /** The heading under which it is listed. */
  readonly heading: Knowable<string>;
  /** Whether help leaves it out on purpose. */
  readonly hidden: Knowable<boolean>;
  /** Since when it is to be used no more, and what instead. */
  readonly deprecated: Knowable<Deprecation>;
  /** The checks whose findings about it are accepted. */
  readonly accepted: readonly AcceptedHere[];
  /** Where it is declared. */
  readonly place: Place;
}

/** An option of which only the given facts are known. Written out, since help output may list a hundred thousand. */
export function makeOption(facts: Pick<Option, 'names' | 'place'> & Partial<Option>): Option {
  return {
    names: facts.names,
    argument: facts.argument,
    negatedNames: facts.negatedNames ?? [],
    refusedNames: facts.refusedNames ?? [],
    hiddenNames: facts.hiddenNames ?? [],
    required: facts.required,
    key: facts.key,
    declaredAt: facts.declaredAt,
    repetition: facts.repetition,
    inheritance: facts.inheritance,
    appliesToNextOperand: facts.appliesToNextOperand,
    sameAs: facts.sameAs,
    environment: facts.environment ?? [],
    help: facts.help,
    listed: facts.listed ?? false,
    heading: facts.heading,
    hidden: facts.hidden,
    deprecated: facts.deprecated,
    accepted: facts.accepted ?? [],
    place: facts.place,
  };
}

/** The names of an option that begin with two hyphens. */
export function longNames(option: Option): OptionName[] {
  return option.names.filter((name) => name.form === 'long');
}

/** The name that messages use: the first long name, else the first of all. */
export function mainName(option: Option): OptionName {
  const name = option.names.find(({ form }) => form === 'long') ?? option.names[0];
  if (name === undefined) throw new TypeError('an option needs at least one name');
  return name;
}

/** The argument that one of an option's names takes: its own, else the option's. */
export function argumentOf(option: Option, name: OptionName): Knowable<OptionArgument> {
  return name.argument ?? option.argument;
}

import { commandScope } from '../../abbreviations/command-scope.ts';
import type { NameLookup } from '../../abbreviations/name-lookup.ts';
import { optionScope } from '../../abbreviations/option-scope.ts';
import { valueScope } from '../../abbreviations/value-scope.ts';
import type { Resolution } from '../../abbreviations/verdict.ts';
import type { AllowedValue, ValueWord } from '../../model/argument.ts';
import type { Command } from '../../model/command.ts';
import type { Knowable } from '../../model/fact.ts';
import { mainName, type Option } from '../../model/option.ts';
import type { CommandAt } from '../../model/walk.ts';

/** What a name stands for: an option, a command, or an allowed value. */
export type Thing = Option | Command | AllowedValue;

/** What a word stands for, and whether it takes the thing back (`--no-x`). */
export interface Meaning {
  readonly thing: Thing;
  readonly negated: boolean;
}

/** The names that compete at one place of a command line, in one version. */
export interface WordScope {
  readonly kind: 'options' | 'commands' | 'values';
  readonly at: CommandAt;
  readonly accepted: Knowable<boolean>;
  readonly complete: Knowable<boolean>;
  readonly names: readonly string[];
  /** The accepted abbreviations that are looked at. */
  readonly abbreviations: () => Iterable<string>;
  readonly resolve: (word: string) => Resolution<unknown>;
  readonly meaningOf: (word: string) => Meaning | undefined;
}

/** Two hyphens and a letter. */
const MIN_OPTION = 3;

export function optionWords(at: CommandAt): WordScope {
  const { accepted, complete, index } = optionScope(at);
  return {
    kind: 'options',
    at,
    accepted,
    complete,
    names: index.names,
    abbreviations: () => (accepted?.value === false ? [] : index.prefixes(MIN_OPTION)),
    resolve: (word) => index.resolve(word),
    meaningOf: (word) => {
      const target = index.resolve(word, 0).target;
      return target === undefined ? undefined : { thing: target.option, negated: target.negated };
    },
  };
}

export function commandWords(at: CommandAt): WordScope {
  const { accepted, complete, index } = commandScope(at);
  return { kind: 'commands', at, accepted, complete, ...lookup(index, accepted, (command) => command) };
}

/** The allowed values of a word; undefined where they are not known. */
export function valueWords(word: ValueWord, subject: string, at: CommandAt): WordScope | undefined {
  if (word.values === undefined) return undefined;
  const { accepted, complete, index, names } = valueScope(word.values, subject, at);
  const byText = new Map(names.map((value) => [value.value, value]));
  return {
    kind: 'values',
    at,
    accepted,
    complete,
    ...lookup(index, accepted, (text) => byText.get(text)),
  };
}

/** Subcommands and values are shortened only where the parser is known to accept that. */
function lookup<T>(
  index: NameLookup<T>,
  accepted: Knowable<boolean>,
  thingOf: (target: T) => Thing | undefined,
): Pick<WordScope, 'names' | 'abbreviations' | 'resolve' | 'meaningOf'> {
  const isAccepted = accepted?.value === true;
  return {
    names: index.names,
    abbreviations: () => (isAccepted ? index.prefixes(1) : []),
    resolve: (word) => index.resolve(word),
    meaningOf: (word) => {
      const { target } = index.resolve(word, 0);
      const thing = target === undefined ? undefined : thingOf(target);
      return thing === undefined ? undefined : { thing, negated: false };
    },
  };
}

/** The name that messages use. */
export function thingName(thing: Thing): string {
  if ('value' in thing) return thing.value;
  return 'negatedNames' in thing ? mainName(thing).text : (thing.names[0]?.text ?? '');
}

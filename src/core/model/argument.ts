import type { Place } from '../source/source.ts';
import type { Knowable } from './fact.ts';

/** The type of a word; `pairs` are words of the form KEY=VALUE. */
export type ValueType =
  | 'text'
  | 'integer'
  | 'number'
  | 'boolean'
  | 'file'
  | 'directory'
  | 'duration'
  | 'size'
  | 'date'
  | 'address'
  | 'command'
  | 'pairs';

/** One of the words that may stand for an option-argument or operand. */
export interface AllowedValue {
  /** The word as it is typed. */
  readonly value: string;
  /** What it means; undefined where no text says so. */
  readonly help: Knowable<string>;
  /** Whether help leaves it out on purpose. */
  readonly hidden: Knowable<boolean>;
  /** Since when it is to be used no more, and what instead; undefined where no source says that. */
  readonly deprecated: Knowable<Deprecation>;
  /** Where the value stands. */
  readonly place: Place;
}

/** That something is to be used no more. */
export interface Deprecation {
  /** The version that said so first. */
  readonly since: Knowable<string>;
  /** The name of what is to be used instead. */
  readonly replacedBy: Knowable<string>;
}

/** Bounds of a number; an undefined bound is not said, null is none. */
export interface Range {
  /** The smallest number allowed. */
  readonly least: number | null | undefined;
  /** The largest number allowed. */
  readonly most: number | null | undefined;
}

/** How many words there may be; `most: null` is any number. */
export interface Count {
  /** The fewest words: 0 where there need be none. */
  readonly least: number;
  /** The most words. */
  readonly most: number | null;
}

/** What completion is to offer in the place of a word. */
export type Offer = 'values' | 'files' | 'directories' | 'commands' | 'users' | 'hosts' | 'nothing';

/** A known key of `KEY=VALUE` pairs. */
export interface PairKey {
  /** The word before the equals sign. */
  readonly key: string;
  /** What may stand behind the equals sign; undefined where that is not known. */
  readonly value: ValueWord | undefined;
  /** What the key means. */
  readonly help: Knowable<string>;
  /** Where the key stands. */
  readonly place: Place;
}

/** One word of a command line with a meaning of its own: an operand, or one word of an option-argument. */
export interface ValueWord {
  /** What help calls it, brackets included, such as `FILE` or `<file>`. */
  readonly placeholder: Knowable<string>;
  /** What kind of word it is. */
  readonly type: Knowable<ValueType>;
  /** The allowed values; undefined where not said, which is not the same as "any". */
  readonly values: Knowable<readonly AllowedValue[]>;
  /** The known keys, where the word is `KEY=VALUE` pairs. */
  readonly keys: Knowable<readonly PairKey[]>;
  /** The bounds of a number. */
  readonly range: Knowable<Range>;
  /** What holds where the word is not given. */
  readonly default: Knowable<string>;
  /** What stands between several values in this one word, such as `,`. */
  readonly separator: Knowable<string>;
  /** What completion is to offer here. */
  readonly offers: Knowable<Offer>;
}

/**
 * The option-argument of an option. `presence` is whether a word must follow; `words` are empty for `none`, and one
 * each for several words (`--move FROM TO`). `count` says how often the last word may come (`VALUE...`).
 */
export interface OptionArgument {
  /** Whether a word must follow, may follow, or must not. */
  readonly presence: 'none' | 'optional' | 'mandatory';
  /** What each word of it is. */
  readonly words: readonly ValueWord[];
  /** How often the last word may come; undefined where that is not known. */
  readonly count: Knowable<Count>;
  /** Where the argument stands. */
  readonly place: Place;
}

/** A word of which only the given facts are known. */
export function makeValueWord(facts: Partial<ValueWord> = {}): ValueWord {
  return {
    placeholder: facts.placeholder,
    type: facts.type,
    values: facts.values,
    keys: facts.keys,
    range: facts.range,
    default: facts.default,
    separator: facts.separator,
    offers: facts.offers,
  };
}

/** An allowed value of which only the word itself is known. */
export function bareValue(value: string, place: Place): AllowedValue {
  return { value, help: undefined, hidden: undefined, deprecated: undefined, place };
}

/** The argument of an option that takes none. */
export const NO_ARGUMENT: OptionArgument = {
  presence: 'none',
  words: [],
  count: undefined,
  place: null,
};

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
  readonly value: string;
  readonly help: Knowable<string>;
  readonly hidden: Knowable<boolean>;
  readonly deprecated: Knowable<Deprecation>;
  readonly place: Place;
}

export interface Deprecation {
  readonly since: Knowable<string>;
  readonly replacedBy: Knowable<string>;
}

/** Bounds of a number; an undefined bound is not said, null is none. */
export interface Range {
  readonly least: number | null | undefined;
  readonly most: number | null | undefined;
}

/** How many words there may be; `most: null` is any number. */
export interface Count {
  readonly least: number;
  readonly most: number | null;
}

/** What completion is to offer in the place of a word. */
export type Offer = 'values' | 'files' | 'directories' | 'commands' | 'users' | 'hosts' | 'nothing';

/** A known key of `KEY=VALUE` pairs. */
export interface PairKey {
  readonly key: string;
  readonly value: Word | undefined;
  readonly help: Knowable<string>;
  readonly place: Place;
}

/** One word of a command line with a meaning of its own: an operand, or one word of an option-argument. */
export interface Word {
  readonly placeholder: Knowable<string>;
  readonly type: Knowable<ValueType>;
  /** The allowed values; undefined where not said, which is not the same as "any". */
  readonly values: Knowable<readonly AllowedValue[]>;
  readonly keys: Knowable<readonly PairKey[]>;
  readonly range: Knowable<Range>;
  readonly default: Knowable<string>;
  /** What stands between several values in this one word, such as `,`. */
  readonly separator: Knowable<string>;
  readonly offers: Knowable<Offer>;
}

/**
 * The option-argument of an option. `presence` is whether a word must follow; `words` are empty for `none`, and one
 * each for several words (`--move FROM TO`). `count` says how often the last word may come (`VALUE...`).
 */
export interface OptionArgument {
  readonly presence: 'none' | 'optional' | 'mandatory';
  readonly words: readonly Word[];
  readonly count: Knowable<Count>;
  readonly place: Place;
}

/** A word of which only the given facts are known. */
export function makeWord(facts: Partial<Word> = {}): Word {
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

import { flatMapped } from '../collections/flat-mapped.ts';
import type { Option } from '../model/option.ts';

/** Options that are known from elsewhere, such as a list of them, where a synopsis is read. */
export interface KnownOptions {
  /** Names of those that take no argument, so that none follows them. */
  readonly flags: ReadonlySet<string>;
  /** Names of those that take one in a word of its own, so that what follows them is no operand. */
  readonly takers: ReadonlySet<string>;
  /** Names of those that may take one. */
  readonly possibleTakers: ReadonlySet<string>;
  /** The option of each name: names of one option are spellings of it. */
  readonly byName: ReadonlyMap<string, Option>;
}

export const NOTHING_KNOWN: KnownOptions = {
  flags: new Set(),
  takers: new Set(),
  possibleTakers: new Set(),
  byName: new Map(),
};

/** What a list of options tells a reader of synopses. */
export function knownOptions(options: readonly Option[]): KnownOptions {
  const names = (presence: 'none' | 'mandatory' | 'optional') =>
    flatMapped(
      options.filter(({ argument }) => argument?.value.presence === presence),
      (option) => option.names.map(({ text }) => text),
    );
  return {
    flags: new Set(names('none')),
    takers: new Set(names('mandatory')),
    possibleTakers: new Set(names('optional')),
    byName: new Map(flatMapped(options, (option) => option.names.map(({ text }) => [text, option] as const))),
  };
}

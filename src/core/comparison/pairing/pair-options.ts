import type { Option, OptionName } from '../../model/option.ts';
import { findRenamed, textsAlike } from './renamed.ts';

/** The options of one command that are the same in both versions: those of the old one with those of the new. */
export function pairOptions(before: readonly Option[], after: readonly Option[]): Map<Option, Option> {
  const pairs = new Map<Option, Option>();
  const taken = new Set<Option>();
  const pair = (old: Option, newer: Option) => {
    pairs.set(old, newer);
    taken.add(newer);
  };
  const owners = new FreeOwners(ownersByName(after), taken);
  const pairBy = (names: (option: Option) => readonly OptionName[], isSame: typeof maySame) => {
    for (const old of before) {
      if (pairs.has(old)) continue;
      const newer = names(old)
        .flatMap(({ text }) => owners.of(text))
        .find((one) => isSame(old, one));
      if (newer !== undefined) pair(old, newer);
    }
  };
  pairBy(isLongNamed, () => true);
  pairBy(({ names, negatedNames }) => [...names, ...negatedNames], maySame);
  const olds = before.filter((option) => !pairs.has(option));
  const news = after.filter((option) => !taken.has(option));
  for (const [i, j] of findRenamed(olds.map(described), news.map(described))) {
    const [old, newer] = [olds[i], news[j]];
    if (old !== undefined && newer !== undefined) pair(old, newer);
  }
  return pairs;
}

/** How many options of one name are looked at: more than a few are a list that shows one option again and again. */
const OWNERS_LIMIT = 20;

/** The options that have a name and have no pair yet. */
class FreeOwners {
  readonly #owners: ReadonlyMap<string, readonly Option[]>;
  readonly #taken: ReadonlySet<Option>;
  /** How many of the first options of a name are taken. */
  readonly #passed = new Map<string, number>();

  constructor(owners: ReadonlyMap<string, readonly Option[]>, taken: ReadonlySet<Option>) {
    this.#owners = owners;
    this.#taken = taken;
  }

  /** The first of them, in their order. */
  of(name: string): Option[] {
    const all = this.#owners.get(name) ?? [];
    const isTaken = (i: number) => {
      const one = all[i];
      return one !== undefined && this.#taken.has(one);
    };
    let passed = this.#passed.get(name) ?? 0;
    while (isTaken(passed)) passed++;
    this.#passed.set(name, passed);
    return all.slice(passed, passed + OWNERS_LIMIT).filter((one) => !this.#taken.has(one));
  }
}

/** Every name of some options with those that have it, in the order in which they are declared. */
export function ownersByName(options: readonly Option[]): Map<string, Option[]> {
  const owners = new Map<string, Option[]>();
  for (const option of options) {
    for (const { text } of [...option.names, ...option.negatedNames]) {
      const known = owners.get(text);
      if (known === undefined) owners.set(text, [option]);
      else known.push(option);
    }
  }
  return owners;
}

function isLongNamed({ names, negatedNames }: Option): OptionName[] {
  return [...names, ...negatedNames].filter(({ form }) => form === 'long' || form === 'single-hyphen-long');
}

/**
 * Whether two options that share only a letter are one: where both have other names besides and their texts differ, the letter was given
 * to another option.
 */
function maySame(old: Option, newer: Option): boolean {
  if (isLongNamed(old).length === 0 || isLongNamed(newer).length === 0) return true;
  const alike = textsAlike(old.help?.value, newer.help?.value);
  return alike !== false && traitOf(old) === traitOf(newer);
}

function described(option: Option) {
  return {
    names: isLongNamed(option).map(({ text }) => text),
    text: option.help?.value,
    trait: traitOf(option),
  };
}

/** Whether it takes an argument, and whether that is the name of a file: `--word=WORD` and `--word-file=FILE` are two options. */
function traitOf({ argument }: Option): string | undefined {
  if (argument === undefined) return undefined;
  const types = argument.value.words.map(({ type }) => type?.value);
  const isFile = types.some((type) => type === 'file' || type === 'directory');
  return argument.value.presence === 'none' ? 'none' : isFile ? 'file' : 'value';
}

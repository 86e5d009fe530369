import { optionsInReach } from '../abbreviations/option-scope.ts';
import { firstBy } from '../collections/grouped.ts';
import type { Operand } from '../model/operand.ts';
import type { Option } from '../model/option.ts';
import { optionsByName } from '../model/options-by-name.ts';
import type { Member } from '../model/relation.ts';
import type { CommandAt } from '../model/walk.ts';

/** So much of a text is searched for a name that is no plain word. */
const SEARCHED = 10_000;

/** The members of relations at one command: what they are called there, and which texts name them. */
export class NamedMembers {
  readonly #options: ReadonlyMap<string, Option>;
  readonly #operands: ReadonlyMap<string, Operand>;
  readonly #words = new Map<string, ReadonlySet<string>>();

  constructor(at: CommandAt) {
    this.#options = optionsByName(optionsInReach(at));
    this.#operands = firstBy(at.command.operands.items, ({ name }) => name);
  }

  /** All names of what a member names. */
  namesOf({ name }: Member): readonly string[] {
    return this.#options.get(name)?.names.map(({ text }) => text) ?? [name];
  }

  /** The help of what a member names; an empty text where it has none. */
  textOf({ name }: Member): string {
    return (this.#options.get(name) ?? this.#operands.get(name))?.help?.value ?? '';
  }

  /** Whether one of some names stands in a text as a word of its own. */
  hasOne(text: string, names: readonly string[]): boolean {
    return names.some((name) =>
      /^[\w-]+$/.test(name) ? this.#wordsOf(text).has(name) : hasName(text, name),
    );
  }

  #wordsOf(text: string): ReadonlySet<string> {
    const known = this.#words.get(text) ?? new Set(text.match(/[\w-]+/g) ?? []);
    this.#words.set(text, known);
    return known;
  }
}

function hasName(longText: string, name: string): boolean {
  const text = longText.slice(0, SEARCHED);
  for (let at = text.indexOf(name); at >= 0; at = text.indexOf(name, at + 1)) {
    const isStart = at === 0 || !/[\w-]/.test(text[at - 1] ?? '');
    if (isStart && !/[\w-]/.test(text[at + name.length] ?? '')) return true;
  }
  return false;
}

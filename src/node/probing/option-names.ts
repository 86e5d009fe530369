import { isRiskyName } from './risky-name.ts';

/** A long option of the program, as far as its parser has told of it. */
export interface FoundName {
  /** Without hyphens. */
  readonly name: string;
  /** The words of the run that showed it; undefined where help shows it. */
  readonly words: readonly string[] | undefined;
}

/** The long names that are known of a command, and which of them are spellings of one option. */
export class OptionNames {
  readonly #names = new Map<string, FoundName>();
  /** A number for each name; spellings of one option have the same. */
  readonly #options = new Map<string, number>();

  /** Adds a name; `option` is a name of the option that it is a spelling of, where that is known. Returns whether it is new. */
  add(name: string, words: readonly string[] | undefined, option?: string): boolean {
    if (this.#names.has(name)) return false;
    this.#names.set(name, { name, words });
    const number = option === undefined ? undefined : this.#options.get(option);
    this.#options.set(name, number ?? this.#options.size);
    return true;
  }

  /** Says that names are spellings of one option. */
  unite(names: readonly string[]): void {
    const [first, ...others] = names.flatMap((name) => this.#options.get(name) ?? []);
    if (first === undefined) return;
    for (const [name, option] of this.#options) if (others.includes(option)) this.#options.set(name, first);
  }

  get all(): readonly FoundName[] {
    return [...this.#names.values()];
  }

  has(name: string): boolean {
    return this.#names.has(name);
  }

  /** The names that begin with a prefix. */
  under(prefix: string): string[] {
    return [...this.#names.keys()].filter((name) => name.startsWith(prefix));
  }

  /** How many options have a name that begins with a prefix. */
  optionsUnder(prefix: string): number {
    return new Set(this.under(prefix).map((name) => this.#options.get(name))).size;
  }

  /** The spellings of the option that has a name, that name among them. */
  spellingsOf(name: string): string[] {
    const option = this.#options.get(name);
    return [...this.#options].filter(([, one]) => one === option).map(([one]) => one);
  }

  /**
   * Whether a prefix might be completed to something that must not happen. Where ties are refused, an option of another kind that begins so keeps
   * it from that; two of the same kind may be one.
   */
  isRisky(prefix: string, refusesTies: boolean): boolean {
    if (isRiskyName(prefix)) return true;
    const names = this.under(prefix);
    if (!names.some(isRiskyName) || names.includes(prefix)) return false;
    return !refusesTies || this.optionsUnder(prefix) < 2 || names.every(isRiskyName);
  }

  /** The prefixes at which known names part, the shortest first. Where one of the names is itself the prefix, the next shorter one is asked. */
  partings(): string[] {
    const names = [...this.#names.keys()].sort();
    const starts = names.slice(1).map((name, i) => sharedStart(name, names[i] ?? ''));
    const prefixes = starts.map((start) => (this.#names.has(start) ? start.slice(0, -1) : start));
    return [...new Set(prefixes)].filter((prefix) => prefix !== '').sort((a, b) => a.length - b.length);
  }
}

function sharedStart(a: string, b: string): string {
  let length = 0;
  while (length < a.length && a[length] === b[length]) length++;
  return a.slice(0, length);
}

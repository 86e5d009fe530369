import { CONCEPTS, LOOSE_CONCEPTS } from './concepts.ts';
import { nameWords } from './name-words.ts';
import { SHORT_FORMS } from './short-forms.ts';
import { VERBS } from './verbs.ts';

/** Words that a user adds to the lists that the checks go by. */
export interface AddedWords {
  /** Groups of names and words that mean the same. */
  readonly sameMeaning: readonly (readonly string[])[];
  /** What commands that do something are called. */
  readonly verbs: readonly string[];
  /** Words that are cut short by custom, each with its short forms. */
  readonly shortForms: ReadonlyMap<string, readonly string[]>;
  /** Long names, hyphens included, that a later version may well have. */
  readonly likelyOptions: readonly string[];
}

export const NO_ADDED_WORDS: AddedWords = {
  sameMeaning: [],
  verbs: [],
  shortForms: new Map(),
  likelyOptions: [],
};

/** A concept that a name stands for. */
export interface Concept {
  /** Its first word, by which concepts are told apart. */
  readonly id: string;
  /** Whether two names for it mean the same only where their texts agree. */
  readonly isLoose: boolean;
}

/** The words that the checks know, with those that a user added. */
export class WordLists {
  /** Long names, hyphens included, that a later version may well have. */
  readonly likelyOptions: readonly string[];
  readonly #concepts = new Map<string, Concept>();
  readonly #verbs: ReadonlySet<string>;
  readonly #shortForms: ReadonlyMap<string, readonly string[]>;

  constructor(added: AddedWords = NO_ADDED_WORDS) {
    const groups = [
      ...LOOSE_CONCEPTS.map((names) => ({ names, isLoose: true })),
      ...CONCEPTS.map((names) => ({ names, isLoose: false })),
      ...added.sameMeaning.map((names) => ({ names, isLoose: false })),
    ];
    for (const { names, isLoose } of groups) {
      // What is added to a known concept belongs to it: its words stay one.
      const known = names.map((name) => this.conceptOf(name)).find((concept) => concept?.isLoose === false);
      const concept = known ?? { id: names[0] ?? '', isLoose };
      for (const name of names) this.#concepts.set(keyOf(name), concept);
    }
    this.#verbs = new Set([...VERBS, ...added.verbs]);
    const forms = new Map(SHORT_FORMS);
    for (const [word, more] of added.shortForms) forms.set(word, [...(forms.get(word) ?? []), ...more]);
    this.#shortForms = forms;
    this.likelyOptions = added.likelyOptions;
  }

  /** The concept that the whole name of an option or command stands for; undefined where the lists have none for it. */
  conceptOf(name: string): Concept | undefined {
    return this.#concepts.get(keyOf(name));
  }

  /** The other names of the concept that a whole name stands for, as they are compared. */
  sameConcept(name: string): string[] {
    const concept = this.conceptOf(name);
    if (concept === undefined) return [];
    return [...this.#concepts].flatMap(([key, one]) => (one === concept && key !== keyOf(name) ? [key] : []));
  }

  /** Whether a word is what commands that do something are called. */
  isVerb(word: string): boolean {
    return this.#verbs.has(word);
  }

  /** All customary short forms of a word, those that do not begin it (`cmd`) too. */
  shortForms(word: string): readonly string[] {
    return this.#shortForms.get(word.toLowerCase()) ?? [];
  }

  /**
   * The customary short forms of a word, in the singular or plural, that are its own beginnings: those that do not begin it are no
   * abbreviations to a parser.
   */
  shortBeginnings(word: string): string[] {
    const lower = word.toLowerCase();
    const singular = lower.replace(/ies$/, 'y').replace(/([^s])s$/, '$1');
    const forms = [...this.shortForms(lower), ...this.shortForms(singular)];
    return [...new Set(forms)].filter((form) => form.length > 1 && lower.startsWith(form));
  }
}

/** The lists as they are without settings. */
export const STANDARD_WORDS = new WordLists();

function keyOf(name: string): string {
  return nameWords(name.toLowerCase()).join('-');
}

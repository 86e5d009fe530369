import type { NameIndex } from '../abbreviations/name-index.ts';
import { optionScope, optionsInReach, type ScopeTarget } from '../abbreviations/option-scope.ts';
import type { Resolution, Verdict } from '../abbreviations/verdict.ts';
import type { OptionArgument } from '../model/argument.ts';
import { takesEitherHyphens, withOtherHyphens } from '../model/long-hyphens.ts';
import { nearestRule } from '../model/nearest-rule.ts';
import { argumentOf, mainName, type Option, type OptionName } from '../model/option.ts';
import type { WordJoint } from '../model/parsing-rules.ts';
import type { CommandAt } from '../model/walk.ts';

/** An option as one of its names calls it. */
export interface NamedOption {
  readonly option: Option;
  readonly name: OptionName;
  readonly negated: boolean;
}

/** What a word comes to as a long name. */
export interface LongResolution {
  readonly verdict: Verdict;
  readonly names: readonly string[];
  readonly found: NamedOption | undefined;
}

/** Finds the options that may be typed at one command. */
export class OptionLookup {
  readonly complete: boolean;
  readonly names: readonly string[];
  readonly hasPlusNames: boolean;
  readonly #index: NameIndex<ScopeTarget>;
  readonly #byName = new Map<string, NamedOption>();
  readonly #foldsCase: boolean;
  readonly #foldsLetters: boolean;
  /** The ways in which the words of a name may be joined; none where there is but one. */
  readonly #joints: ReadonlySet<WordJoint>;
  /** The options by their names as `joinedByHyphens` writes them, where there are several ways. */
  readonly #byWords = new Map<string, NamedOption>();
  /** Whether long names may be written with one hyphen or two. */
  readonly #takesEitherHyphens: boolean;
  /** Whether one hyphen will do for a long name whose first letter is no option. */
  readonly #takesOneWhereNoLetter: boolean;
  /** Whether letters too may have two hyphens: so where no letters are grouped, and all names are of one kind. */
  readonly #lettersTakeEither: boolean;

  constructor(at: CommandAt, foldsCase: boolean) {
    const scope = optionScope(at);
    this.complete = at.command.options.complete?.value === true;
    this.#index = scope.index;
    this.#foldsCase = foldsCase;
    const lettersDiffer = nearestRule(at.line, 'letterCaseSensitive')?.value;
    this.#foldsLetters = lettersDiffer === undefined ? foldsCase : !lettersDiffer;
    this.#joints = new Set(nearestRule(at.line, 'wordJoints')?.value);
    this.#takesEitherHyphens = takesEitherHyphens(at.line);
    this.#takesOneWhereNoLetter = nearestRule(at.line, 'longHyphens')?.value === 'one-where-no-letter';
    this.#lettersTakeEither = this.#takesEitherHyphens && nearestRule(at.line, 'grouping')?.value === false;
    for (const option of optionsInReach(at)) {
      for (const name of option.names) this.#add({ option, name, negated: false });
      for (const name of option.negatedNames) this.#add({ option, name, negated: true });
    }
    for (const { option, name, negated } of scope.names) this.#add({ option, name, negated });
    this.names = [...this.#byName.keys()];
    this.hasPlusNames = this.names.some((name) => name.startsWith('+'));
  }

  #add(named: NamedOption): void {
    const { text } = named.name;
    for (const key of this.#folds(text) ? [text, text.toLowerCase()] : [text])
      if (!this.#byName.has(key)) this.#byName.set(key, named);
    if (this.#joints.size === 0) return;
    const key = joinedByHyphens(named.name.text);
    if (!this.#byWords.has(key)) this.#byWords.set(key, named);
  }

  /** The option that has exactly this name. */
  exact(name: string): NamedOption | undefined {
    return (
      this.#byName.get(name) ??
      (this.#folds(name) ? this.#byName.get(name.toLowerCase()) : undefined) ??
      (this.#mayJoinSo(name) ? this.#byWords.get(joinedByHyphens(name)) : undefined)
    );
  }

  #folds(name: string): boolean {
    return name.length === 2 ? this.#foldsLetters : this.#foldsCase;
  }

  /** Whether the words of a name are joined in ways that the parser takes. */
  #mayJoinSo(name: string): boolean {
    const joints = this.#joints;
    if (joints.size === 0 || !name.startsWith('--')) return false;
    const isLacking = (joint: WordJoint, pattern: RegExp) => !joints.has(joint) && pattern.test(name);
    return !(
      isLacking('hyphen', /[^-]-/) ||
      isLacking('underscore', /_/) ||
      isLacking('capital', /[a-z\d][A-Z]/)
    );
  }

  /** Whether a word that begins with a hyphen may be a long name that is listed with two. */
  takesOneHyphen(word: string): boolean {
    const isOther =
      this.#takesOneWhereNoLetter && !word.startsWith('--') && this.exact(word.slice(0, 2)) === undefined;
    return this.#takesEitherHyphens || isOther;
  }

  /** Whether a name that is not known is known with one hyphen more or less. */
  isKnownOtherwise(name: string): boolean {
    return name.length > 3 && this.exact(withOtherHyphens(name)) !== undefined;
  }

  /** What a long name comes to, in full or abbreviated. */
  long(word: string): LongResolution {
    const exact = this.exact(word);
    if (exact !== undefined) return { verdict: 'exact', names: [exact.name.text], found: exact };
    const letter = this.#lettersTakeEither && word.length === 3 ? this.exact(word.slice(1)) : undefined;
    if (letter !== undefined) return { verdict: 'exact', names: [letter.name.text], found: letter };
    const { verdict, names }: Resolution<ScopeTarget> = this.#index.resolve(word);
    const isFound = verdict !== 'ambiguous' && verdict !== 'unknown';
    return { verdict, names, found: isFound ? this.exact(names[0] ?? '') : undefined };
  }
}

/** A long name with hyphens between its words: `--dry-run` for `--dry_run` and `--dryRun`. */
function joinedByHyphens(name: string): string {
  return name.replaceAll('_', '-').replaceAll(/(?<=[a-z\d])[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
}

/** The name that messages call an option by: its negated name where that was given. */
export function calledName({ option, name, negated }: NamedOption): string {
  return negated ? name.text : mainName(option).text;
}

/** The option-argument that goes with a name; undefined where it is not known whether there is one. */
export function argumentOfNamed({ option, name, negated }: NamedOption): OptionArgument | undefined {
  return negated ? undefined : argumentOf(option, name)?.value;
}

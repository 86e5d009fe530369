import { OptionNames } from './option-names.ts';
import { otherStarts } from './other-starts.ts';
import { AFTER, NO_SUCH, type ParserAnswer, ParserAnswers } from './parser-answers.ts';
import { PrefixQuestions, wordsFor } from './prefix-questions.ts';
import type { Questions } from './questions.ts';
import { isRiskyName } from './risky-name.ts';

/** How an option takes its argument, as its parser shows it. */
export type ShownArgument = 'none' | 'required' | 'optional';

/** What the parser of one command told of its long options. */
export interface ProbedOptions {
  readonly names: OptionNames;
  /** The arguments of the names that help does not show. */
  readonly arguments: ReadonlyMap<string, ShownArgument>;
  /** Names that help shows and the parser refuses as unknown, with the words of the run that showed it. */
  readonly refused: ReadonlyMap<string, readonly string[]>;
  /** Whether a prefix of a name stands for it, and the words of the run that showed it; undefined where that did not show. */
  readonly abbreviations: { readonly accepted: boolean; readonly words: readonly string[] } | undefined;
  /** The words of a run that refused a prefix of several names; undefined where none did. */
  readonly tie: readonly string[] | undefined;
  /** Whether upper and lower case are told apart, and the words of the run that showed it; undefined where that did not show. */
  readonly caseSensitive: { readonly is: boolean; readonly words: readonly string[] } | undefined;
  /** Whether spellings of one option that begin alike are a tie, and the words of the run that showed it; undefined where that did not show. */
  readonly spellings: { readonly tie: boolean; readonly words: readonly string[] } | undefined;
}

/** What names of options begin with. */
const FIRST = [...'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789-_'];

/** How many starts of other spellings are asked for before it is judged anew which are likely. */
const AT_ONCE = 16;

/** A name may be this long; what a parser without end says is cut off. */
const LONGEST = 60;

/** The known names of which a prefix is asked, to see whether abbreviations are accepted. */
const SAMPLES = 4;

/** Walks the tree of the prefixes of a command's long options by asking its parser, until all names are known that it tells. */
export class OptionWalk {
  /** Asks the parser of the command. */
  readonly prefixes: PrefixQuestions;
  readonly #names: OptionNames;
  /** The names that the help of the command shows. */
  readonly #own: readonly string[];
  readonly #arguments = new Map<string, ShownArgument>();
  /** The prefixes at which it was seen whether names are of one option. */
  readonly #united = new Set<string>();
  #abbreviations: ProbedOptions['abbreviations'];
  #spellings: ProbedOptions['spellings'];
  #caseSensitive: ProbedOptions['caseSensitive'];

  private constructor(prefixes: PrefixQuestions, names: OptionNames, own: readonly string[]) {
    this.prefixes = prefixes;
    this.#names = names;
    this.#own = own;
  }

  /**
   * Prepares to ask for the long options of the command at a path; `own` are those that its help shows, each with all its long names, `above`
   * those of the commands that lead to it. Undefined where the command does not refuse what it does not know, or not by name: then nothing may
   * be asked.
   */
  static async at(
    questions: Questions,
    path: readonly string[],
    { own, above }: Readonly<Record<'own' | 'above', readonly (readonly string[])[]>>,
  ): Promise<OptionWalk | undefined> {
    const unknown = await questions.ask(wordsFor(path, NO_SUCH));
    const after = await questions.ask([...path, ...AFTER]);
    const answers = unknown && after && ParserAnswers.from(unknown, after);
    if (answers === undefined) return undefined;
    const names = new OptionNames();
    for (const spellings of [...own, ...above])
      for (const name of spellings) names.add(name, undefined, spellings[0]);
    return new OptionWalk(new PrefixQuestions(questions, path, answers, names), names, own.flat());
  }

  /** What was told so far. */
  get told(): ProbedOptions {
    return {
      names: this.#names,
      arguments: this.#arguments,
      refused: this.#refused(),
      abbreviations: this.#abbreviations,
      tie: this.prefixes.tie,
      caseSensitive: this.#caseSensitive,
      spellings: this.#spellings,
    };
  }

  /** Asks for all options, by their first letters and where their names part. */
  async askOptions(): Promise<void> {
    const isRefused = await this.#areRefused();
    await this.#askCase();
    if (isRefused) return;
    await this.#askBelow('', this.#firstCharacters());
    await this.#askPartings();
    await this.#askArguments();
    const answers = await this.prefixes.answersTo(this.#own);
    for (const [i, name] of this.#own.entries()) {
      const answer = answers[i];
      await this.#learn(name, answer);
      if (answer?.kind === 'takes-one') await this.#findByMissing(name);
    }
    if (this.#caseSensitive === undefined) await this.#askCase();
  }

  /**
   * Asks for spellings that hide behind another of the same option, which takes many more runs. Of the spellings that begin alike, a parser may
   * tell only the one that is declared first: that is looked for beside each first name, where a name is likeliest to go on otherwise first.
   */
  async askSpellings(): Promise<void> {
    if (this.#abbreviations?.accepted !== true) return;
    const asked = new Set<string>();
    for (;;) {
      const known = this.#names.all.map(({ name }) => name);
      const starts = otherStarts(this.#firstNames(), known)
        .filter((start) => !asked.has(start))
        .slice(0, AT_ONCE);
      if (starts.length === 0) return;
      for (const start of starts) asked.add(start);
      const before = this.#names.all.length;
      await this.#askAll(starts);
      if (this.#names.all.length === before) continue;
      await this.#askPartings();
      await this.#askArguments();
    }
  }

  /** Whether the parser knows some names that help shows, but none of their prefixes. */
  async #areRefused(): Promise<boolean> {
    const names = this.#names.all
      .map(({ name }) => name)
      .filter((name) => name.length > 2 && !isRiskyName(name));
    const samples = names
      .filter((name) => this.#names.under(name.slice(0, -1)).length === 1)
      .slice(0, SAMPLES);
    const whole = await this.prefixes.answersTo(samples);
    const known = samples.filter((_, i) => whole[i] !== undefined && whole[i].kind !== 'unknown');
    const short = await this.prefixes.answersTo(known.map((name) => name.slice(0, -1)));
    const at = short.findIndex(
      (answer) => answer !== undefined && answer.kind !== 'unknown' && answer.kind !== 'unclear',
    );
    const name = known[Math.max(at, 0)];
    if (name === undefined) return false;
    this.#abbreviations = { accepted: at >= 0, words: this.#wordsFor(name.slice(0, -1)) };
    return at < 0;
  }

  /** Asks for a name that the parser knows in capitals. */
  async #askCase(): Promise<void> {
    const known = [...this.prefixes.known].find(
      ([name, { kind }]) => /^[a-z]{3}/.test(name) && kind === 'takes-none',
    );
    if (known === undefined) return;
    const name = known[0].toUpperCase();
    const answer = await this.prefixes.answerTo(name);
    if (answer === undefined || answer.kind === 'unclear') return;
    this.#caseSensitive = { is: answer.kind === 'unknown', words: this.#wordsFor(name) };
  }

  #firstCharacters(): readonly string[] {
    const isEither = this.#caseSensitive?.is === false;
    return isEither ? FIRST.filter((character) => character === character.toLowerCase()) : FIRST;
  }

  /** Asks for a prefix with each of some characters behind it. */
  async #askBelow(prefix: string, characters: readonly string[]): Promise<void> {
    await this.#askAll(characters.map((character) => prefix + character));
  }

  /** Asks for each of some prefixes. */
  async #askAll(prefixes: readonly string[]): Promise<void> {
    // Ties that are refused are seen first: they make other prefixes harmless.
    const isRisky = (one: string) => this.#names.isRisky(one, false);
    for (const some of [prefixes.filter((one) => !isRisky(one)), prefixes.filter(isRisky)]) {
      const answers = await this.prefixes.answersTo(some);
      for (const [i, one] of some.entries()) await this.#learn(one, answers[i]);
    }
  }

  /** Takes from an answer the names that it tells, and asks on where it tells that there are some, and not which. */
  async #learn(prefix: string, answer: ParserAnswer | undefined): Promise<void> {
    if (answer === undefined || prefix.length > LONGEST) return;
    const words = this.#wordsFor(prefix);
    const isShort = 'name' in answer && answer.name !== undefined && answer.name !== prefix;
    if (answer.kind === 'ambiguous' || isShort) this.#abbreviations ??= { accepted: true, words };
    if (answer.kind === 'ambiguous') {
      for (const name of answer.names) this.#names.add(name, words);
      const isOne = answer.names.length > 1 && this.#names.optionsUnder(prefix) === 1;
      if (isOne) this.#spellings ??= { tie: true, words };
      if (answer.names.length < 2) await this.#askBelow(prefix, this.#firstCharacters());
    } else if (answer.kind === 'takes-none' || answer.kind === 'takes-one') {
      // A message may repeat the name as it was typed.
      if (answer.name !== undefined && answer.name !== prefix) {
        this.#names.add(answer.name, words);
        // What help shows as a name may be an abbreviation of it.
        if (this.#names.has(prefix)) this.#names.unite([prefix, answer.name]);
      } else if (answer.name === prefix && !this.#names.has(prefix) && this.#names.under(prefix).length > 0) {
        // A name hides the longer ones that begin with it.
        this.#names.add(prefix, words);
        await this.#askBelow(prefix, this.#firstCharacters());
      } else if (this.#names.under(prefix).length === 0) await this.#findName(prefix, answer.kind);
    }
  }

  /** Finds the name of the option that a prefix stands for, where the parser does not tell it: by a missing argument, or letter by letter. */
  async #findName(prefix: string, kind: 'takes-none' | 'takes-one'): Promise<void> {
    if (kind === 'takes-one' && (await this.#findByMissing(prefix))) return;
    // One option is left, so that only one character can follow, or none.
    let isSure = true;
    for (const character of this.#firstCharacters()) {
      const longer = prefix + character;
      const answer = await this.prefixes.answerTo(longer);
      if (answer === undefined) isSure = false;
      if (answer === undefined || answer.kind === 'unknown') continue;
      await this.#learn(longer, answer);
      return;
    }
    if (isSure) this.#names.add(prefix, this.#wordsFor(prefix));
  }

  /** Finds the name of an option that takes the next word whatever that is: without one, it is refused by its name. Returns whether it did. */
  async #findByMissing(prefix: string): Promise<boolean> {
    if ((await this.prefixes.afterName(prefix)) !== 'taken') return false;
    const { names, words } = await this.prefixes.namesWithout(prefix);
    const [name] = names;
    if (name === undefined || names.length > 1) return false;
    this.#names.add(name, words);
    this.#arguments.set(name, 'required');
    // What help shows as a name may be an abbreviation of it.
    if (this.#names.has(prefix)) this.#names.unite([prefix, name]);
    return true;
  }

  /** Asks where known names part, until nothing new is told: a prefix of two names that is no tie shows that they are one option. */
  async #askPartings(): Promise<void> {
    for (;;) {
      const prefixes = this.#names
        .partings()
        .filter((prefix) => !this.#united.has(prefix) && !this.#names.has(prefix));
      for (const prefix of prefixes) this.#united.add(prefix);
      const before = this.#names.all.length;
      const answers = await this.prefixes.answersTo(prefixes);
      for (const [i, prefix] of prefixes.entries()) {
        const answer = answers[i];
        await this.#learn(prefix, answer);
        if (answer?.kind === 'takes-none' || answer?.kind === 'takes-one') await this.#unite(prefix);
      }
      if (this.#names.all.length === before) return;
    }
  }

  /**
   * Names that begin with a prefix that is no tie: spellings of one option, as far as they are names. Not so where no tie was ever refused: the
   * parser may take the first of them.
   */
  async #unite(prefix: string): Promise<void> {
    if (this.prefixes.tie === undefined) return;
    const names = this.#names.under(prefix).filter((name) => !isRiskyName(name));
    const answers = await this.prefixes.answersTo(names);
    const known = names.filter(
      (_, i) => answers[i]?.kind === 'takes-none' || answers[i]?.kind === 'takes-one',
    );
    if (known.length < 2) return;
    this.#names.unite(known);
    this.#spellings ??= { tie: false, words: this.#wordsFor(prefix) };
  }

  #wordsFor(prefix: string): string[] {
    return wordsFor(this.prefixes.path, prefix);
  }

  /** The name that the parser told first of each letter: the others are told too, unless they are spellings of the same option. */
  #firstNames(): string[] {
    return FIRST.flatMap((letter) => {
      const answer = this.prefixes.known.get(letter);
      if (answer === undefined || answer.kind === 'unknown' || answer.kind === 'unclear') return [];
      if (answer.kind === 'ambiguous') return answer.names.slice(0, 1);
      return answer.name ?? this.#names.under(letter);
    });
  }

  /**
   * The names that help shows and the parser does not know. It must have told of others that they take no value: there are parsers that say of a
   * flag with a value that it is unknown.
   */
  #refused(): ReadonlyMap<string, readonly string[]> {
    if (!this.#tellsFlags() || this.#abbreviations?.accepted !== true) return new Map();
    const names = this.#own.filter((name) => this.prefixes.known.get(name)?.kind === 'unknown');
    return new Map(names.map((name) => [name, this.#wordsFor(name)]));
  }

  #tellsFlags(): boolean {
    return [...this.prefixes.known.values()].some(({ kind }) => kind === 'takes-none');
  }

  /** Asks how the options that help does not show take their arguments. */
  async #askArguments(): Promise<void> {
    for (const { name, words } of this.#names.all) {
      if (words === undefined || this.#arguments.has(name)) continue;
      const answer = await this.prefixes.answerTo(name);
      if (answer?.kind === 'takes-none') this.#arguments.set(name, 'none');
      if (answer?.kind !== 'takes-one') continue;
      const after = await this.prefixes.afterName(name);
      if (after === 'taken' || after === 'wanting') this.#arguments.set(name, 'required');
      // A value that was refused may have been one too many for a flag, unless the parser says so in another way.
      if (after === 'not-taken' && (answer.isTaken || this.#tellsFlags()))
        this.#arguments.set(name, 'optional');
    }
  }
}

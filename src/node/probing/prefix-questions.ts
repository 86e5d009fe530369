import type { OptionNames } from './option-names.ts';
import { AFTER, type ParserAnswer, type ParserAnswers, VALUE } from './parser-answers.ts';
import type { Questions } from './questions.ts';

/** Asks the parser of one command for prefixes of long options, none that may stand for something that must not happen. */
export class PrefixQuestions {
  readonly #questions: Questions;
  readonly #names: OptionNames;
  readonly #known = new Map<string, ParserAnswer>();
  /** Prefixes without a value at which the program did not end: nothing that begins so is run without one again. */
  readonly #endless: string[] = [];
  #tie: readonly string[] | undefined;
  /** The names of the commands that lead to the command. */
  readonly path: readonly string[];
  /** How the messages of its parser are understood. */
  readonly answers: ParserAnswers;

  /** `names` are those that are known so far; they tell what must not be asked. */
  constructor(questions: Questions, path: readonly string[], answers: ParserAnswers, names: OptionNames) {
    this.#questions = questions;
    this.path = path;
    this.answers = answers;
    this.#names = names;
  }

  /** What the parser says of each of some prefixes, with a value attached; undefined where that may not be asked. */
  async answersTo(prefixes: readonly string[]): Promise<(ParserAnswer | undefined)[]> {
    const allowed = prefixes.filter((prefix) => !this.isRisky(prefix));
    const runs = await this.#questions.askAll(allowed.map((prefix) => wordsFor(this.path, prefix)));
    for (const [i, prefix] of allowed.entries()) {
      const run = runs[i];
      if (run === undefined || this.#known.has(prefix)) continue;
      const answer = this.answers.answerTo(prefix, run);
      this.#known.set(prefix, answer);
      if (answer.kind === 'ambiguous') this.#tie ??= wordsFor(this.path, prefix);
    }
    return prefixes.map((prefix) => this.#known.get(prefix));
  }

  /** What it says of one. */
  async answerTo(prefix: string): Promise<ParserAnswer | undefined> {
    const [answer] = await this.answersTo([prefix]);
    return answer;
  }

  /** Whether a prefix may stand for something that must not happen. Where ties are refused, several names keep it from that. */
  isRisky(prefix: string): boolean {
    return this.#names.isRisky(prefix, this.#tie !== undefined);
  }

  /** What becomes of the words behind a name without a value; undefined where that did not show. */
  async afterName(name: string): Promise<ReturnType<ParserAnswers['afterName']>> {
    if (this.#endless.some((one) => name.startsWith(one))) return undefined;
    const run = await this.#questions.ask([...this.path, `--${name}`, ...AFTER]);
    if (run?.end === 'time') this.#endless.push(name);
    return run === undefined ? undefined : this.answers.afterName(run);
  }

  /** The names in the message about a name without its argument; to be asked only of one that takes the next word whatever that is. */
  async namesWithout(prefix: string): Promise<{ names: readonly string[]; words: readonly string[] }> {
    const words = [...this.path, `--${prefix}`];
    const run = await this.#questions.ask(words);
    return { names: run === undefined ? [] : this.answers.namesIn(run, prefix), words };
  }

  /** What was said so far, by prefix. */
  get known(): ReadonlyMap<string, ParserAnswer> {
    return this.#known;
  }

  /** The words of a run that refused a prefix of several names; undefined where none did. */
  get tie(): readonly string[] | undefined {
    return this.#tie;
  }
}

/** The words that ask for a prefix: it carries a value, so that it takes no word behind it, and two options follow that no program has. */
export function wordsFor(path: readonly string[], prefix: string): string[] {
  return [...path, `--${prefix}=${VALUE}`, ...AFTER];
}

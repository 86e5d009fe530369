import type { ProgramRun } from '../running/run-program.ts';

/** Runs the program with some words. */
export type Runner = (words: readonly string[]) => Promise<ProgramRun>;

/** Runs that took too long, after which no more is asked of a program. */
const MOST_UNCLEAR = 3;

/** Asks a program by running it: no command line twice, no more of them than allowed, several side by side. */
export class Questions {
  readonly #run: Runner;
  readonly #most: number;
  readonly #parallel: number;
  readonly #signal: AbortSignal | undefined;
  readonly #asked = new Map<string, Promise<ProgramRun>>();
  #slow = 0;
  #isCutOff = false;

  constructor(run: Runner, most: number, parallel: number, signal: AbortSignal | undefined) {
    this.#run = run;
    this.#most = most;
    this.#parallel = parallel;
    this.#signal = signal;
  }

  /** The run with these words; undefined where no more may be asked. */
  async ask(words: readonly string[]): Promise<ProgramRun | undefined> {
    const key = words.join('\0');
    const known = this.#asked.get(key);
    if (known !== undefined) return known;
    if (this.#signal?.aborted || this.#slow >= MOST_UNCLEAR) return undefined;
    if (this.#asked.size >= this.#most) {
      this.#isCutOff = true;
      return undefined;
    }
    const run = this.#run(words);
    this.#asked.set(key, run);
    if ((await run).end !== 'exit') this.#slow++;
    return run;
  }

  /** The runs with each of some words, in their order. */
  async askAll(lines: readonly (readonly string[])[]): Promise<(ProgramRun | undefined)[]> {
    const runs: (ProgramRun | undefined)[][] = [];
    for (let i = 0; i < lines.length; i += this.#parallel) {
      runs.push(await Promise.all(lines.slice(i, i + this.#parallel).map((words) => this.ask(words))));
    }
    return runs.flat();
  }

  /** How many command lines were run. */
  get count(): number {
    return this.#asked.size;
  }

  /** Whether something was left unasked because there were too many questions. */
  get isCutOff(): boolean {
    return this.#isCutOff;
  }

  /** Whether runs took too long, so that no more was asked. */
  get isTooSlow(): boolean {
    return this.#slow >= MOST_UNCLEAR;
  }
}

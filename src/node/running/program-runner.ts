import type { Observation } from '../../core/model/interface.ts';
import type { RunFolders } from './run-folders.ts';
import { type ProgramRun, type RunSettings, runProgram } from './run-program.ts';
import { settledText } from './settled-text.ts';

/** A program as it is called: the words, the path that the first of them stands for, and the name that people call it by. */
export interface CalledProgram {
  readonly invocation: readonly string[];
  readonly path: string;
  readonly name: string;
}

/** What holds for every run of a program. */
export interface RunnerSettings {
  /** Columns that the program is told of. */
  readonly width: number;
  /** The most milliseconds for one run. */
  readonly timeLimit: number;
  /** The most bytes that one run may print on each stream. */
  readonly outputLimit: number;
  /** Whether it sees the user's home. */
  readonly keepHome: boolean;
  /** Whether observations keep how long a run took: that differs from run to run. */
  readonly keepTimes: boolean;
}

/** Runs one program again and again, with the limits of a capture, and keeps every run. */
export class ProgramRunner {
  readonly called: CalledProgram;
  readonly #settings: RunnerSettings;
  readonly #signal: AbortSignal | undefined;
  readonly #runs: ProgramRun[] = [];

  constructor(called: CalledProgram, settings: RunnerSettings, signal: AbortSignal | undefined) {
    this.called = called;
    this.#settings = settings;
    this.#signal = signal;
  }

  /** All runs, in the order in which they ended. */
  get runs(): readonly ProgramRun[] {
    return this.#runs;
  }

  /** The words that call the program, and the settings of a run in some folders. */
  callIn({ folder, environment }: RunFolders): { words: readonly string[]; settings: RunSettings } {
    const { invocation, path } = this.called;
    const { timeLimit, outputLimit } = this.#settings;
    const settings = {
      folder,
      environment,
      timeLimit,
      outputLimit,
      signal: this.#signal,
      calledBy: invocation[0],
    };
    return { words: [path, ...invocation.slice(1)], settings };
  }

  /** Runs the program with some words; `before` are the words of programs that run it, each of which takes a right from it. */
  async run(
    words: readonly string[],
    folders: RunFolders,
    before: readonly string[] = [],
  ): Promise<ProgramRun> {
    const call = this.callIn(folders);
    // A program that runs another is called by its own name.
    const settings = before.length === 0 ? call.settings : { ...call.settings, calledBy: undefined };
    const printed = await runProgram([...before, ...call.words, ...words], settings);
    const { invocation, path } = this.called;
    const circumstances = {
      home: this.#settings.keepHome ? undefined : folders.environment.HOME,
      folder: folders.scratch,
      program: path,
      calledBy: invocation[0] ?? path,
      process: printed.process,
      ended: Date.now(),
    };
    const run = {
      ...printed,
      standardOutput: settledText(printed.standardOutput, circumstances),
      standardError: settledText(printed.standardError, circumstances),
    };
    this.#runs.push(run);
    return run;
  }

  /** A run as an observation, with the words behind the program. */
  observation(words: readonly string[], run: ProgramRun): Observation {
    const name = [this.called.name, ...words].join(' ');
    return {
      words,
      exitStatus: run.status,
      standardOutput: { name, text: run.standardOutput },
      standardError: { name, text: run.standardError },
      width: this.#settings.width,
      milliseconds: this.#settings.keepTimes ? slowness(run.milliseconds) : undefined,
    };
  }
}

/** A time in steps of half a second; undefined for shorter ones, which are another each time and say nothing. */
function slowness(milliseconds: number): number | undefined {
  const steps = Math.floor(milliseconds / SLOWNESS_STEP);
  return steps === 0 ? undefined : steps * SLOWNESS_STEP;
}

const SLOWNESS_STEP = 500;

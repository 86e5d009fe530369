import { basename, isAbsolute } from 'node:path';
import { commandName } from '../../core/model/command.ts';
import { stated } from '../../core/model/fact.ts';
import type { Interface, Observation } from '../../core/model/interface.ts';
import { joinInterfaces } from '../../core/model/join.ts';
import { observedVersion } from '../../core/observations/observed-version.ts';
import { foreignText } from '../../core/readers/foreign-text.ts';
import { readHelp } from '../../core/readers/help/read-help.ts';
import type { Problem } from '../../core/source/problem.ts';
import { withHiddenOptions } from '../declarations/hidden-options.ts';
import { readDeclarations } from '../declarations/read-declarations.ts';
import { probeConfined } from '../probing/probe-confined.ts';
import { findProgram } from '../running/find-program.ts';
import { type CalledProgram, ProgramRunner } from '../running/program-runner.ts';
import { openRunFolders, type RunFolders } from '../running/run-folders.ts';
import type { ProgramRun } from '../running/run-program.ts';
import { UNLIKELY_OPTION } from '../running/unlikely-option.ts';
import { calledName } from './called-name.ts';
import { type CaptureSettings, withDefaults } from './capture-settings.ts';
import { commandAt, isHelp } from './help-run.ts';
import { LIST_COMMAND, needsListCommand } from './list-command.ts';
import { whyNoHelp } from './why-no-help.ts';

const VERSION_OPTION = '--version';

/** What a capture came to, also where it was stopped. */
export interface Capture {
  /** Undefined where no run gave help. */
  readonly interface: Interface | undefined;
  /** All runs, in the order in which they ended. */
  readonly runs: readonly ProgramRun[];
  /** What went wrong, in the order in which it was met. */
  readonly problems: readonly Problem[];
  /** Whether a signal stopped it before it was done. */
  readonly isStopped: boolean;
}

/** What is known while a capture goes on. */
export interface CaptureProgress {
  /** How many commands were asked; then, where its parser is asked, how many questions. */
  readonly done: number;
  /** How many wait to be asked; of questions, how many more there may be. */
  readonly waiting: number;
  /** The words of the run that has begun last. */
  readonly current: string;
}

/**
 * Asks a program for its help, command by command, and reads what it prints. `invocation` are the words that call it. Every run is
 * without a shell, in an empty folder and process group of its own, with limits. What a run cannot give is a problem. Throws a MisuseError
 * where a setting is given that there is not, and nothing else.
 */
export async function captureProgram(
  invocation: readonly string[],
  settings: Partial<CaptureSettings> = {},
  onProgress: (progress: CaptureProgress) => void = () => {},
  signal?: AbortSignal,
): Promise<Capture> {
  const all = withDefaults(settings);
  const name = all.program ?? calledName(invocation);
  const program = await findProgram(invocation[0] ?? '');
  if ('reason' in program) return notCaptured('no-program', program.reason);
  const folders = await openRunFolders(all);
  if ('reason' in folders) return notCaptured('no-temporary-folder', folders.reason);
  try {
    const called = { invocation, path: program.path, name };
    return await new Capturer(called, all, folders, onProgress, signal).capture();
  } finally {
    await folders.close();
  }
}

function notCaptured(code: string, message: string): Capture {
  const problem: Problem = { code, message, place: null, source: '', consequence: 'unusable' };
  return { interface: undefined, runs: [], problems: [problem], isStopped: false };
}

class Capturer {
  readonly #runner: ProgramRunner;
  readonly #program: string;
  readonly #settings: CaptureSettings;
  readonly #folders: RunFolders;
  readonly #onProgress: (progress: CaptureProgress) => void;
  readonly #signal: AbortSignal | undefined;
  readonly #views = new Map<string, Interface>();
  readonly #observations = new Map<string, Observation>();
  readonly #problems: Problem[] = [];
  /** Texts that were read already: a program that prints the same for every word has no such command. */
  readonly #texts = new Set<string>();
  readonly #queue: string[][] = [[]];
  /** The commands that each command lists, by its path. */
  readonly #lists = new Map<string, string>();
  /** Commands that only lead to others: their help is not asked. */
  readonly #leading = new Set(['help']);
  #asked = 0;
  #busy = 0;
  #root: Interface | undefined;

  constructor(
    called: CalledProgram,
    settings: CaptureSettings,
    folders: RunFolders,
    onProgress: (progress: CaptureProgress) => void,
    signal: AbortSignal | undefined,
  ) {
    this.#runner = new ProgramRunner(called, { ...settings, keepTimes: settings.probe }, signal);
    this.#program = called.name;
    this.#settings = settings;
    this.#folders = folders;
    this.#onProgress = onProgress;
    this.#signal = signal;
  }

  async capture(): Promise<Capture> {
    await this.#next();
    await Promise.all(Array.from({ length: this.#settings.parallel }, () => this.#work()));
    if (this.#showsVersion()) await this.#runAndObserve([VERSION_OPTION]);
    const declared = this.#settings.declared ? await this.#declared() : undefined;
    const paths = [...this.#views.keys()].sort();
    const helps = paths.flatMap((path) => this.#views.get(path) ?? []);
    const views = declared === undefined ? helps : [withHiddenOptions(declared, helps), ...helps];
    const [known] = joinInterfaces(views);
    const probed = this.#settings.probe && known !== undefined ? await this.#probe(known) : undefined;
    const [joined] = probed === undefined ? [known] : joinInterfaces([...views, probed]);
    const observations = [...this.#observations.keys()]
      .sort()
      .flatMap((key) => this.#observations.get(key) ?? []);
    return {
      interface: joined === undefined ? undefined : this.#completed(joined, observations),
      runs: this.#runner.runs,
      problems: this.#problems,
      isStopped: this.#signal?.aborted === true,
    };
  }

  /** An interface with what only the capture knows: what was observed, and by which words the program is called. */
  #completed(joined: Interface, observations: readonly Observation[]): Interface {
    const { invocation } = this.#runner.called;
    // Where the program lies on this machine says nothing of how it is called.
    const words = invocation.map((word, i) => (i === 0 && isAbsolute(word) ? basename(word) : word));
    const isPlain = words.length === 1 && words[0] === this.#program;
    const invocations = isPlain ? joined.invocations : [stated(words, null)];
    return { ...joined, observations, invocations, version: observedVersion(observations) ?? joined.version };
  }

  /** Whether the help shows an option that prints the version, and takes nothing. */
  #showsVersion(): boolean {
    const options = this.#root?.root.options.items ?? [];
    return options.some(
      ({ names, argument }) =>
        names.some(({ text }) => text === VERSION_OPTION) && (argument?.value.presence ?? 'none') === 'none',
    );
  }

  async #runAndObserve(words: readonly string[]): Promise<void> {
    if (!this.#signal?.aborted) this.#observe(words, await this.#run(words));
  }

  /** Works until nothing waits and nobody else could add something. */
  async #work(): Promise<void> {
    while (!this.#signal?.aborted) {
      if (this.#queue.length > 0) await this.#next();
      else if (this.#busy > 0) await new Promise((done) => setTimeout(done, 5));
      else return;
    }
  }

  async #next(): Promise<void> {
    const path = this.#queue.shift();
    if (path === undefined) return;
    this.#busy++;
    try {
      await this.#ask(path);
    } finally {
      this.#busy--;
    }
  }

  async #ask(path: readonly string[]): Promise<void> {
    this.#onProgress({
      done: this.#asked,
      waiting: this.#queue.length,
      current: [this.#program, ...path].join(' '),
    });
    this.#asked++;
    const runs: ProgramRun[] = [];
    for (const words of this.#waysToAsk(path)) {
      const run = await this.#run(words);
      runs.push(run);
      const read = this.#read(path, words, run);
      if (read === undefined) continue;
      const view = path.length === 0 ? ((await this.#list(read)) ?? read) : read;
      if (path.length === 0) this.#root = view;
      this.#views.set(path.join('\0'), view);
      this.#observe(words, run);
      this.#queueCommands(path, view);
      return;
    }
    if (!this.#signal?.aborted) this.#report(path, runs);
  }

  /** The program as its command `list` shows it, where its help shows no commands and its parser has such a command; undefined elsewhere. */
  async #list(view: Interface): Promise<Interface | undefined> {
    if (!needsListCommand(view) || this.#signal?.aborted) return undefined;
    const run = await this.#run([LIST_COMMAND]);
    const listed = this.#read([], [LIST_COMMAND], run);
    if (listed === undefined) return undefined;
    this.#observe([LIST_COMMAND], run);
    this.#leading.add(LIST_COMMAND);
    return listed;
  }

  /** The words behind the program, the surest way to help first. */
  #waysToAsk(path: readonly string[]): string[][] {
    const ways = [[...path, '--help']];
    const root = this.#root?.root;
    const names = new Set(root?.options.items.flatMap((option) => option.names.map(({ text }) => text)));
    const hasHelpCommand = root?.commands.items.some((command) =>
      command.names.some(({ text }) => text === 'help'),
    );
    if (path.length > 0 && hasHelpCommand === true) ways.push(['help', ...path]);
    if (this.#settings.shortHelp || names.has('-h')) ways.push([...path, '-h']);
    return ways;
  }

  #run(words: readonly string[]): Promise<ProgramRun> {
    return this.#runner.run(words, this.#folders);
  }

  /** The command at a path as the run shows it; undefined where the run shows no help, or another command's. */
  #read(path: readonly string[], words: readonly string[], run: ProgramRun): Interface | undefined {
    if (run.end !== 'exit') return undefined;
    const name = [this.#program, ...words].join(' ');
    for (const text of [run.standardOutput, run.standardError]) {
      if (foreignText(text) !== undefined) continue;
      const known = this.#texts.has(text);
      const { interface: cli } = readHelp(
        { name, text },
        { program: this.#program, command: path, width: this.#settings.width },
      );
      if (cli === undefined || !isHelp(cli, path, run)) continue;
      if (known) return undefined;
      this.#texts.add(text);
      return cli;
    }
    return undefined;
  }

  #observe(words: readonly string[], run: ProgramRun): void {
    this.#observations.set(words.join('\0'), this.#runner.observation(words, run));
  }

  #queueCommands(path: readonly string[], view: Interface): void {
    const { depthLimit, commandLimit } = this.#settings;
    const command = commandAt(view, path);
    if (command === undefined || path.length >= depthLimit) return;
    const names = command.command.commands.items.map(commandName);
    // A program that lists its commands in the help of each of them would be asked for ever.
    const list = [...names].sort().join('\0');
    for (let depth = 0; depth < path.length; depth++) {
      if (this.#lists.get(path.slice(0, depth).join('\0')) === list) return;
    }
    this.#lists.set(path.join('\0'), list);
    for (const name of names) {
      // A word that begins with a hyphen would be an option.
      if (!/^\w[\w.:@+-]*$/.test(name) || this.#leading.has(name)) continue;
      if (this.#asked + this.#queue.length >= commandLimit) {
        this.#problem(
          'too-many-commands',
          `more than ${commandLimit} commands are listed; the others are not asked`,
        );
        return;
      }
      this.#queue.push([...path, name]);
    }
  }

  /** Says why nothing was read of a command, with what the program said. */
  #report(path: readonly string[], runs: readonly ProgramRun[]): void {
    const shown = [...this.#runner.called.invocation, ...path].join(' ');
    const { keepHome, keepFolder } = this.#settings;
    const isInFolder = this.#runner.called.invocation.length > 1 && !keepFolder;
    const ways = [
      ...(isInFolder ? ["; if it needs what is in this folder, give '--keep-folder'"] : []),
      ...(keepHome ? [] : ["; if it needs its home, give '--keep-home'"]),
    ];
    this.#problem('no-help', `'${shown}' ${whyNoHelp(runs, path.length === 0 ? ways : [])}`);
  }

  #problem(code: string, message: string): void {
    if (this.#problems.some((problem) => problem.message === message)) return;
    const consequence = this.#root === undefined ? 'unusable' : 'partly-read';
    this.#problems.push({ code, message, place: null, source: this.#program, consequence });
  }

  /** What the parser of the running program declares; undefined, with a problem, where that cannot be read. */
  async #declared(): Promise<Interface | undefined> {
    if (this.#signal?.aborted) return undefined;
    const { words, settings } = this.#runner.callIn(this.#folders);
    const reading = await readDeclarations(words, this.#program, settings, this.#folders.base);
    if ('interface' in reading) {
      for (const mistake of reading.mistakes)
        this.#problem('not-declared', `a part of what the parser declares is left out: ${mistake}`);
      return reading.interface;
    }
    this.#problem(
      'not-declared',
      `'${this.#runner.called.invocation.join(' ')}': ${reading.reason}; what its help shows is kept`,
    );
    return undefined;
  }

  /** Observes how the program behaves, and what its parser says of itself; undefined where that was not asked. */
  async #probe(known: Interface): Promise<Interface | undefined> {
    const isKnown = this.#observations.has(VERSION_OPTION);
    for (const word of [...(isKnown ? [] : [VERSION_OPTION]), UNLIKELY_OPTION, '--hel'])
      await this.#runAndObserve([word]);
    if (this.#signal?.aborted) return undefined;
    const settings = { ...this.#settings, mostRuns: this.#settings.probeLimit };
    let asked = 0;
    const onRun = (words: readonly string[]) =>
      this.#onProgress({
        done: asked++,
        waiting: Math.max(0, this.#settings.probeLimit - asked),
        current: [this.#program, ...words].join(' '),
      });
    const probing = await probeConfined(known, this.#runner, settings, onRun, this.#signal);
    for (const observation of probing.observations)
      this.#observations.set(observation.words.join('\0'), observation);
    for (const left of probing.left) this.#problem('not-asked', left);
    return probing.interface;
  }
}

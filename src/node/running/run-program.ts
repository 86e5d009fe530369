import { type ChildProcess, spawn } from 'node:child_process';
import { Readable, Writable } from 'node:stream';
import { systemReason } from '../system-reason.ts';

/** How a run ended: by itself, or because it took too long, printed too much, was stopped, or could not be started. */
export type RunEnd = 'exit' | 'time' | 'output' | 'stopped' | 'not-started';

/** What one run of a program came to. */
export interface ProgramRun {
  /** The words that were run, the program first. */
  readonly words: readonly string[];
  /** How it ended. */
  readonly end: RunEnd;
  /** Undefined where it did not exit by itself, or a signal ended it. */
  readonly status: number | undefined;
  /** What it wrote to standard output, up to the limit. */
  readonly standardOutput: string;
  /** What it wrote to standard error, up to the limit. */
  readonly standardError: string;
  /** The number of its process; undefined where it could not be started. */
  readonly process: number | undefined;
  /** What it wrote to descriptor 4, where it was told something. */
  readonly answers: string;
  /** How long it took. */
  readonly milliseconds: number;
  /** Why it could not be started; undefined where it was. */
  readonly failure: string | undefined;
}

export interface RunSettings {
  readonly folder: string;
  readonly environment: Readonly<Record<string, string>>;
  /** The most milliseconds that it may take. */
  readonly timeLimit: number;
  /** The most bytes that it may print on each stream. */
  readonly outputLimit: number;
  readonly signal?: AbortSignal | undefined;
  /** What the program is told that it was called by; its path where not given. */
  readonly calledBy?: string | undefined;
  /** What it is told beside its words; it can then answer on descriptor 4. */
  readonly told?: ToldText | undefined;
}

/** A text that a program reads from standard input or from descriptor 3. */
export interface ToldText {
  readonly descriptor: 0 | 3;
  readonly text: string;
}

/** How long streams may stay open when the program itself has ended, in milliseconds: a child may hold them. */
const GRACE = 200;

/** How often they may write on: a child that left the process group could do so for ever. */
const GRACES = 25;

/**
 * Runs a program without a shell, its standard input empty, in a process group of its own, which is ended with it: what it
 * started and left behind goes too. Never throws.
 */
export function runProgram(words: readonly string[], settings: RunSettings): Promise<ProgramRun> {
  return new Promise((resolve) => new Run(words, settings, resolve).start());
}

class Run {
  readonly #words: readonly string[];
  readonly #settings: RunSettings;
  readonly #resolve: (run: ProgramRun) => void;
  readonly #started = performance.now();
  readonly #output: Collected;
  readonly #errors: Collected;
  readonly #answers: Collected;
  readonly #stop = () => this.#kill('stopped');
  #child: ChildProcess | undefined;
  #timer: NodeJS.Timeout | undefined;
  #end: RunEnd = 'exit';
  #status: number | undefined;
  #failure: string | undefined;
  #isDone = false;

  constructor(words: readonly string[], settings: RunSettings, resolve: (run: ProgramRun) => void) {
    this.#words = words;
    this.#settings = settings;
    this.#resolve = resolve;
    const collected = () => new Collected(settings.outputLimit, () => this.#kill('output'));
    this.#output = collected();
    this.#errors = collected();
    this.#answers = collected();
  }

  start(): void {
    const { timeLimit, signal } = this.#settings;
    try {
      this.#child = this.#spawn();
    } catch (error) {
      this.#refuse(error);
      return;
    }
    this.#timer = setTimeout(() => this.#kill('time'), timeLimit);
    signal?.addEventListener('abort', this.#stop, { once: true });
    if (signal?.aborted) this.#stop();
  }

  #spawn(): ChildProcess {
    const [program = '', ...args] = this.#words;
    const { folder, environment, calledBy, told } = this.#settings;
    const child = spawn(program, args, {
      cwd: folder,
      env: environment,
      stdio: [
        told?.descriptor === 0 ? 'pipe' : 'ignore',
        'pipe',
        'pipe',
        ...(told === undefined ? [] : (['pipe', 'pipe'] as const)),
      ],
      detached: true,
      ...(calledBy === undefined ? {} : { argv0: calledBy }),
    });
    const keep = (stream: unknown, into: Collected) => {
      if (!(stream instanceof Readable)) return;
      stream.on('data', (chunk: Buffer) => into.add(chunk));
      // A descriptor beyond the three is a socket, which fails where its other end goes with something unread.
      stream.on('error', () => {});
    };
    keep(child.stdout, this.#output);
    keep(child.stderr, this.#errors);
    keep(child.stdio[4], this.#answers);
    const input = told === undefined ? undefined : child.stdio[told.descriptor];
    if (input instanceof Writable) {
      // A program need not read what it is told.
      input.on('error', () => {});
      input.end(told?.text);
    }
    child.on('error', (error) => this.#refuse(error));
    child.on('exit', (code) => {
      this.#status = this.#end === 'exit' ? (code ?? undefined) : undefined;
      killGroup(child.pid);
      this.#finishWhenSilent(GRACES);
    });
    child.on('close', () => this.#finish());
    return child;
  }

  /** Finishes when nothing was read for a while: on a busy machine, what the program wrote may be read long after its end. */
  #finishWhenSilent(graces: number): void {
    const before = this.#read;
    // A timer comes before what there is to read, an immediate after it.
    setTimeout(() => {
      setImmediate(() => {
        if (this.#read === before || graces === 0) this.#finish();
        else this.#finishWhenSilent(graces - 1);
      });
    }, GRACE);
  }

  /** How many bytes were read so far. */
  get #read(): number {
    return this.#output.size + this.#errors.size + this.#answers.size;
  }

  #refuse(error: unknown): void {
    this.#end = 'not-started';
    this.#failure = systemReason(error);
    this.#finish();
  }

  #kill(why: RunEnd): void {
    if (this.#isDone || this.#end !== 'exit') return;
    this.#end = why;
    killGroup(this.#child?.pid);
  }

  #finish(): void {
    if (this.#isDone) return;
    this.#isDone = true;
    clearTimeout(this.#timer);
    this.#settings.signal?.removeEventListener('abort', this.#stop);
    for (const stream of this.#child?.stdio ?? []) stream?.destroy();
    this.#resolve({
      words: this.#words,
      end: this.#end,
      status: this.#status,
      standardOutput: this.#output.text,
      standardError: this.#errors.text,
      process: this.#child?.pid,
      answers: this.#answers.text,
      milliseconds: performance.now() - this.#started,
      failure: this.#failure,
    });
  }
}

/** Ends a process group at once; there is nothing that a program asked for its help could have to put in order. */
function killGroup(pid: number | undefined): void {
  if (pid === undefined) return;
  try {
    process.kill(-pid, 'SIGKILL');
  } catch {
    // It has ended.
  }
}

/** Output up to a limit. */
class Collected {
  readonly #chunks: Buffer[] = [];
  readonly #limit: number;
  readonly #full: () => void;
  #size = 0;

  constructor(limit: number, full: () => void) {
    this.#limit = limit;
    this.#full = full;
  }

  add(chunk: Buffer): void {
    const room = this.#limit - this.#size;
    this.#chunks.push(chunk.subarray(0, Math.max(0, room)));
    this.#size += chunk.length;
    if (this.#size > this.#limit) this.#full();
  }

  /** How many bytes came, those over the limit included. */
  get size(): number {
    return this.#size;
  }

  get text(): string {
    return Buffer.concat(this.#chunks).toString('utf8');
  }
}

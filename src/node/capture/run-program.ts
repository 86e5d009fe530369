import { spawn } from 'node:child_process';

/** How a run ended: by itself, or because it took too long, printed too much, was stopped, or could not be started. */
export type RunEnd = 'exit' | 'time' | 'output' | 'stopped' | 'not-started';

/** What one run of a program came to. */
export interface ProgramRun {
  readonly words: readonly string[];
  readonly end: RunEnd;
  /** Undefined where it did not exit by itself, or a signal ended it. */
  readonly status: number | undefined;
  readonly standardOutput: string;
  readonly standardError: string;
  readonly milliseconds: number;
}

export interface RunSettings {
  readonly folder: string;
  readonly environment: Readonly<Record<string, string>>;
  /** The most milliseconds that it may take. */
  readonly timeLimit: number;
  /** The most bytes that it may print on each stream. */
  readonly outputLimit: number;
  readonly signal?: AbortSignal | undefined;
}

/** How long streams may stay open when the program itself has ended, in milliseconds: a child may hold them. */
const GRACE = 200;

/**
 * Runs a program without a shell, its standard input empty, in a process group of its own, which is ended with it: what it
 * started and left behind goes too. Never throws.
 */
export function runProgram(words: readonly string[], settings: RunSettings): Promise<ProgramRun> {
  const [program = '', ...args] = words;
  const started = performance.now();
  return new Promise((resolve) => {
    let end: RunEnd = 'exit';
    let status: number | undefined;
    let isDone = false;
    const child = spawn(program, args, {
      cwd: settings.folder,
      env: settings.environment,
      stdio: ['ignore', 'pipe', 'pipe'],
      detached: true,
    });
    const output = new Collected(settings.outputLimit, () => kill('output'));
    const errors = new Collected(settings.outputLimit, () => kill('output'));
    child.stdout.on('data', (chunk: Buffer) => output.add(chunk));
    child.stderr.on('data', (chunk: Buffer) => errors.add(chunk));
    const timer = setTimeout(() => kill('time'), settings.timeLimit);
    const stop = () => kill('stopped');
    settings.signal?.addEventListener('abort', stop, { once: true });
    if (settings.signal?.aborted) stop();
    child.on('error', () => {
      end = 'not-started';
      finish();
    });
    child.on('exit', (code) => {
      status = end === 'exit' ? (code ?? undefined) : undefined;
      killGroup(child.pid);
      setTimeout(finish, GRACE);
    });
    child.on('close', finish);

    function kill(why: RunEnd): void {
      if (isDone || end !== 'exit') return;
      end = why;
      killGroup(child.pid);
    }

    function finish(): void {
      if (isDone) return;
      isDone = true;
      clearTimeout(timer);
      settings.signal?.removeEventListener('abort', stop);
      child.stdout.destroy();
      child.stderr.destroy();
      resolve({
        words,
        end,
        status,
        standardOutput: output.text,
        standardError: errors.text,
        milliseconds: performance.now() - started,
      });
    }
  });
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

  get text(): string {
    return Buffer.concat(this.#chunks).toString('utf8');
  }
}

import type { Writable } from 'node:stream';
import { printable } from 'dabbawala';
import { systemReason } from 'dabbawala/node';
import { UNUSABLE } from './exit-status.ts';
import { TOOL } from './version.ts';

/** Standard output and standard error, with what happens where they fail. */
export class OutputStreams {
  readonly #output: Writable;
  readonly #errors: Writable;
  /** The reason of the first failure of a stream that is more than a reader who went away. */
  #failure: { readonly stream: string; readonly reason: string } | undefined;
  readonly #closed = new Set<Writable>();

  constructor(output: Writable, errors: Writable) {
    this.#output = output;
    this.#errors = errors;
    output.on('error', (error: NodeJS.ErrnoException) => this.#fail(output, 'standard output', error));
    errors.on('error', (error: NodeJS.ErrnoException) => this.#fail(errors, 'standard error', error));
  }

  write(text: string): void {
    this.#write(this.#output, text);
  }

  writeError(text: string): void {
    this.#write(this.#errors, text);
  }

  /** Waits until all is written; gives the exit status: `status`, or that for a stream that could not be written. */
  async finish(status: number): Promise<number> {
    await this.#flushed(this.#output);
    const failed = this.#failure;
    if (failed !== undefined)
      this.writeError(`${TOOL.name}: ${failed.stream}: cannot be written: ${failed.reason}\n`);
    await this.#flushed(this.#errors);
    return this.#failure === undefined ? status : UNUSABLE;
  }

  /** Tells of a mistake in this program, in one line. */
  reportMistake(reason: string): void {
    const line = printable(reason).slice(0, 500);
    this.writeError(`${TOOL.name}: a bug in ${TOOL.name}, please report it: ${line}\n`);
  }

  #write(stream: Writable, text: string): void {
    if (this.#closed.has(stream)) return;
    try {
      stream.write(text);
    } catch (error) {
      // A file is written at once, and fails at once.
      stream.emit('error', error);
    }
  }

  /** A reader that stops early, as in `dabbawala ... | head`, is no failure. */
  #fail(stream: Writable, name: string, error: NodeJS.ErrnoException): void {
    this.#closed.add(stream);
    if (error.code !== 'EPIPE') this.#failure ??= { stream: name, reason: systemReason(error) };
  }

  #flushed(stream: Writable): Promise<void> {
    if (this.#closed.has(stream)) return Promise.resolve();
    return new Promise((done) => {
      stream.write('', () => done());
      stream.once('error', () => done());
    });
  }
}

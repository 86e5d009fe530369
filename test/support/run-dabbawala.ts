import { type ChildProcess, spawn } from 'node:child_process';
import { join } from 'node:path';

export const ROOT = join(import.meta.dirname, '../..');

export interface Ended {
  readonly status: number | null;
  readonly stdout: string;
  readonly stderr: string;
}

/** Runs a program to its end; kills it after a time that only a hang can reach. */
export function runProgram(
  program: string,
  words: readonly string[],
  input: string | Buffer = '',
  env: Record<string, string> = {},
  folder = ROOT,
): Promise<Ended> {
  return new Promise((resolve, reject) => {
    const child = spawn(program, words, { cwd: folder, env: { ...process.env, ...env } });
    const out: Buffer[] = [];
    const err: Buffer[] = [];
    const guard = setTimeout(() => child.kill('SIGKILL'), 600_000);
    child.stdout.on('data', (chunk) => out.push(chunk));
    child.stderr.on('data', (chunk) => err.push(chunk));
    child.on('error', reject);
    // A program that stops reading early closes the pipe.
    child.stdin.on('error', () => {});
    child.on('close', (status) => {
      clearTimeout(guard);
      resolve({ status, stdout: Buffer.concat(out).toString(), stderr: Buffer.concat(err).toString() });
    });
    child.stdin.end(input);
  });
}

/** Runs the built command. */
export function dabbawala(words: readonly string[], input: string | Buffer = ''): Promise<Ended> {
  return runProgram(process.execPath, ['dist/cli/bin.js', ...words], input);
}

/** Starts the built command without waiting for it, its output thrown away. */
export function startDabbawala(words: readonly string[]): ChildProcess {
  return spawn(process.execPath, ['dist/cli/bin.js', ...words], { cwd: ROOT, stdio: 'ignore' });
}

/** How many commands run side by side. */
const SIDE_BY_SIDE = 4;

/** Runs the built command with each of some command lines, a few side by side; gives what came of them in their order. */
export async function dabbawalaEach(lines: readonly (readonly string[])[]): Promise<Ended[]> {
  const ended: Ended[] = [];
  for (let i = 0; i < lines.length; i += SIDE_BY_SIDE)
    ended.push(...(await Promise.all(lines.slice(i, i + SIDE_BY_SIDE).map((words) => dabbawala(words)))));
  return ended;
}

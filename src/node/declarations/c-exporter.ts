import { open, realpath } from 'node:fs/promises';
import { join } from 'node:path';
import { findProgram } from '../running/find-program.ts';
import { type RunSettings, runProgram } from '../running/run-program.ts';

/** How programs begin that the system itself loads, on Linux. */
const ELF = '\x7fELF';

/** Names of C compilers, the most usual first. */
const COMPILERS = ['cc', 'gcc', 'clang'];

/** The most milliseconds that the compiler may take. */
const COMPILE_LIMIT = 30_000;

/** The variables that load the exporter into a program, or why it cannot be. */
export type CExporter =
  | { readonly environment: Readonly<Record<string, string>> }
  | { readonly reason: 'not-c' | 'no-compiler' };

/**
 * Makes the exporter for programs in C and its relatives by the machine's own compiler, in a folder, for the program at a path. Not for scripts:
 * what runs them has no parser of their options. Never throws.
 */
export async function makeCExporter(
  path: string,
  source: string,
  folder: string,
  settings: RunSettings,
): Promise<CExporter> {
  const program = await realpath(path).catch(() => path);
  if (process.platform !== 'linux' || (await firstBytes(program)) !== ELF) return { reason: 'not-c' };
  const library = join(folder, 'declarations.so');
  for (const compiler of COMPILERS) {
    const found = await findProgram(compiler);
    if ('reason' in found) continue;
    const words = [found.path, '-shared', '-fPIC', '-nostdlib', '-O1', '-o', library, source];
    const { end, status } = await runProgram(words, {
      folder: settings.folder,
      environment: settings.environment,
      timeLimit: COMPILE_LIMIT,
      outputLimit: settings.outputLimit,
      signal: settings.signal,
    });
    if (end === 'exit' && status === 0)
      return { environment: { LD_PRELOAD: library, DABBAWALA_PROGRAM: program } };
  }
  return { reason: 'no-compiler' };
}

/** The first bytes of a file as characters; empty where it cannot be read. */
async function firstBytes(path: string): Promise<string> {
  try {
    const file = await open(path, 'r');
    try {
      const { buffer, bytesRead } = await file.read(Buffer.alloc(ELF.length), 0, ELF.length, 0);
      return buffer.subarray(0, bytesRead).toString('latin1');
    } finally {
      await file.close();
    }
  } catch {
    return '';
  }
}

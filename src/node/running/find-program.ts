import { constants } from 'node:fs';
import { access, open, stat } from 'node:fs/promises';
import { delimiter, join, resolve } from 'node:path';
import { systemReason } from '../system-reason.ts';

/** A program that can be run, by its path; or why it cannot. */
export type FoundProgram = { readonly path: string } | { readonly reason: string };

/** How executable files begin that a system runs by itself, beside `#!`: ELF, Mach-O in its forms, and those of Windows. */
const BINARY = /^(?:\x7fELF|\xfe\xed\xfa[\xce\xcf]|[\xce\xcf]\xfa\xed\xfe|\xca\xfe\xba[\xbe\xbf]|MZ)/;

/**
 * Finds the program that a word calls, as a shell would: by a path from the working directory where it has a slash, else in the folders
 * of PATH. Never throws.
 */
export async function findProgram(word: string): Promise<FoundProgram> {
  if (word === '') return { reason: 'expected the name or path of a program, found an empty word' };
  if (word.includes('\0'))
    return { reason: 'expected the name or path of a program, found a null character in it' };
  if (word.includes('/')) return runnable(resolve(word), word);
  for (const folder of (process.env.PATH ?? '/usr/bin:/bin').split(delimiter)) {
    const path = join(resolve(folder), word);
    const found = await runnable(path, word);
    if ('path' in found) return found;
    const isThere = await stat(path).then(
      (at) => at.isFile(),
      (error) => error.code === 'ENAMETOOLONG',
    );
    if (isThere) return found;
  }
  return {
    reason: `no program is called '${shortened(word)}' in the folders of PATH; check the name, or give its path`,
  };
}

async function runnable(path: string, word: string): Promise<FoundProgram> {
  const shown = shortened(word);
  try {
    const at = await stat(path);
    if (at.isDirectory()) return { reason: `expected a program, '${shown}' is a directory` };
    if (!at.isFile()) return { reason: `expected a program, '${shown}' is not a regular file` };
    await access(path, constants.X_OK);
  } catch (error) {
    const isForbidden = error instanceof Error && 'code' in error && error.code === 'EACCES';
    const hint = "; make it so with 'chmod +x', or give the program that runs it in front";
    return {
      reason: isForbidden
        ? `'${shown}' is not executable${hint}`
        : `'${shown}' cannot be run: ${systemReason(error)}`,
    };
  }
  return runnableFile(path, shown);
}

/** Looks at how an executable file begins: what the system does not know it would give to a shell, whatever it is. */
async function runnableFile(path: string, shown: string): Promise<FoundProgram> {
  const start = await firstBytes(path);
  // One may run a file that one may not read.
  if (start === undefined || BINARY.test(start)) return { path };
  if (!start.startsWith('#!')) {
    const isText = start !== '' && !/[\0-\x08\x0e-\x1a]/.test(start);
    return {
      reason: isText
        ? `'${shown}' is a text file without '#!' in its first line; add one such as '#!/bin/sh', or give the program that runs it in front`
        : `'${shown}' is not a program`,
    };
  }
  const interpreter = /^#![ \t]*(\S+)/.exec(start)?.[1] ?? '';
  const isThere = await stat(resolve(interpreter)).then(
    (at) => at.isFile(),
    () => false,
  );
  return isThere
    ? { path }
    : { reason: `'${shown}' cannot be run: its first line names '${interpreter}', which is not there` };
}

/** The first bytes of a file as characters; undefined where it cannot be read. */
async function firstBytes(path: string): Promise<string | undefined> {
  try {
    const file = await open(path, 'r');
    try {
      const { buffer, bytesRead } = await file.read(Buffer.alloc(512), 0, 512, 0);
      return buffer.subarray(0, bytesRead).toString('latin1');
    } finally {
      await file.close();
    }
  } catch {
    return undefined;
  }
}

function shortened(word: string): string {
  return word.length <= 80 ? word : `${word.slice(0, 79)}…`;
}

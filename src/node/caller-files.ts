import { type Dirent, readFileSync, type Stats } from 'node:fs';
import { open, readdir, stat } from 'node:fs/promises';
import { join, relative, sep } from 'node:path';
import ignore, { type Ignore } from 'ignore';
import type { Problem } from '../core/source/problem.ts';
import { decodeText } from './decode-text.ts';
import type { ReadResult } from './read-result.ts';
import { readSourceFile } from './read-source.ts';
import { systemReason } from './system-reason.ts';

/** The largest file that is read in a folder, in bytes. */
const BYTE_LIMIT = 16 * 1024 * 1024;

/** So much of a file is looked at to tell whether it is text, in bytes. */
const LOOKED_AT = 8192;

/** Folders that hold no files of the people who work there. */
const PASSED_OVER: ReadonlySet<string> = new Set(['.git', '.hg', '.svn', 'node_modules']);

/**
 * The files that paths name, and those below the folders among them, but for what version control ignores, binary files, links to folders and files over 16 MiB. A file that is reached by several paths comes once.
 * Files come one by one, so that no more than one is held. A path that cannot be read is a problem; the rest goes on.
 */
export async function* callerFiles(paths: readonly string[]): AsyncGenerator<ReadResult> {
  const seen = new SeenFiles();
  for (const path of paths) {
    const reached = await stat(path).catch(() => undefined);
    if (reached?.isDirectory() === true) yield* below(path, [], seen);
    else if (reached === undefined || seen.isNew(reached)) yield await readSourceFile(path);
  }
}

/** The files that were met: by whatever path they are reached, they are read once. */
class SeenFiles {
  readonly #keys = new Set<string>();

  isNew({ dev, ino }: Stats): boolean {
    const key = `${dev} ${ino}`;
    const isNew = !this.#keys.has(key);
    this.#keys.add(key);
    return isNew;
  }
}

/** The rules of one folder for what is ignored below it. */
interface IgnoreRules {
  readonly folder: string;
  readonly rules: Ignore;
}

async function* below(
  folder: string,
  outer: readonly IgnoreRules[],
  seen: SeenFiles,
): AsyncGenerator<ReadResult> {
  let entries: Dirent[];
  try {
    entries = await readdir(folder, { withFileTypes: true });
  } catch (error) {
    yield {
      source: undefined,
      problems: [problem(folder, `expected a folder that can be read: ${systemReason(error)}`)],
    };
    return;
  }
  const rules = [...outer, ...ownRules(folder, entries)];
  for (const entry of entries.sort((a, b) => (a.name < b.name ? -1 : 1))) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) {
      if (!PASSED_OVER.has(entry.name) && !isIgnored(`${path}${sep}`, rules)) yield* below(path, rules, seen);
    } else if ((entry.isFile() || entry.isSymbolicLink()) && !isIgnored(path, rules)) {
      const result = await readFound(path, seen);
      if (result !== undefined) yield result;
    }
  }
}

function ownRules(folder: string, entries: readonly Dirent[]): IgnoreRules[] {
  if (!entries.some((entry) => entry.name === '.gitignore' && entry.isFile())) return [];
  return [{ folder, rules: ignore().add(readFileSync(join(folder, '.gitignore'), 'utf8')) }];
}

function isIgnored(path: string, rules: readonly IgnoreRules[]): boolean {
  let isOut = false;
  for (const { folder, rules: own } of rules) {
    const inside = relative(folder, path) + (path.endsWith(sep) ? '/' : '');
    const { ignored, unignored } = own.test(inside.replaceAll(sep, '/'));
    isOut = ignored || (isOut && !unignored);
  }
  return isOut;
}

/** A file as text; undefined for one that is none, such as an image, a pipe or a link to a folder. */
async function readFound(path: string, seen: SeenFiles): Promise<ReadResult | undefined> {
  try {
    const reached = await stat(path);
    if (!reached.isFile() || reached.size === 0 || !seen.isNew(reached)) return undefined;
    if (reached.size > BYTE_LIMIT)
      return {
        source: undefined,
        problems: [
          problem(path, `expected at most ${BYTE_LIMIT} bytes, this has ${reached.size}; it is passed over`),
        ],
      };
    const file = await open(path);
    try {
      const start = Buffer.alloc(Math.min(LOOKED_AT, reached.size));
      await file.read(start, 0, start.length, 0);
      if (start.includes(0)) return undefined;
      return { source: decodeText(path, await file.readFile()).source, problems: [] };
    } finally {
      await file.close();
    }
  } catch (error) {
    return {
      source: undefined,
      problems: [problem(path, `expected a file that can be read: ${systemReason(error)}`)],
    };
  }
}

function problem(source: string, message: string): Problem {
  return { code: 'not-readable', message, place: null, source, consequence: 'partly-read' };
}

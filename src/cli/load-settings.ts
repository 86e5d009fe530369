import { realpath } from 'node:fs/promises';
import { dirname, isAbsolute, join, relative, resolve, sep } from 'node:path';
import {
  DEFAULT_SETTINGS,
  type Place,
  type Problem,
  readSettings,
  SETTINGS_FILE,
  type Settings,
} from 'dabbawala';
import { findFileUpwards, readFoundFile, readSourceFile } from 'dabbawala/node';

/** The settings that count for one call of the command. */
export interface LoadedSettings {
  readonly settings: Settings;
  /** The sources of the other programs of the family, by paths that can be read from here. */
  readonly family: readonly string[];
  readonly problems: readonly Problem[];
}

/** Reads the file given, or else the nearest one from the working directory upwards; `false` is none. */
export async function loadSettings(given: string | false | undefined): Promise<LoadedSettings> {
  const found = given ?? (await nearestFile());
  if (found === false || found === undefined) return { settings: DEFAULT_SETTINGS, family: [], problems: [] };
  const file = given === undefined ? await readFoundFile(found) : await readSourceFile(found);
  if (file.source === undefined) return { settings: DEFAULT_SETTINGS, family: [], problems: file.problems };
  const { settings, problems } = readSettings(file.source);
  const family: string[] = [];
  const outside: Problem[] = [];
  for (const { value, place } of settings.family) {
    const path = isAbsolute(value) ? value : join(dirname(found), value);
    if (await isBelow(path, dirname(found))) family.push(path);
    else outside.push(outsideProblem(value, place, found));
  }
  return { settings, family, problems: [...file.problems, ...problems, ...outside] };
}

/** Its path as seen from the working directory, so that no message shows where the directory lies. */
async function nearestFile(): Promise<string | undefined> {
  const path = await findFileUpwards(SETTINGS_FILE, '.');
  return path === undefined ? undefined : relative('.', path);
}

/** Whether a path, all links followed, lies in a folder; true where nothing is there, which reading it will tell. */
async function isBelow(path: string, folder: string): Promise<boolean> {
  try {
    const from = relative(await realpath(folder), await realpath(path));
    return from !== '..' && !from.startsWith(`..${sep}`) && !isAbsolute(from);
  } catch {
    return !relative(resolve(folder), resolve(path)).startsWith('..');
  }
}

function outsideProblem(path: string, place: Place, source: string): Problem {
  const message = `'${path}' lies outside the folder of the settings and is not read; to compare with it, give it as a SOURCE`;
  return { code: 'family-outside', message, place, source, consequence: 'partly-read' };
}

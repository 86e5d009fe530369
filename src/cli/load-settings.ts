import { realpath } from 'node:fs/promises';
import { dirname, isAbsolute, join, relative, resolve, sep } from 'node:path';
import {
  CATALOGUE,
  type Check,
  DEFAULT_SETTINGS,
  type Place,
  type Problem,
  readSettings,
  SETTINGS_FILE,
  type Settings,
} from 'dabbawala';
import type { Fact } from 'dabbawala/model';
import { findFileUpwards, loadChecks, readFoundFile, readSourceFile } from 'dabbawala/node';

/** The settings of one call of the command. */
export interface LoadedSettings {
  readonly settings: Settings;
  /** The sources of the other programs of the family, by paths that can be read from here. */
  readonly family: readonly string[];
  /** The file with accepted findings, by a path that can be read from here; undefined where none is named. */
  readonly accepted: string | undefined;
  /** The catalogue, and the checks of modules that the user named. */
  readonly checks: readonly Check[];
  readonly problems: readonly Problem[];
}

/**
 * Reads the file given, or else the nearest one from the working directory upwards; `false` is none. The checks of `modules` are loaded, and those of a
 * file that was given: a file that was only found may be a stranger's, and nothing of it is run.
 */
export async function loadSettings(
  given: string | false | undefined,
  modules: readonly string[] = [],
): Promise<LoadedSettings> {
  const found = given ?? (await nearestFile());
  const file =
    found === false || found === undefined
      ? undefined
      : given === undefined
        ? await readFoundFile(found)
        : await readSourceFile(found);
  if (found === false || found === undefined || file?.source === undefined) {
    const own = await loadChecks(modules);
    const problems = [...(file?.problems ?? []), ...own.problems];
    return {
      settings: DEFAULT_SETTINGS,
      family: [],
      accepted: undefined,
      checks: [...CATALOGUE, ...own.checks],
      problems,
    };
  }
  // The names of checks that levels are set for are known only when their modules are loaded.
  const named = readSettings(file.source).settings.checks;
  const paths = given === undefined ? [] : named.map(({ value }) => resolve(dirname(found), value));
  const own = await loadChecks([...modules, ...paths]);
  const checks = [...CATALOGUE, ...own.checks];
  const { settings, problems } = readSettings(file.source, checks);
  const notRun = given === undefined ? named.map(({ place }) => notRunProblem(place, found)) : [];
  const family: string[] = [];
  const outside: Problem[] = [];
  const pathOf = async ({ value, place }: Fact<string>): Promise<string | undefined> => {
    const path = isAbsolute(value) ? value : join(dirname(found), value);
    if (await isBelow(path, dirname(found))) return path;
    outside.push(outsideProblem(value, place, found));
    return undefined;
  };
  for (const one of settings.family) {
    const path = await pathOf(one);
    if (path !== undefined) family.push(path);
  }
  const accepted = settings.accepted === undefined ? undefined : await pathOf(settings.accepted);
  const all = [...file.problems, ...own.problems, ...problems, ...notRun, ...outside];
  return { settings, family, accepted, checks, problems: all };
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

function notRunProblem(place: Place, source: string): Problem {
  const message =
    'checks from a settings file that was found, not named, are not run; name the file with --settings';
  return { code: 'checks-not-run', message, place, source, consequence: 'partly-read' };
}

function outsideProblem(path: string, place: Place, source: string): Problem {
  const message = `'${path}' is outside the folder of the settings file and is not read; give it on the command line instead`;
  return { code: 'path-outside', message, place, source, consequence: 'partly-read' };
}

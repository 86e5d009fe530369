import { dirname, isAbsolute, join, relative } from 'node:path';
import { DEFAULT_SETTINGS, type Problem, readSettings, SETTINGS_FILE, type Settings } from 'dabbawala';
import { findFileUpwards, readSourceFile } from 'dabbawala/node';

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
  const file = await readSourceFile(found);
  if (file.source === undefined) return { settings: DEFAULT_SETTINGS, family: [], problems: file.problems };
  const { settings, problems } = readSettings(file.source);
  return {
    settings,
    family: settings.family.map(({ value }) => (isAbsolute(value) ? value : join(dirname(found), value))),
    problems: [...file.problems, ...problems],
  };
}

/** Its path as seen from the working directory, so that no message shows where the directory lies. */
async function nearestFile(): Promise<string | undefined> {
  const path = await findFileUpwards(SETTINGS_FILE, '.');
  return path === undefined ? undefined : relative('.', path);
}

import {
  applySettings,
  type Check,
  extendInterface,
  joinInterfaces,
  type Problem,
  readSource,
  type Settings,
  type SourceSettings,
} from 'dabbawala';
import { type Interface, overrideRules, type SourceKind, stated } from 'dabbawala/model';
import { type ReadResult, readFoundFile, readSourceFile, readSourceStream } from 'dabbawala/node';
import { overrideParser } from 'dabbawala/parsers';
import type { Io } from './io.ts';
import { loadSettings } from './load-settings.ts';
import { reportError, reportProblem } from './report-problem.ts';
import type { SourceOptions } from './source-options.ts';

/** What the sources on a command line came to. */
export interface ReadSources {
  readonly interfaces: readonly Interface[];
  readonly problems: readonly Problem[];
  /** Whether a source could not be used, or says something that it may not. */
  readonly unusable: boolean;
}

/** What the sources came to with their settings. */
export interface SettledSources extends ReadSources {
  readonly settings: Settings;
  /** The catalogue, and the checks of modules that the user named. */
  readonly checks: readonly Check[];
  /** The file with accepted findings that the settings name. */
  readonly accepted: string | undefined;
  /** Other programs of the family that the settings name. */
  readonly family: readonly Interface[];
}

/**
 * Reads sources, `-` being standard input, and the extensions that are installed beside them; reports their problems, joins what is
 * of one program, and gives all the parsing rules of the settings and, before those, of the command line.
 */
export async function readGiven(
  names: readonly string[],
  {
    kind,
    program,
    command,
    parser,
    rule,
    trust,
    with: extensions = [],
    settings: given,
    checks,
  }: SourceOptions,
  io: Io,
): Promise<SettledSources> {
  const loaded = await loadSettings(given, checks);
  for (const problem of loaded.problems) reportProblem(problem, io);
  const read = await readWithExtensions(names, extensions, { kind, program, command }, trust, io);
  const applied = applySettings(read.interfaces, loaded.settings);
  for (const problem of applied.problems) reportProblem(problem, io);
  const family = await readFamily(loaded.family, names, io);
  const problems = [...loaded.problems, ...read.problems, ...applied.problems, ...family.problems];
  return {
    interfaces: applied.interfaces.map((cli) => {
      const parsed = parser === undefined ? cli : overrideParser(cli, stated([parser], null));
      return rule === undefined ? parsed : overrideRules(parsed, rule);
    }),
    problems,
    unusable: read.unusable || problems.some(isGrave),
    settings: loaded.settings,
    accepted: loaded.accepted,
    checks: loaded.checks,
    family: family.interfaces,
  };
}

/** The sources of the family that are not given themselves. */
async function readFamily(family: readonly string[], given: readonly string[], io: Io): Promise<ReadSources> {
  return readSources(
    family.filter((name) => !given.includes(name)),
    {},
    undefined,
    io,
    readFoundFile,
  );
}

/** Reads sources, reports their problems, and joins those of one program. */
async function readSources(
  names: readonly string[],
  settings: SourceSettings,
  trusted: SourceKind | undefined,
  io: Io,
  readFile: (name: string) => Promise<ReadResult> = readSourceFile,
): Promise<ReadSources> {
  const interfaces: Interface[] = [];
  const problems: Problem[] = [];
  for (const name of names) {
    const read = name === '-' ? await readSourceStream('-', io.stdin) : await readFile(name);
    for (const one of read.problems) problems.push(one);
    if (read.source === undefined) continue;
    const reading = readSource(read.source, settings);
    for (const one of reading.problems) problems.push(one);
    if (reading.interface !== undefined) interfaces.push(reading.interface);
  }
  for (const problem of problems) reportProblem(problem, io);
  return { interfaces: joinInterfaces(interfaces, trusted), problems, unusable: problems.some(isGrave) };
}

function isGrave({ consequence }: Problem): boolean {
  return consequence !== 'partly-read';
}

/** Reads sources with the extensions that are installed beside them; an extension must name one of the programs. */
async function readWithExtensions(
  names: readonly string[],
  extensionNames: readonly string[],
  settings: SourceSettings,
  trusted: SourceKind | undefined,
  io: Io,
): Promise<ReadSources> {
  const base = await readSources(names, settings, trusted, io);
  if (extensionNames.length === 0) return base;
  const extensions = await readSources(extensionNames, {}, undefined, io);
  let { interfaces } = base;
  let unusable = base.unusable || extensions.unusable;
  for (const extension of extensions.interfaces) {
    const extended = extension.extends?.value;
    if (extended === undefined || !interfaces.some((cli) => cli.program.value === extended)) {
      const source = extension.sources[0]?.source.name ?? '';
      const found = extended === undefined ? 'it extends none' : `it extends '${extended}'`;
      reportError(
        `${source}: expected an extension of one of the programs read, by the key 'extends'; ${found}`,
        io,
      );
      unusable = true;
      continue;
    }
    interfaces = interfaces.map((cli) =>
      cli.program.value === extended ? extendInterface(cli, extension) : cli,
    );
  }
  return { interfaces, problems: [...base.problems, ...extensions.problems], unusable };
}

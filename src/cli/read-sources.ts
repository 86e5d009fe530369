import {
  applySettings,
  type Check,
  extendInterface,
  joinInterfaces,
  type Problem,
  readSource,
  type Settings,
  type Source,
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

/** What is read again of sources that were edited; undefined where they can no longer be read. */
export type ReadAgain = (texts: ReadonlyMap<Source, string>) => readonly Interface[] | undefined;

/** What the sources came to with their settings. */
export interface SettledSources extends ReadSources {
  readonly settings: Settings;
  /** The catalogue, and the checks of modules that the user named. */
  readonly checks: readonly Check[];
  /** The file with accepted findings that the settings name. */
  readonly accepted: string | undefined;
  /** Other programs of the family that the settings name. */
  readonly family: readonly Interface[];
  /** What they would come to with other texts. */
  readonly again: ReadAgain;
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
  const base = await readFiles(names, io, readSourceFile);
  const added = await readFiles(extensions, io, readSourceFile);
  const settle = (texts: ReadonlyMap<Source, string>) => {
    const own = interfacesOf(withTexts(base.sources, texts), { kind, program, command }, trust);
    const extending = interfacesOf(withTexts(added.sources, texts), {}, undefined);
    const extended = withExtensions(own.interfaces, extending.interfaces);
    const applied = applySettings(extended.interfaces, loaded.settings);
    const interfaces = applied.interfaces.map((cli) => {
      const parsed = parser === undefined ? cli : overrideParser(cli, stated([parser], null));
      return rule === undefined ? parsed : overrideRules(parsed, rule);
    });
    return {
      interfaces,
      read: [...own.problems, ...extending.problems],
      applied: applied.problems,
      refused: extended.refused,
    };
  };
  const { interfaces, read, applied, refused } = settle(new Map());
  for (const problem of [...read, ...applied]) reportProblem(problem, io);
  for (const message of refused) reportError(message, io);
  const family = await readFamily(loaded.family, names, io);
  const problems = [
    ...loaded.problems,
    ...base.problems,
    ...added.problems,
    ...read,
    ...applied,
    ...family.problems,
  ];
  return {
    interfaces,
    problems,
    unusable: refused.length > 0 || problems.some(isGrave),
    settings: loaded.settings,
    accepted: loaded.accepted,
    checks: loaded.checks,
    family: family.interfaces,
    again: (texts) => {
      const settled = settle(texts);
      return settled.read.length > read.length ? undefined : settled.interfaces;
    },
  };
}

/** The sources of the family that are not given themselves. */
async function readFamily(family: readonly string[], given: readonly string[], io: Io): Promise<ReadSources> {
  const files = await readFiles(
    family.filter((name) => !given.includes(name)),
    io,
    readFoundFile,
  );
  const { interfaces, problems } = interfacesOf(files.sources, {}, undefined);
  for (const problem of problems) reportProblem(problem, io);
  const all = [...files.problems, ...problems];
  return { interfaces, problems: all, unusable: all.some(isGrave) };
}

interface ReadFiles {
  readonly sources: readonly Source[];
  readonly problems: readonly Problem[];
}

/** The texts of files, `-` being standard input; tells of those that cannot be read. */
async function readFiles(
  names: readonly string[],
  io: Io,
  readFile: (name: string) => Promise<ReadResult>,
): Promise<ReadFiles> {
  const sources: Source[] = [];
  const problems: Problem[] = [];
  for (const name of names) {
    const read = name === '-' ? await readSourceStream('-', io.stdin) : await readFile(name);
    for (const problem of read.problems) {
      reportProblem(problem, io);
      problems.push(problem);
    }
    if (read.source !== undefined) sources.push(read.source);
  }
  return { sources, problems };
}

function withTexts(sources: readonly Source[], texts: ReadonlyMap<Source, string>): Source[] {
  return sources.map((source) => {
    const text = texts.get(source);
    return text === undefined ? source : { name: source.name, text };
  });
}

/** What sources say, those of one program joined. */
function interfacesOf(
  sources: readonly Source[],
  settings: SourceSettings,
  trusted: SourceKind | undefined,
): { readonly interfaces: readonly Interface[]; readonly problems: readonly Problem[] } {
  const readings = sources.map((source) => readSource(source, settings));
  return {
    interfaces: joinInterfaces(
      readings.flatMap((reading) => reading.interface ?? []),
      trusted,
    ),
    problems: readings.flatMap(({ problems }) => problems),
  };
}

function isGrave({ consequence }: Problem): boolean {
  return consequence !== 'partly-read';
}

/** Programs with the extensions that are installed beside them; an extension must name one of the programs. */
function withExtensions(
  programs: readonly Interface[],
  extensions: readonly Interface[],
): { readonly interfaces: readonly Interface[]; readonly refused: readonly string[] } {
  let interfaces = programs;
  const refused: string[] = [];
  for (const extension of extensions) {
    const extended = extension.extends?.value;
    if (extended === undefined || !interfaces.some((cli) => cli.program.value === extended)) {
      const source = extension.sources[0]?.source.name ?? '';
      const found = extended === undefined ? 'it extends none' : `it extends '${extended}'`;
      refused.push(
        `${source}: expected an extension of one of the programs read, by the key 'extends'; ${found}`,
      );
      continue;
    }
    interfaces = interfaces.map((cli) =>
      cli.program.value === extended ? extendInterface(cli, extension) : cli,
    );
  }
  return { interfaces, refused };
}

import {
  extendInterface,
  type Interface,
  joinInterfaces,
  type Problem,
  readSource,
  type SourceSettings,
} from 'dabbawala';
import { readSourceFile, readSourceStream } from 'dabbawala/node';
import type { Io } from './io.ts';
import { reportError, reportProblem } from './report-problem.ts';

/** What the sources on a command line came to. */
export interface ReadSources {
  readonly interfaces: readonly Interface[];
  readonly problems: readonly Problem[];
  /** Whether a source could not be used, or says something that it may not. */
  readonly unusable: boolean;
}

/** Reads sources, `-` being standard input, reports their problems, and joins those of one program. */
export async function readSources(
  names: readonly string[],
  settings: SourceSettings,
  io: Io,
): Promise<ReadSources> {
  const interfaces: Interface[] = [];
  const problems: Problem[] = [];
  for (const name of names) {
    const read = name === '-' ? await readSourceStream('-', io.stdin) : await readSourceFile(name);
    problems.push(...read.problems);
    if (read.source === undefined) continue;
    const reading = readSource(read.source, settings);
    problems.push(...reading.problems);
    if (reading.interface !== undefined) interfaces.push(reading.interface);
  }
  for (const problem of problems) reportProblem(problem, io);
  return {
    interfaces: joinInterfaces(interfaces),
    problems,
    unusable: problems.some((problem) => problem.consequence !== 'partly-read'),
  };
}

/** Reads sources with the extensions that are installed beside them; an extension must name one of the programs. */
export async function readWithExtensions(
  names: readonly string[],
  extensionNames: readonly string[],
  settings: SourceSettings,
  io: Io,
): Promise<ReadSources> {
  const base = await readSources(names, settings, io);
  if (extensionNames.length === 0) return base;
  const extensions = await readSources(extensionNames, {}, io);
  let { interfaces } = base;
  let unusable = base.unusable || extensions.unusable;
  for (const extension of extensions.interfaces) {
    const extended = extension.extends?.value;
    if (extended === undefined || !interfaces.some((from) => from.program.value === extended)) {
      const source = extension.sources[0]?.source.name ?? '';
      const found = extended === undefined ? 'it extends none' : `it extends '${extended}'`;
      reportError(
        `${source}: expected an extension of one of the programs read, by the key 'extends'; ${found}`,
        io,
      );
      unusable = true;
      continue;
    }
    interfaces = interfaces.map((from) =>
      from.program.value === extended ? extendInterface(from, extension) : from,
    );
  }
  return { interfaces, problems: [...base.problems, ...extensions.problems], unusable };
}

import { type HelpSettings, type Interface, joinInterfaces, type Problem, readHelp } from 'dabbawala';
import { readSourceFile, readSourceStream } from 'dabbawala/node';
import type { Io } from './io.ts';
import { reportProblem } from './report-problem.ts';

/** What the sources on a command line came to. */
export interface ReadSources {
  readonly interfaces: readonly Interface[];
  readonly problems: readonly Problem[];
  /** Whether a source could not be used. */
  readonly unusable: boolean;
}

/** Reads sources, `-` being standard input, reports their problems, and joins those of one program. */
export async function readSources(
  names: readonly string[],
  settings: HelpSettings,
  io: Io,
): Promise<ReadSources> {
  const interfaces: Interface[] = [];
  const problems: Problem[] = [];
  for (const name of names) {
    const read = name === '-' ? await readSourceStream('-', io.stdin) : await readSourceFile(name);
    problems.push(...read.problems);
    if (read.source === undefined) continue;
    const reading = readHelp(read.source, settings);
    problems.push(...reading.problems);
    if (reading.interface !== undefined) interfaces.push(reading.interface);
  }
  for (const problem of problems) reportProblem(problem, io);
  return {
    interfaces: joinInterfaces(interfaces),
    problems,
    unusable: problems.some((problem) => problem.consequence === 'unusable'),
  };
}

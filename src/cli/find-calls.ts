import { inFile, type Problem, type Source } from 'dabbawala';
import { type CallersFound, findCallers, type Invocation } from 'dabbawala/analysis';
import type { Interface } from 'dabbawala/model';
import { callerFiles } from 'dabbawala/node';
import type { Io } from './io.ts';
import { reportProblem } from './report-problem.ts';

/** The calls of a program in files and folders, with how far that has come told on the way. Each of `words` is words that call it beside its name. */
export async function findCalls(
  paths: readonly string[],
  cli: Interface,
  words: readonly string[],
  io: Io,
): Promise<{ readonly found: CallersFound; readonly isUnusable: boolean }> {
  const calledAs = calledAsWords(words);
  const invocations: Invocation[] = [];
  const all: Problem[] = [];
  let looked = 0;
  let files = 0;
  let isUnusable = false;
  for await (const { source, problems } of callerFiles(paths)) {
    io.showProgress?.(`${++files} files, ${invocations.length} calls`);
    for (const problem of problems) {
      reportProblem(problem, io);
      isUnusable ||= problem.consequence === 'unusable';
    }
    if (source === undefined) continue;
    const found = findCallers([source], cli, { calledAs });
    for (const problem of found.problems) {
      reportProblem(problem, io);
      all.push(problem);
    }
    for (const invocation of found.invocations) invocations.push(invocation);
    looked += found.looked;
  }
  io.showProgress?.(undefined);
  return { found: { invocations, looked, problems: all }, isUnusable };
}

/** The calls of each of some programs in files and folders. */
export async function findCallsOf(
  interfaces: readonly Interface[],
  paths: readonly string[],
  words: readonly string[],
  io: Io,
): Promise<{ readonly callers: readonly Invocation[]; readonly isUnusable: boolean }> {
  const all = [];
  for (const cli of paths.length === 0 ? [] : interfaces) all.push(await findCalls(paths, cli, words, io));
  return {
    callers: all.flatMap(({ found }) => found.invocations),
    isUnusable: all.some(({ isUnusable }) => isUnusable),
  };
}

/** Calls with those found again that stand in files with other texts. */
export function callersAgain(
  callers: readonly Invocation[],
  texts: ReadonlyMap<Source, string>,
  interfaces: readonly Interface[],
  words: readonly string[],
): Invocation[] {
  const fileOf = ({ place }: Invocation) => inFile(place).source;
  const calledAs = calledAsWords(words);
  const edited = [...texts].filter(([source]) => callers.some((one) => fileOf(one) === source));
  return [
    ...callers.filter((one) => !texts.has(fileOf(one))),
    ...interfaces.flatMap(
      (cli) =>
        findCallers(
          edited.map(([{ name }, text]) => ({ name, text })),
          cli,
          { calledAs },
        ).invocations,
    ),
  ];
}

function calledAsWords(words: readonly string[]): string[][] {
  return words.map((one) => one.split(/\s+/).filter((word) => word !== ''));
}

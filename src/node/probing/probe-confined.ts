import type { Interface } from '../../core/model/interface.ts';
import type { ProgramRunner } from '../running/program-runner.ts';
import { openRunFolders, type RunFolderSettings } from '../running/run-folders.ts';
import { findConfinement, NOBODY } from './confinement.ts';
import { type Probing, type ProbingSettings, probeProgram } from './probe-program.ts';

/** How a program ends that could not be run by the programs that confine it. */
const NOT_RUN = new Set([126, 127]);

/** Asks a program's parser what it accepts, with as few rights as the system lets us give it. `onRun` is told the words of each run. */
export async function probeConfined(
  known: Interface,
  runner: ProgramRunner,
  settings: RunFolderSettings & Pick<ProbingSettings, 'mostRuns' | 'parallel'>,
  onRun: (words: readonly string[]) => void,
  signal: AbortSignal | undefined,
): Promise<Pick<Probing, 'observations' | 'left'> & Partial<Probing>> {
  const user = process.getuid?.() === 0 ? NOBODY : undefined;
  const folders = await openRunFolders({ ...settings, user });
  if ('reason' in folders) return { observations: [], left: [`its parser was not asked: ${folders.reason}`] };
  try {
    const { words: before, kept } = await findConfinement(folders);
    const run = (words: readonly string[]) => {
      onRun(words);
      return runner.run(words, folders, before);
    };
    const first = await run(['--help']);
    if (before.length > 0 && NOT_RUN.has(first.status ?? 0))
      return {
        observations: [],
        left: [
          'its parser was not asked: a user without rights cannot run it; run dabbawala as another user than the superuser',
        ],
      };
    const probing = await probeProgram(known, run, (...shown) => runner.observation(...shown), {
      mostRuns: settings.mostRuns,
      parallel: settings.parallel,
      signal,
    });
    const notTaken =
      kept.length === 0
        ? []
        : [`${kept.join(' and ')} could not be taken from the program while its parser was asked`];
    return { ...probing, left: [...notTaken, ...probing.left] };
  } finally {
    await folders.close();
  }
}

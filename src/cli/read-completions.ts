import { detectShell, readCompletion, type Source } from 'dabbawala';
import { type CommandInventory, type Interface, type Inventory, SHELLS, type Shell } from 'dabbawala/model';
import { observeCompletion, readSourceFile } from 'dabbawala/node';
import type { Io } from './io.ts';
import { reportError, reportProblem } from './report-problem.ts';

/** What the completions given on a command line offer. */
export interface ReadCompletions {
  readonly inventories: readonly Inventory[];
  readonly unusable: boolean;
}

/**
 * Reads completion scripts of some programs, or lets real shells tell what they offer: with those scripts, or with what they find themselves where none
 * is given. A shell that is not on this machine is told and left out.
 */
export async function readCompletions(
  names: readonly string[],
  shells: readonly Shell[],
  isObserved: boolean,
  programs: readonly Interface[],
  io: Io,
): Promise<ReadCompletions> {
  const inventories: Inventory[] = [];
  let unusable = false;
  const signal = isObserved ? io.stopSignal() : undefined;
  const observe = async (shell: Shell, script: Parameters<typeof observeCompletion>[1]) => {
    for (const cli of programs) {
      if (signal?.aborted) return;
      io.showProgress?.(`asking ${shell}`);
      const found = await observeCompletion(shell, script, cli, { signal });
      io.showProgress?.(undefined);
      if ('commands' in found) inventories.push(found);
      else reportError(`${found.reason}, so what it offers is not judged`, io);
    }
  };
  for (const name of names) {
    const { source, problems } = await readSourceFile(name);
    for (const problem of problems) reportProblem(problem, io);
    if (source === undefined) {
      unusable = true;
      continue;
    }
    const shell = detectShell(source);
    if (shell === undefined) {
      reportError(
        `${name}: expected a completion script for ${SHELLS.join(', ')}; name it accordingly, such as tiffin.bash`,
        io,
      );
      unusable = true;
    } else if (shells.length > 0 && !shells.includes(shell)) {
    } else if (isObserved) await observe(shell, source);
    else {
      const read = programs.map(({ program }) => readCompletion(source, shell, program.value));
      // A script of one program says nothing of its siblings.
      const own = read.filter(({ commands, unread }) => commands.some(offersSomething) || unread.length > 0);
      for (const one of own.length > 0 ? own : read) inventories.push(one);
    }
  }
  if (names.length === 0 && isObserved)
    for (const shell of shells.length > 0 ? shells : SHELLS) await observe(shell, undefined);
  if (signal?.aborted) {
    reportError('stopped; what was asked so far is kept', io);
    unusable = true;
  }
  return { inventories, unusable };
}

/** Completions with those read again whose scripts have other texts. */
export function completionsAgain(
  inventories: readonly Inventory[],
  texts: ReadonlyMap<Source, string>,
): readonly Inventory[] {
  return inventories.map((inventory) => {
    const { source, shell, program, observed } = inventory;
    const text = source === undefined || observed ? undefined : texts.get(source);
    return source === undefined || text === undefined
      ? inventory
      : readCompletion({ name: source.name, text }, shell, program);
  });
}

function offersSomething({ options, operands, arguments: given }: CommandInventory): boolean {
  return options.length + operands.words.length + given.size > 0;
}

import type { RunFolders } from '../running/run-folders.ts';
import { runProgram } from '../running/run-program.ts';

/** How programs are kept from doing harm. */
export interface Confinement {
  /** The words before those of the program: other programs, each of which gives up a right and then runs the next. */
  readonly words: readonly string[];
  /** What could not be taken from the program, as the object of a sentence. */
  readonly kept: readonly string[];
}

/** The number of the user that owns nothing, and of its group, as Linux systems have them. */
export const NOBODY = 65_534;

/**
 * Finds out how programs can be confined here, with the small programs that Linux systems have for it: without network, as a user who owns
 * nothing where this process is the superuser's, and without rights from set-user-ID files. What the system does not allow is told. Never
 * throws.
 */
export async function findConfinement({ folder, environment }: RunFolders): Promise<Confinement> {
  const isSuperuser = process.getuid?.() === 0;
  const works = async (words: readonly string[]) => {
    const settings = { folder, environment, timeLimit: 5000, outputLimit: 1000 };
    const run = await runProgram([...words, 'true'], settings);
    return run.end === 'exit' && run.status === 0;
  };
  // Who has no rights makes a name space of users first, in which it may have its own network.
  const network = ['unshare', '--net', ...(isSuperuser ? [] : ['--map-current-user']), '--'];
  const asNobody = [`--reuid=${NOBODY}`, `--regid=${NOBODY}`, '--clear-groups'];
  const rights = ['setpriv', '--no-new-privs', ...(isSuperuser ? asNobody : []), '--'];
  const withoutNetwork = (await works(network)) ? network : [];
  const withoutRights = (await works([...withoutNetwork, ...rights])) ? rights : [];
  return {
    words: [...withoutNetwork, ...withoutRights],
    kept: [
      ...(withoutNetwork.length > 0 ? [] : ['the network']),
      ...(withoutRights.length > 0
        ? []
        : [isSuperuser ? 'the rights of the superuser' : 'rights from set-user-ID files']),
    ],
  };
}
